package io.isokinet.server.unit;

import io.isokinet.server.account.MayPlan;
import io.isokinet.server.account.MayRead;
import io.isokinet.server.account.Subject;
import io.isokinet.server.account.Teams;
import io.isokinet.server.unit.UnitController.LessonBody;
import io.isokinet.server.unit.UnitFiles.ArrivalForm;
import io.isokinet.server.unit.UnitFiles.ArrivalView;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** A unit as a file or a calendar, and new units from a file or from another unit. */
@RestController
@RequestMapping("/api")
class UnitFileController {
    private final UnitFiles files;
    private final Teams teams;

    UnitFileController(UnitFiles files, Teams teams) {
        this.files = files;
        this.teams = teams;
    }

    record CopyBody(
            @NotNull UUID id,
            @NotNull UUID classId,
            @Nullable String title,
            @NotNull List<@Valid LessonBody> lessons) {
        ArrivalForm toForm() {
            return form(classId, title, lessons);
        }
    }

    /** @param file the text of a unit's file */
    record TakenFileBody(
            @NotNull UUID classId,
            @Nullable String title,
            @NotNull List<@Valid LessonBody> lessons,
            @NotBlank String file) {}

    private static ArrivalForm form(UUID classId, @Nullable String title, List<LessonBody> lessons) {
        return new ArrivalForm(
                classId,
                title == null ? "" : title,
                lessons.stream().map(LessonBody::toForm).toList());
    }

    @GetMapping("/units/{id}/unit.json")
    @MayRead(of = Subject.UNIT)
    ResponseEntity<UnitFile> file(@PathVariable UUID id) {
        UnitFile file = files.file(id);
        return ResponseEntity.ok()
                .header(HttpHeaders.CONTENT_DISPOSITION, as(file.title() + ".unit.json"))
                .body(file);
    }

    @GetMapping(value = "/units/{id}/lessons.ics", produces = "text/calendar")
    @MayRead(of = Subject.UNIT)
    ResponseEntity<String> calendar(@PathVariable UUID id) {
        return ResponseEntity.ok()
                .header(HttpHeaders.CONTENT_DISPOSITION, as("lessons.ics"))
                .contentType(new MediaType("text", "calendar", StandardCharsets.UTF_8))
                .body(files.calendar(id));
    }

    /** The published shape of a unit's file, as JSON Schema. */
    @GetMapping(value = "/formats/unit.schema.json", produces = MediaType.APPLICATION_JSON_VALUE)
    @MayRead
    String schema() {
        return UnitFile.schemaText();
    }

    @PutMapping("/units/{id}/file")
    @MayPlan(of = Subject.UNIT)
    ArrivalView take(@PathVariable UUID id, @Valid @RequestBody TakenFileBody body) {
        teams.require(body.classId());
        return files.take(id, body.file(), form(body.classId(), body.title(), body.lessons()));
    }

    @PostMapping("/units/{id}/copies")
    @MayPlan(of = Subject.UNIT)
    ArrivalView copy(@PathVariable UUID id, @Valid @RequestBody CopyBody body) {
        teams.require(body.classId());
        return files.copy(id, body.id(), body.toForm());
    }

    private static String as(String name) {
        return ContentDisposition.attachment()
                .filename(name, StandardCharsets.UTF_8)
                .build()
                .toString();
    }
}
