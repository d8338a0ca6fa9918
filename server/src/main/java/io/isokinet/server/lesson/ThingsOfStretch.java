package io.isokinet.server.lesson;

import io.isokinet.core.activity.Activity;
import io.isokinet.core.kit.KitLine;
import io.isokinet.core.knowhow.KnowHow;
import io.isokinet.core.lesson.Fit;
import io.isokinet.core.score.DeskGame;
import io.isokinet.core.thing.Item;
import io.isokinet.core.thing.Need;
import io.isokinet.server.lesson.SheetView.GameView;
import io.isokinet.server.lesson.SheetView.ItemName;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/** What of the kit of a stretch is sent and what is aimed at. */
record ThingsOfStretch(KnowHow known) {
    /** More have no room on a screen. */
    private static final int MOST_SIDES = 12;

    StretchView.ThingsPart of(Fit.Works works) {
        Activity a = works.task().activity();
        return new StretchView.ThingsPart(works.kit(), sent(a, works.kit()), targetMm(a, works.kit()));
    }

    private List<ItemName> sent(Activity a, List<KitLine> kit) {
        return items(a, kit, EnumSet.of(Need.Role.SENT))
                .map(i -> new ItemName(i.key(), i.name()))
                .toList();
    }

    private @Nullable Integer targetMm(Activity a, List<KitLine> kit) {
        boolean many = a.needs().stream()
                .anyMatch(n -> (n.role() == Need.Role.TOPPLED || n.role() == Need.Role.AIMED_AT) && n.count() > 1);
        if (many) return null;
        return items(a, kit, EnumSet.of(Need.Role.TOPPLED, Need.Role.AIMED_AT))
                .findFirst()
                .map(i -> (int) Math.round(i.width().metres() * 1000))
                .orElse(null);
    }

    /** As many sides as there are groups; what is set out for the class stands before each of them in equal parts. */
    @Nullable
    GameView game(Activity a, Fit.Works works) {
        int groups = Math.max(1, works.groups());
        int standing = a.needs().stream()
                .filter(n -> n.role() == Need.Role.TOPPLED)
                .mapToInt(n -> n.per() == Need.Per.CLASS ? n.count() / groups : n.count())
                .sum();
        return DeskGame.of(a.conduct().scoring(), standing)
                .map(text -> new GameView(text, Math.min(MOST_SIDES, groups), standing))
                .orElse(null);
    }

    /** What is set out for the needs of some roles. */
    private Stream<Item> items(Activity a, List<KitLine> kit, Set<Need.Role> roles) {
        Set<String> words = a.needs().stream()
                .filter(n -> roles.contains(n.role()))
                .map(Need::what)
                .collect(Collectors.toSet());
        return kit.stream()
                .filter(k -> words.contains(k.what()))
                .map(KitLine::item)
                .distinct()
                .filter(known::hasItem)
                .map(known::item);
    }
}
