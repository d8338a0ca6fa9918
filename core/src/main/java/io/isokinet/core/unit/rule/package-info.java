/** The rules of a unit, one small class each. */
@NullMarked
package io.isokinet.core.unit.rule;

import org.jspecify.annotations.NullMarked;
