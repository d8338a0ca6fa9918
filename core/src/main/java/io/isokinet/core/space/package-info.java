/** How much floor a formation takes; knows counts, never children. */
@NullMarked
package io.isokinet.core.space;

import org.jspecify.annotations.NullMarked;
