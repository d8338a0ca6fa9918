/** Cautions by activity, place, age and kit. */
@NullMarked
package io.isokinet.core.safety;

import org.jspecify.annotations.NullMarked;
