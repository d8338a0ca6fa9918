/** The planning problem, its reading, its rules, and the planner's interface. */
@NullMarked
package io.isokinet.core.unit;

import org.jspecify.annotations.NullMarked;
