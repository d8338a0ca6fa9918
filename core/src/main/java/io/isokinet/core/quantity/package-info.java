/** Measured and counted values that carry their unit and their range. */
@NullMarked
package io.isokinet.core.quantity;

import org.jspecify.annotations.NullMarked;
