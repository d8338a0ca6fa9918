package io.isokinet.knowhow;

import io.isokinet.core.knowhow.KnowHow;
import io.isokinet.core.place.Place;
import io.isokinet.core.quantity.Age;
import io.isokinet.core.quantity.Length;
import io.isokinet.core.thing.Cupboard;
import io.isokinet.core.thing.Item;
import io.isokinet.core.unit.ClassProfile;
import io.isokinet.core.unit.CueState;
import io.isokinet.core.unit.LessonSlot;
import io.isokinet.core.unit.Target;
import io.isokinet.core.unit.UnitProblem;
import io.isokinet.core.unit.Wishes;
import java.util.Arrays;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.function.Supplier;

/** A hall, a cupboard and a class that do not quite fit each other, as in life. */
final class Fixtures {
    static final KnowHow KNOW_HOW = PackReader.read(PackFiles.shipped()).knowHow();
    static final Place HALL =
            new Place("the hall", new Length(17), new Length(9.5), new Length(4.8), Place.Floor.WOOD, 14);

    static final Place YARD = new Place("the yard", new Length(30), new Length(20), null, Place.Floor.TARMAC, 10);

    private Fixtures() {}

    static Cupboard cupboard() {
        return cupboard(Map.ofEntries(
                Map.entry("foam-ball-20", 10),
                Map.entry("foam-ball-16", 8),
                Map.entry("sock-ball", 14),
                Map.entry("low-tennis-ball", 12),
                Map.entry("playground-ball", 12),
                Map.entry("beanbag", 20),
                Map.entry("scarf", 27),
                Map.entry("juggling-bag", 54),
                Map.entry("skittle", 36),
                Map.entry("bottle-empty", 24),
                Map.entry("spot", 30),
                Map.entry("hoop", 8),
                Map.entry("rope", 15),
                Map.entry("cone", 24),
                Map.entry("foam-bat", 8),
                Map.entry("ball-tee", 8),
                Map.entry("short-racket", 16),
                Map.entry("hand-paddle", 12),
                Map.entry("foam-spear", 9),
                Map.entry("weighted-ball-300", 9),
                Map.entry("sheet-target", 4)));
    }

    static Cupboard cupboard(Map<String, Integer> counts) {
        Map<Item, Integer> items = new LinkedHashMap<>();
        counts.entrySet().stream()
                .sorted(Map.Entry.comparingByKey())
                .forEach(e -> items.put(KNOW_HOW.item(e.getKey()), e.getValue()));
        return Cupboard.of(items);
    }

    static UnitProblem problem(int age, int children, int lessons, int minutes, Place place, String kind) {
        return problem(age, children, lessons, minutes, place, kind, "underarm-roll", "two-hand-catch");
    }

    static UnitProblem problem(
            int age, int children, int lessons, int minutes, Place place, String kind, String... skills) {
        return problem(KNOW_HOW, age, children, lessons, minutes, place, kind, skills);
    }

    static UnitProblem problem(
            KnowHow known,
            int age,
            int children,
            int lessons,
            int minutes,
            Place place,
            String kind,
            String... skills) {
        return new UnitProblem(
                new ClassProfile(new Age(age), children),
                Collections.nCopies(lessons, new LessonSlot(minutes, place, false)),
                Arrays.stream(skills).map(s -> new Target(s, s + "/" + kind)).toList(),
                Map.<String, CueState>of(),
                Map.of(),
                known,
                cupboard(),
                Wishes.USUAL,
                List.of());
    }

    /** With leave to repeat what fits. */
    static UnitProblem repeating(UnitProblem p) {
        return new UnitProblem(
                p.profile(),
                p.lessons(),
                p.targets(),
                p.cues(),
                p.reached(),
                p.knowHow(),
                p.cupboard(),
                p.wishes().easing(false, true, p.wishes().bans()),
                List.of());
    }

    static Supplier<String> ids() {
        AtomicInteger next = new AtomicInteger();
        return () -> "s" + next.incrementAndGet();
    }
}
