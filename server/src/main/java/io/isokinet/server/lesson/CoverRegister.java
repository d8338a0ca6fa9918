package io.isokinet.server.lesson;

import io.isokinet.core.group.Member.TakesPart;
import io.isokinet.server.account.CoverCodes.Cover;
import io.isokinet.server.http.Ids;
import io.isokinet.server.record.Batch;
import io.isokinet.server.record.Recorder;
import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.time.Instant;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The register of whoever covers a lesson, in the name of who made the code for it. */
@Service
class CoverRegister {
    private final Sheets sheets;
    private final Recorder recorder;
    private final Clock clock;

    CoverRegister(Sheets sheets, Recorder recorder, Clock clock) {
        this.sheets = sheets;
        this.recorder = recorder;
        this.clock = clock;
    }

    /** @param away children of the lesson who are not there; everybody else is; who is not of the lesson is left out */
    @Transactional
    void take(Cover cover, Set<UUID> away) {
        Instant now = clock.instant();
        List<Batch.RegisterEntry> entries = sheets.work(cover.lesson()).view().roll().stream()
                .filter(c -> (c.takesPart() == TakesPart.AWAY) != away.contains(c.id()))
                .map(c -> new Batch.RegisterEntry(
                        Ids.next(),
                        cover.lesson(),
                        c.id(),
                        !away.contains(c.id()),
                        c.takesPart() == TakesPart.SITS_OUT,
                        now))
                .toList();
        if (entries.isEmpty()) return;
        UUID device = UUID.nameUUIDFromBytes(
                ("cover " + cover.lesson() + cover.by().person()).getBytes(StandardCharsets.UTF_8));
        recorder.take(new Batch(Ids.next(), device, now, List.of(), List.of(), entries, List.of()), cover.by());
    }
}
