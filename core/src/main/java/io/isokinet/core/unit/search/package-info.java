/** The search for a unit: what a planner is, a constructed start and the last polish. */
@NullMarked
package io.isokinet.core.unit.search;

import org.jspecify.annotations.NullMarked;
