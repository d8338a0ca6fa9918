/** Scores as logs of events: what happened is written down, what it comes to is computed, and undo leaves the rest as it was. */
@NullMarked
package io.isokinet.core.score;

import org.jspecify.annotations.NullMarked;
