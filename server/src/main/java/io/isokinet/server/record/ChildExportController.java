package io.isokinet.server.record;

import io.isokinet.server.account.Audit;
import io.isokinet.server.account.Audit.Act;
import io.isokinet.server.account.LeadOnly;
import io.isokinet.server.record.HitRecords.Hits;
import io.isokinet.server.record.LessonRecords.Attendance;
import io.isokinet.server.record.LessonRecords.Note;
import io.isokinet.server.record.Records.Observation;
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
    private final HitRecords hitRecords;
    private final LessonRecords lessonRecords;
    private final Records records;
    private final Audit audit;
    private final Clock clock;
    private final JsonMapper json;

    ChildExportController(
            Children children,
            HitRecords hitRecords,
            LessonRecords lessonRecords,
            Records records,
            Audit audit,
            Clock clock,
            JsonMapper json) {
        this.children = children;
        this.hitRecords = hitRecords;
        this.lessonRecords = lessonRecords;
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
            List<Observation> trials,
            List<Attendance> register,
            List<Hits> hits,
            List<Note> notes,
            List<LessonRecords.Count> counts,
            List<Records.TeacherCall> calls) {}

    /** A file to save, as JSON. */
    @GetMapping(value = "/api/children/{id}/export", produces = MediaType.APPLICATION_JSON_VALUE)
    @LeadOnly
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
                        lessonRecords.register(id),
                        hitRecords.hits(id),
                        lessonRecords.notes(id),
                        lessonRecords.counts(id),
                        records.calls(id)));
        audit.add(Act.DID, "exported everything about a child", "", id);
        return TableWriter.file("%s.json".formatted(file.child().name()), MediaType.APPLICATION_JSON, content);
    }
}
