package io.isokinet.server.school;

import io.isokinet.core.quantity.Side;
import io.isokinet.core.skill.Action;
import io.isokinet.server.school.Classes.ChildForm;
import io.isokinet.server.school.Classes.ClassLine;
import io.isokinet.server.school.Classes.ClassView;
import io.isokinet.server.school.Classes.NewChild;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api")
class ClassController {
    private final Schools schools;
    private final Classes classes;

    ClassController(Schools schools, Classes classes) {
        this.schools = schools;
        this.classes = classes;
    }

    record ClassForm(
            @NotBlank(message = "is needed") String name,
            @NotNull(message = "is needed") Integer yearAge) {}

    /** @param names one child a line: given name, then family name */
    record NamesForm(@NotNull(message = "is needed") List<String> names) {}

    record ChildBody(
            @NotBlank(message = "is needed") String given,
            @Nullable String family,
            @NotNull(message = "is needed") Integer yearAge,
            @NotNull(message = "is needed") Map<Action, Side> sides) {}

    record CueFitForm(
            @NotBlank(message = "is needed") String cue,
            @NotNull(message = "is needed") CueFit fit) {}

    @GetMapping("/school")
    Schools.SchoolView school() {
        return schools.view();
    }

    @GetMapping("/classes")
    List<ClassLine> classes() {
        return classes.all();
    }

    @GetMapping("/classes/{id}")
    ResponseEntity<ClassView> schoolClass(@PathVariable UUID id) {
        return tagged(classes.view(id));
    }

    @PutMapping("/classes/{id}")
    ResponseEntity<ClassView> put(
            @PathVariable UUID id,
            @RequestHeader(name = "If-Match", required = false) @Nullable String ifMatch,
            @Valid @RequestBody ClassForm form) {
        return tagged(classes.put(id, form.name(), form.yearAge(), ifMatch));
    }

    @PostMapping("/classes/{id}/children")
    ClassView add(@PathVariable UUID id, @Valid @RequestBody NamesForm form) {
        int age = classes.view(id).yearAge();
        List<NewChild> newcomers = form.names().stream()
                .map(String::strip)
                .filter(n -> !n.isEmpty())
                .map(n -> {
                    String[] parts = n.split("\\s+", 2);
                    return new NewChild(parts[0], parts.length > 1 ? parts[1] : "", age, Map.of(), null);
                })
                .toList();
        classes.add(id, newcomers);
        return classes.view(id);
    }

    @DeleteMapping("/classes/{id}/children/{childId}")
    ResponseEntity<Void> leave(@PathVariable UUID id, @PathVariable UUID childId) {
        classes.leave(id, childId);
        return ResponseEntity.noContent().build();
    }

    @PutMapping("/children/{id}")
    ChildView change(
            @PathVariable UUID id,
            @RequestHeader(name = "If-Match", required = false) @Nullable String ifMatch,
            @Valid @RequestBody ChildBody body) {
        String family = body.family() == null ? "" : body.family();
        return classes.change(id, new ChildForm(body.given(), family, body.yearAge(), body.sides()), ifMatch);
    }

    @PutMapping("/children/{id}/cue-fit")
    ResponseEntity<Void> fit(@PathVariable UUID id, @Valid @RequestBody CueFitForm form) {
        classes.fitCue(id, form.cue(), form.fit());
        return ResponseEntity.noContent().build();
    }

    private static ResponseEntity<ClassView> tagged(ClassView view) {
        return ResponseEntity.ok().eTag(String.valueOf(view.version())).body(view);
    }
}
