/** Toss, roll, impact and layout arithmetic. */
@NullMarked
package io.isokinet.core.motion;

import org.jspecify.annotations.NullMarked;
