/** Fits one segment: groups, floor, kit, tries, time in motion and looks. */
@NullMarked
package io.isokinet.core.lesson;

import org.jspecify.annotations.NullMarked;
