/** What the records say to do next: whom to watch for what, who needs which cue, and whether to move on. */
@NullMarked
package io.isokinet.core.nextstep;

import org.jspecify.annotations.NullMarked;
