/** Halls and yards, and what an activity needs of them. */
@NullMarked
package io.isokinet.core.place;

import org.jspecify.annotations.NullMarked;
