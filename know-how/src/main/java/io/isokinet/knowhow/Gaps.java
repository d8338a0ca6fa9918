package io.isokinet.knowhow;

import io.isokinet.core.activity.Activity;
import io.isokinet.core.knowhow.KnowHow;
import io.isokinet.core.skill.Skill;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;

/** What a skill needs before it can be planned well: an activity on every rung, and two games. */
public final class Gaps {
    private static final int GAMES = 2;

    private Gaps() {}

    static List<String> of(KnowHow known) {
        return known.skills().stream().flatMap(s -> of(s, known).stream()).toList();
    }

    /** What a skill still needs, one sentence each; empty if nothing. */
    public static List<String> of(Skill skill, KnowHow known) {
        List<String> gaps = new ArrayList<>();
        List<Activity> own = known.activities().stream()
                .filter(a -> skill.key().equals(a.skill()))
                .toList();
        List<Integer> empty = IntStream.rangeClosed(1, skill.ladder().height())
                .filter(level ->
                        own.stream().noneMatch(a -> a.rung() != null && a.rung().level() == level))
                .boxed()
                .toList();
        long games = own.stream().filter(Activity::isGame).count();
        if (!empty.isEmpty()) gaps.add("%s has no activity on the levels %s.".formatted(skill.name(), empty));
        if (games < GAMES) gaps.add("%s has %d of %d games.".formatted(skill.name(), games, GAMES));
        return gaps;
    }
}
