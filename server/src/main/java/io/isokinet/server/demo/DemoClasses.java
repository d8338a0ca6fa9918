package io.isokinet.server.demo;

import io.isokinet.core.calendar.Weeks;
import io.isokinet.core.quantity.Side;
import io.isokinet.core.skill.Action;
import io.isokinet.server.calendar.Calendars;
import io.isokinet.server.calendar.Calendars.SlotForm;
import io.isokinet.server.http.Ids;
import io.isokinet.server.http.IfMatch;
import io.isokinet.server.school.Classes;
import io.isokinet.server.school.Classes.ClassForm;
import io.isokinet.server.school.Classes.NewChild;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.stereotype.Component;

/** Classes of made-up children, and when they have their lessons. */
@Component
@ConditionalOnProperty("isokinet.demo")
class DemoClasses {
    private final Classes classes;
    private final Calendars calendars;
    private int named;

    DemoClasses(Classes classes, Calendars calendars) {
        this.classes = classes;
        this.calendars = calendars;
    }

    UUID add(String name, int age, int children, int leftHanded, LocalDate since) {
        UUID id = Ids.next();
        classes.put(id, new ClassForm(name, age, 0, 1), IfMatch.MISSING);
        List<NewChild> newcomers = new ArrayList<>();
        for (int i = 0; i < children; i++) {
            boolean left = i % 5 == 0 && i / 5 < leftHanded;
            boolean settled = left || (i + age) % 9 != 4;
            Map<Action, Side> sides = new HashMap<>();
            if (settled) sides.put(Action.THROW, left ? Side.LEFT : Side.RIGHT);
            if (left && i % 10 == 0) sides.put(Action.KICK, Side.RIGHT);
            newcomers.add(new NewChild(
                    DemoNames.GIVEN[named % DemoNames.GIVEN.length],
                    DemoNames.FAMILY[(named * 7 + 3) % DemoNames.FAMILY.length],
                    age,
                    sides,
                    null));
            named++;
        }
        classes.add(id, newcomers, since);
        return id;
    }

    void slot(UUID schoolClass, DayOfWeek day, LocalTime starts, int minutes, UUID space) {
        calendars.putSlot(
                Ids.next(), new SlotForm(schoolClass, day, Weeks.EVERY, starts, minutes, space), IfMatch.MISSING);
    }
}
