/** Changes by hand to a plan; they go the same way as planned ones. */
@NullMarked
package io.isokinet.core.unit.edit;

import org.jspecify.annotations.NullMarked;
