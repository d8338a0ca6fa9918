package io.isokinet.server.lesson;

import io.isokinet.core.activity.Activity;
import io.isokinet.core.knowhow.KnowHow;
import io.isokinet.core.lesson.Fit;
import io.isokinet.core.lesson.Fitter;
import io.isokinet.core.lesson.Shopping;
import io.isokinet.core.lesson.Shopping.Missing;
import io.isokinet.core.lesson.Shopping.Purchase;
import io.isokinet.core.lesson.Shopping.Use;
import io.isokinet.core.place.Place;
import io.isokinet.core.quantity.Age;
import io.isokinet.core.safety.Policy;
import io.isokinet.core.thing.Cupboard;
import io.isokinet.server.account.MayRead;
import io.isokinet.server.account.Subject;
import io.isokinet.server.account.Teams;
import io.isokinet.server.knowhow.KnowHows;
import io.isokinet.server.place.Spaces;
import io.isokinet.server.school.Classes;
import io.isokinet.server.school.Classes.ClassLine;
import io.isokinet.server.school.Classes.ClassView;
import io.isokinet.server.school.Schools;
import io.isokinet.server.unit.LessonHeader;
import io.isokinet.server.unit.LessonState;
import io.isokinet.server.unit.Lessons;
import java.time.LocalDate;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** What is missing for the lessons to come, and which purchase would change most. */
@RestController
@RequestMapping("/api")
class ShoppingController {
    private static final int WEEKS = 12;
    private static final int PURCHASES = 5;
    private final Lessons lessons;
    private final Teams teams;
    private final Schools schools;
    private final Classes classes;
    private final Spaces spaces;
    private final KnowHows knowHows;

    ShoppingController(
            Lessons lessons, Teams teams, Schools schools, Classes classes, Spaces spaces, KnowHows knowHows) {
        this.lessons = lessons;
        this.teams = teams;
        this.schools = schools;
        this.classes = classes;
        this.spaces = spaces;
        this.knowHows = knowHows;
    }

    /** @param lessons how many were looked at, from today on */
    record ListView(int lessons, LocalDate until, List<Missing> missing) {}

    /** For every lesson that is planned in the next twelve weeks. */
    @GetMapping("/shopping")
    @MayRead
    @Transactional(readOnly = true)
    public ListView list() {
        LocalDate today = schools.today();
        List<LessonHeader> listed = lessons.between(today, today.plusWeeks(WEEKS), teams.visible()).stream()
                .filter(l -> l.state() == LessonState.PLANNED)
                .toList();
        return new ListView(
                listed.size(),
                today.plusWeeks(WEEKS),
                Shopping.list(uses(listed), knowHows.cupboard(), knowHows.withOwnThings()));
    }

    /** From the headers alone: each activity is fitted once for each class and place, however many lessons have it. */
    private List<Use> uses(List<LessonHeader> listed) {
        Map<UUID, ClassLine> lines = new HashMap<>();
        classes.all().forEach(c -> lines.put(c.id(), c));
        Map<UUID, Place> places = new HashMap<>();
        spaces.all().forEach(s -> places.put(s.id(), s.toPlace()));
        Cupboard cupboard = knowHows.cupboard();
        Policy policy = schools.policy();
        Map<List<String>, KnowHow> editions = new HashMap<>();
        Map<Fitted, Use> uses = new HashMap<>();
        Map<Fitting, Fitter> fitters = new HashMap<>();
        for (LessonHeader lesson : listed) {
            KnowHow known = editions.computeIfAbsent(lesson.packs(), p -> knowHows.withOwnThings(knowHows.of(p)));
            ClassLine group = lines.get(lesson.classId());
            if (group == null) continue;
            Fitting fitting = new Fitting(lesson.packs(), group.yearAge(), group.children());
            Fitter fitter = fitters.computeIfAbsent(
                    fitting, f -> new Fitter(known, cupboard, new Age(f.age()), f.children(), policy));
            for (LessonHeader.Stretch s : lesson.stretches())
                uses.computeIfAbsent(new Fitted(fitting, lesson.spaceId(), s), f -> {
                    Activity activity = known.activity(s.activity());
                    Fit fit = fitter.fit(activity, s.setting(), places.get(lesson.spaceId()));
                    return new Use(
                            activity,
                            s.setting(),
                            group.children(),
                            fit instanceof Fit.Works works ? works.groups() : 1);
                });
        }
        return List.copyOf(uses.values());
    }

    private record Fitting(List<String> packs, int age, int children) {}

    private record Fitted(Fitting fitting, UUID space, LessonHeader.Stretch stretch) {}

    /** What limits a class most in a place. */
    @GetMapping("/classes/{id}/limits")
    @MayRead(of = Subject.CLASS)
    @Transactional(readOnly = true)
    public List<Purchase> limits(@PathVariable UUID id, @RequestParam UUID space) {
        ClassView group = classes.view(id);
        List<Activity> work = knowHows.current().activities().stream()
                .filter(Activity::worksOnSkill)
                .toList();
        return Shopping.limits(
                work,
                knowHows.withOwnThings(),
                knowHows.cupboard(),
                new Age(group.yearAge()),
                Math.max(1, group.children().size()),
                spaces.view(space).toPlace(),
                schools.policy(),
                PURCHASES);
    }
}
