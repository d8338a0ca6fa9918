/** The search for the best unit; everything it knows of units it asks the core. */
@NullMarked
package io.isokinet.planner;

import org.jspecify.annotations.NullMarked;
