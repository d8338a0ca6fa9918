package io.isokinet.server.today;

import io.isokinet.core.kit.KitLine;
import io.isokinet.core.kit.LayOut;
import io.isokinet.core.thing.Item;
import io.isokinet.server.account.Teams;
import io.isokinet.server.knowhow.KnowHows;
import io.isokinet.server.lesson.Sheets;
import io.isokinet.server.place.Spaces;
import io.isokinet.server.unit.LessonHeader;
import io.isokinet.server.unit.LessonState;
import io.isokinet.server.unit.Lessons;
import io.isokinet.server.unit.Lessons.InHand;
import java.time.LocalDate;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What to lay out once for the lessons of a day. Each of them is worked out for who is there. */
@Service
class DayKits {
    private final Lessons lessons;
    private final Sheets sheets;
    private final Spaces spaces;
    private final Teams teams;
    private final KnowHows knowHows;

    DayKits(Lessons lessons, Sheets sheets, Spaces spaces, Teams teams, KnowHows knowHows) {
        this.lessons = lessons;
        this.sheets = sheets;
        this.spaces = spaces;
        this.teams = teams;
        this.knowHows = knowHows;
    }

    /** @param lessons what each alone needs, in the order of time @param places what to fetch once for all lessons in a place */
    record LayOutView(List<LessonKit> lessons, List<PlaceKit> places) {}

    record LessonKit(UUID lesson, String className, String space, List<KitLine> kit) {}

    /** What to fetch once for all lessons in a place, one after the other. */
    record PlaceKit(String space, List<String> classes, List<DayKit> kit) {}

    /** @param stays true if every one of the lessons uses it, so that it is left standing between them */
    record DayKit(String item, int count, String words, boolean stays) {}

    @Transactional(readOnly = true)
    public LayOutView of(LocalDate day) {
        List<LessonHeader> coming = lessons.between(day, day, teams.visible()).stream()
                .filter(l -> l.state() == LessonState.PLANNED)
                .toList();
        List<LessonKit> kits = lessons.inHand(coming).stream().map(this::kit).toList();
        Map<String, List<LessonKit>> byPlace =
                kits.stream().collect(Collectors.groupingBy(LessonKit::space, LinkedHashMap::new, Collectors.toList()));
        Map<String, Item> items = knowHows.withOwnThings().itemsByKey();
        return new LayOutView(
                kits,
                byPlace.entrySet().stream()
                        .map(e -> place(e.getKey(), e.getValue(), items))
                        .filter(p -> !p.kit().isEmpty())
                        .toList());
    }

    private LessonKit kit(InHand lesson) {
        return new LessonKit(
                lesson.lesson(),
                lesson.schoolClass().name(),
                spaces.view(lesson.spaceId()).name(),
                sheets.layOut(lesson));
    }

    /** Lessons in one place follow each other: each thing is fetched once, as many as the hungriest of them needs. */
    private static PlaceKit place(String space, List<LessonKit> kits, Map<String, Item> items) {
        return new PlaceKit(
                space,
                kits.stream().map(LessonKit::className).distinct().toList(),
                LayOut.day(kits.stream().map(LessonKit::kit).toList(), items).stream()
                        .map(k -> new DayKit(
                                k.most().item(), k.most().count(), k.most().words(), kits.size() > 1 && k.stays()))
                        .toList());
    }
}
