/** How likely a try is to hit, from the spread of the aim. */
@NullMarked
package io.isokinet.core.aim;

import org.jspecify.annotations.NullMarked;
