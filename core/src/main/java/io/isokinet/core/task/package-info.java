/** An activity at one setting, with the things used, on the floor there, for one class: what all screens and computations read. */
@NullMarked
package io.isokinet.core.task;

import org.jspecify.annotations.NullMarked;
