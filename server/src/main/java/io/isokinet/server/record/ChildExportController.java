package io.isokinet.server.record;

import io.isokinet.server.account.Allowed;
import io.isokinet.server.account.Audit;
import io.isokinet.server.account.Audit.Act;
import io.isokinet.server.record.Records.Attended;
import io.isokinet.server.record.Records.Hits;
import io.isokinet.server.record.Records.Note;
import io.isokinet.server.record.Records.Seen;
import io.isokinet.server.school.Children;
import io.isokinet.server.school.Children.ChildFile;
import io.isokinet.server.table.TableWriter;
import java.time.Clock;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RestController;
import tools.jackson.databind.json.JsonMapper;

/** Everything that is kept about one child, for whoever has a right to it. */
@RestController
public class ChildExportController {
    private final Children children;
    private final Records records;
    private final Audit audit;
    private final Clock clock;
    private final JsonMapper json;

    ChildExportController(Children children, Records records, Audit audit, Clock clock, JsonMapper json) {
        this.children = children;
        this.records = records;
        this.audit = audit;
        this.clock = clock;
        this.json = json;
    }

    /** @param schema of this file; docs/formats/child.md says what stands in it */
    record ChildExport(
            int schema,
            Instant at,
            ChildFile file,
            List<Seen> trials,
            List<Attended> register,
            List<Hits> hits,
            List<Note> notes,
            List<Records.Count> counts,
            List<Records.Called> calls) {}

    /** A file to save, as JSON. */
    @GetMapping("/api/children/{id}/export")
    @Allowed
    @Transactional
    public ResponseEntity<byte[]> export(@PathVariable UUID id) {
        ChildFile file = children.file(id);
        Instant now = clock.instant();
        byte[] content = json.writerWithDefaultPrettyPrinter()
                .writeValueAsBytes(new ChildExport(
                        1,
                        now,
                        file,
                        records.allTrials(id),
                        records.register(id),
                        records.hits(id),
                        records.notes(id),
                        records.counts(id),
                        records.calls(id)));
        audit.add(Act.DID, "exported everything about a child", "", id);
        return TableWriter.file("%s.json".formatted(file.child().name()), MediaType.APPLICATION_JSON, content);
    }
}
