/** Trials, rules of mastery, marks and skill levels. */
@NullMarked
package io.isokinet.core.mastery;

import org.jspecify.annotations.NullMarked;
