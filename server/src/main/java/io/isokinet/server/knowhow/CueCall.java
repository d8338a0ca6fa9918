package io.isokinet.server.knowhow;

import io.isokinet.core.knowhow.KnowHow;
import io.isokinet.core.skill.Cue;

/** A cue as lists name it. */
record CueCall(String key, CueView.Mirrored call) {
    static CueCall of(Cue cue, KnowHow known) {
        return new CueCall(
                cue.key(),
                CueView.Mirrored.of(cue.call(), known.skill(cue.skill()).action()));
    }
}
