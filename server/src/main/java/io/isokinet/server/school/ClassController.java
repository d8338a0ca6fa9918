package io.isokinet.server.school;

import io.isokinet.core.quantity.Side;
import io.isokinet.core.skill.Action;
import io.isokinet.server.account.LeadOnly;
import io.isokinet.server.account.MayPlan;
import io.isokinet.server.account.MayRead;
import io.isokinet.server.account.Subject;
import io.isokinet.server.account.Teams;
import io.isokinet.server.http.IfMatch;
import io.isokinet.server.http.Tagged;
import io.isokinet.server.school.ChildPair.Wish;
import io.isokinet.server.school.Children.ChildFile;
import io.isokinet.server.school.Children.MovedUp;
import io.isokinet.server.school.Children.PairView;
import io.isokinet.server.school.Classes.ChildForm;
import io.isokinet.server.school.Classes.ClassForm;
import io.isokinet.server.school.Classes.ClassLine;
import io.isokinet.server.school.Classes.ClassView;
import io.isokinet.server.school.Classes.LeftClass;
import io.isokinet.server.school.Classes.NewChild;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.function.Predicate;
import org.jspecify.annotations.Nullable;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api")
class ClassController {
    private final Schools schools;
    private final Classes classes;
    private final Children children;
    private final Teams teams;

    ClassController(Schools schools, Classes classes, Children children, Teams teams) {
        this.schools = schools;
        this.classes = classes;
        this.children = children;
        this.teams = teams;
    }

    record ClassBody(
            @NotBlank String name,
            @NotNull Integer yearAge,
            @Nullable Integer changingMinutes,
            @Nullable Integer shoesMinutes) {}

    /** @param names one child a line: given name, then family name @param from the first day in the class; null for today */
    record NamesForm(@NotNull List<String> names, @Nullable LocalDate from) {}

    record ChildBody(
            @NotBlank String given,
            @Nullable String family,
            @NotNull Integer yearAge,
            @NotNull Map<Action, Side> sides) {}

    record CueFitForm(@NotBlank String cue, @NotNull CueFit fit) {}

    /** @param wish null for no wish any more */
    record PairForm(
            @NotNull UUID one,
            @NotNull UUID other,
            @Nullable Wish wish) {}

    record ChildMoveForm(@NotNull UUID to, @NotNull LocalDate from) {}

    record MoveUpForm(@NotNull LocalDate from, @NotNull List<UUID> leaving, boolean again) {}

    @GetMapping("/classes")
    @MayRead
    List<ClassLine> classes() {
        Predicate<UUID> visible = teams.visible();
        return classes.all().stream().filter(c -> visible.test(c.id())).toList();
    }

    @GetMapping("/classes/{id}")
    @MayRead(of = Subject.CLASS)
    ResponseEntity<ClassView> schoolClass(@PathVariable UUID id) {
        return tagged(classes.view(id));
    }

    @PutMapping("/classes/{id}")
    @MayPlan(of = Subject.CLASS)
    ResponseEntity<ClassView> put(@PathVariable UUID id, IfMatch version, @Valid @RequestBody ClassBody body) {
        int changing = body.changingMinutes() == null ? 0 : body.changingMinutes();
        int shoes = body.shoesMinutes() == null ? 0 : body.shoesMinutes();
        return tagged(classes.put(id, new ClassForm(body.name(), body.yearAge(), changing, shoes), version));
    }

    @GetMapping("/classes/left")
    @MayPlan
    List<LeftClass> left() {
        Predicate<UUID> visible = teams.visible();
        return classes.left().stream().filter(c -> visible.test(c.id())).toList();
    }

    @DeleteMapping("/classes/{id}")
    @MayPlan(of = Subject.CLASS)
    LeftClass leave(@PathVariable UUID id) {
        return classes.leave(id);
    }

    @PostMapping("/classes/{id}/back")
    @MayPlan(of = Subject.CLASS)
    ResponseEntity<ClassView> bringBack(@PathVariable UUID id) {
        return tagged(classes.bringBack(id));
    }

    @PostMapping("/classes/{id}/children")
    @MayPlan(of = Subject.CLASS)
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
        classes.add(id, newcomers, form.from() == null ? schools.today() : form.from());
        return classes.view(id);
    }

    /** @param last the last day in the class; yesterday if nothing is said */
    @DeleteMapping("/classes/{id}/children/{childId}")
    @MayPlan(of = Subject.CLASS)
    ResponseEntity<Void> leave(
            @PathVariable UUID id,
            @PathVariable UUID childId,
            @RequestParam(required = false) @Nullable LocalDate last) {
        children.leave(id, childId, last == null ? schools.today().minusDays(1) : last);
        return ResponseEntity.noContent().build();
    }

    @GetMapping("/classes/{id}/pairs")
    @MayPlan(of = Subject.CLASS)
    List<PairView> pairs(@PathVariable UUID id) {
        return children.pairs(
                classes.view(id).children().stream().map(ChildView::id).toList());
    }

    @PutMapping("/classes/{id}/pairs")
    @MayPlan(of = Subject.CLASS)
    List<PairView> pair(@PathVariable UUID id, @Valid @RequestBody PairForm form) {
        teams.require(Subject.CHILD, form.one());
        teams.require(Subject.CHILD, form.other());
        children.pair(form.one(), form.other(), form.wish());
        return pairs(id);
    }

    @GetMapping("/children/{id}")
    @MayPlan(of = Subject.CHILD)
    ChildFile file(@PathVariable UUID id) {
        return children.file(id);
    }

    @PutMapping("/children/{id}")
    @MayPlan(of = Subject.CHILD)
    ChildView change(@PathVariable UUID id, IfMatch version, @Valid @RequestBody ChildBody body) {
        String family = body.family() == null ? "" : body.family();
        return classes.change(id, new ChildForm(body.given(), family, body.yearAge(), body.sides()), version);
    }

    @PutMapping("/children/{id}/cue-fit")
    @MayPlan(of = Subject.CHILD)
    ResponseEntity<Void> fit(@PathVariable UUID id, @Valid @RequestBody CueFitForm form) {
        classes.fitCue(id, form.cue(), form.fit());
        return ResponseEntity.noContent().build();
    }

    /** Into another class from a day on. */
    @PostMapping("/children/{id}/moves")
    @MayPlan(of = Subject.CHILD)
    ChildFile move(@PathVariable UUID id, @Valid @RequestBody ChildMoveForm form) {
        teams.require(form.to());
        children.move(id, form.to(), form.from());
        return children.file(id);
    }

    /** For good: nobody can bring the name back. */
    @DeleteMapping("/children/{id}")
    @LeadOnly
    ResponseEntity<Void> erase(@PathVariable UUID id) {
        children.erase(id);
        return ResponseEntity.noContent().build();
    }

    @PostMapping("/school/move-up")
    @LeadOnly
    MovedUp moveUp(@Valid @RequestBody MoveUpForm form) {
        return children.moveUp(form.from(), form.leaving(), form.again());
    }

    private static ResponseEntity<ClassView> tagged(ClassView view) {
        return Tagged.of(view, view.version());
    }
}
