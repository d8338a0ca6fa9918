package io.isokinet.server.knowhow;

import io.isokinet.core.activity.Activity;
import io.isokinet.core.group.Rotation;
import io.isokinet.core.kit.KitLine;
import io.isokinet.core.knowhow.KnowHow;
import io.isokinet.core.lesson.Fit;
import io.isokinet.core.lesson.Fitter;
import io.isokinet.core.place.Place;
import io.isokinet.core.quantity.Age;
import io.isokinet.core.quantity.Length;
import io.isokinet.core.safety.Caution;
import io.isokinet.core.safety.Policy;
import io.isokinet.core.thing.Cupboard;
import io.isokinet.core.thing.Item;
import io.isokinet.server.place.Spaces;
import io.isokinet.server.school.Schools;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** Whether activities suit a class, a place and the cupboard. */
@Component
class Suits {
    private static final int USUAL_CLASS = 27;
    private static final int PLENTY = 1000;
    /** Anything fits here. */
    private static final Place OPEN =
            new Place("open ground", new Length(100), new Length(80), null, Place.Floor.TARMAC, 60);

    private final KnowHows knowHows;
    private final Spaces spaces;
    private final Schools schools;

    Suits(KnowHows knowHows, Spaces spaces, Schools schools) {
        this.knowHows = knowHows;
        this.spaces = spaces;
        this.schools = schools;
    }

    /**
     * How an activity suits a class.
     *
     * @param formation groups in words
     * @param kit what is taken from the cupboard, in words
     * @param triesInTenMinutes of each child; 0 where nobody takes turns
     * @param reasons why it is so, or what is missing
     * @param rotations for each size of group, who plays which part in which turn; empty where there are no parts
     */
    record ForClass(
            boolean works,
            @Nullable String formation,
            List<String> kit,
            int triesInTenMinutes,
            int motionPercent,
            List<String> reasons,
            List<String> cautions,
            List<RotationView> rotations) {}

    /**
     * @param roles the parts of one child each
     * @param others what the rest of the group is; null where they watch and count
     * @param turns for each turn the child with each part, by place in the group from 0
     */
    record RotationView(
            int children, List<String> roles, @Nullable String others, List<List<Integer>> turns) {}

    ForClass forClass(Activity activity, int age, int children, @Nullable UUID space) {
        Place place = space == null ? OPEN : spaces.view(space).toPlace();
        Fit fit = new Fitter(knowHows.withOwnThings(), knowHows.cupboard(), new Age(age), children, schools.policy())
                .fit(activity, place);
        if (fit instanceof Fit.Fails fails)
            return new ForClass(false, null, List.of(), 0, 0, fails.reasons(), List.of(), List.of());
        Fit.Works works = (Fit.Works) fit;
        return new ForClass(
                works.cautions().stream().noneMatch(Caution::forbids),
                works.formation(),
                works.kit().stream().map(KitLine::words).toList(),
                works.milliTriesPerMinute() / 100,
                works.motionPercent(),
                works.reasons(),
                works.cautions().stream().map(Caution::sentence).toList(),
                works.sizes().stream()
                        .distinct()
                        .flatMap(size -> rotation(activity.conduct().roles(), size).stream())
                        .toList());
    }

    private static Optional<RotationView> rotation(List<String> parts, int children) {
        return Rotation.ofParts(parts, children)
                .map(r -> new RotationView(
                        children, r.roles(), Rotation.others(parts).orElse(null), r.turns()));
    }

    /**
     * Those that can be done.
     *
     * @param age null for the youngest that each is for
     * @param kit false for plenty of everything
     */
    List<Activity> those(
            List<Activity> activities,
            @Nullable Integer age,
            @Nullable Integer children,
            @Nullable UUID space,
            boolean kit) {
        Place place = space == null ? OPEN : spaces.view(space).toPlace();
        Cupboard cupboard = kit ? knowHows.cupboard() : plenty();
        KnowHow known = knowHows.withOwnThings();
        int count = children == null ? USUAL_CLASS : children;
        Policy policy = schools.policy();
        Map<Integer, Fitter> byAge = new LinkedHashMap<>();
        return activities.stream()
                .filter(a -> byAge.computeIfAbsent(
                                                age == null ? a.ageFrom() : age,
                                                years -> new Fitter(known, cupboard, new Age(years), count, policy))
                                        .fit(a, place)
                                instanceof Fit.Works works
                        && works.cautions().stream().noneMatch(Caution::forbids))
                .toList();
    }

    private Cupboard plenty() {
        Map<Item, Integer> counts = new LinkedHashMap<>();
        knowHows.current().items().forEach(i -> counts.put(i, PLENTY));
        return Cupboard.of(counts);
    }
}
