/** Skills, cues, cue sets, the crosswalk between sets, and mirroring by side. */
@NullMarked
package io.isokinet.core.skill;

import org.jspecify.annotations.NullMarked;
