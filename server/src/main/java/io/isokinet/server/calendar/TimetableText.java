package io.isokinet.server.calendar;

import io.isokinet.core.calendar.Slot;
import io.isokinet.core.calendar.Weeks;
import io.isokinet.core.check.Finding;
import java.time.DayOfWeek;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;

/**
 * A timetable as it is pasted from a spreadsheet or a mail: as a grid with days across and times down and a class in each cell, or a
 * lesson a line: class, day, time, and minutes and place if they are said. Cells are apart by tabs, semicolons or commas.
 */
final class TimetableText {
    private static final Pattern TIMES =
            Pattern.compile("(\\d{1,2})[:.h](\\d{2})(?:\\s*(?:-|–|to|until)\\s*(\\d{1,2})[:.h](\\d{2}))?");
    private static final Pattern MINUTES = Pattern.compile("(\\d{2,3})(?:\\s*min.*)?");
    /** Two days at least make a head of a grid. */
    private static final int HEAD = 2;

    private TimetableText() {}

    /**
     * A lesson that was read.
     *
     * @param line from 1
     * @param place as it was typed; null if nothing was said
     */
    record Entry(
            int line,
            String group,
            DayOfWeek day,
            Weeks weeks,
            LocalTime starts,
            int minutes,
            @Nullable String place) {}

    /** @param findings where a line is not understood; where() is "line 3" */
    record Read(List<Entry> entries, List<Finding> findings) {}

    /** @param minutes of a lesson of which only the start is said, 10 to 120 */
    static Read read(String text, int minutes) {
        List<String> lines = text.lines().toList();
        List<List<String>> cells = lines.stream().map(TimetableText::cells).toList();
        int head = 0;
        while (head < cells.size() && cells.get(head).stream().allMatch(String::isBlank)) head++;
        boolean grid = head < cells.size()
                && cells.get(head).stream().filter(c -> day(c).isPresent()).count() >= HEAD;
        return grid ? grid(cells, head, minutes) : list(cells, minutes);
    }

    private static List<String> cells(String line) {
        String apart = line.contains("\t") ? "\t" : line.contains(";") ? ";" : ",";
        List<String> cells = new ArrayList<>();
        for (String cell : line.split(apart, -1)) cells.add(cell.strip());
        return cells;
    }

    private static Read grid(List<List<String>> cells, int head, int minutes) {
        List<Entry> entries = new ArrayList<>();
        List<Finding> findings = new ArrayList<>();
        List<Optional<DayOfWeek>> days =
                cells.get(head).stream().map(TimetableText::day).toList();
        for (int i = head + 1; i < cells.size(); i++) {
            List<String> row = cells.get(i);
            if (row.stream().allMatch(String::isBlank)) continue;
            Matcher times = TIMES.matcher(row.get(0));
            if (!times.find()) {
                findings.add(wrong(
                        i,
                        "Begins with “%s”; a row begins with its time, such as 9:10 or 9:10-9:40."
                                .formatted(row.get(0))));
                continue;
            }
            for (int column = 1; column < row.size(); column++) {
                String group = row.get(column);
                if (group.isBlank()) continue;
                if (column >= days.size() || days.get(column).isEmpty())
                    findings.add(wrong(i, "Has “%s” under no day.".formatted(group)));
                else entry(entries, findings, i, group, days.get(column).get(), times, minutes, null);
            }
        }
        return new Read(entries, findings);
    }

    private static Read list(List<List<String>> cells, int minutes) {
        List<Entry> entries = new ArrayList<>();
        List<Finding> findings = new ArrayList<>();
        for (int i = 0; i < cells.size(); i++) {
            List<String> row = cells.get(i).stream().filter(c -> !c.isBlank()).toList();
            if (row.isEmpty()) continue;
            Optional<DayOfWeek> day = Optional.empty();
            Matcher times = null;
            int own = minutes;
            List<String> words = new ArrayList<>();
            for (String cell : row) {
                Matcher time = TIMES.matcher(cell);
                Matcher number = MINUTES.matcher(cell);
                if (day.isEmpty() && day(cell).isPresent()) day = day(cell);
                else if (times == null && time.matches()) times = time;
                else if (number.matches()) own = Integer.parseInt(number.group(1));
                else words.add(cell);
            }
            if (day.isPresent() && times != null && !words.isEmpty())
                entry(
                        entries,
                        findings,
                        i,
                        words.get(0),
                        day.get(),
                        times,
                        own,
                        words.size() > 1 ? words.get(1) : null);
            else if (i > 0 || times != null)
                findings.add(wrong(
                        i,
                        "Needs a class, a day and a time, such as “Terns, Monday, 9:10, 30, Hall”; it says “%s”."
                                .formatted(String.join(", ", row))));
        }
        return new Read(entries, findings);
    }

    private static void entry(
            List<Entry> entries,
            List<Finding> findings,
            int row,
            String cell,
            DayOfWeek day,
            Matcher times,
            int minutes,
            @Nullable String place) {
        Weeks weeks = Weeks.EVERY;
        String group = cell;
        for (Weeks w : List.of(Weeks.A, Weeks.B)) {
            String mark = "(" + w.name() + ")";
            if (group.toUpperCase(Locale.ROOT).endsWith(mark)) {
                weeks = w;
                group = group.substring(0, group.length() - mark.length()).strip();
            }
        }
        Optional<LocalTime> starts = time(times.group(1), times.group(2));
        Optional<LocalTime> ends = times.group(3) == null ? Optional.empty() : time(times.group(3), times.group(4));
        if (starts.isEmpty() || times.group(3) != null && ends.isEmpty()) {
            findings.add(wrong(row, "Has “%s”, which is no time of day.".formatted(times.group())));
            return;
        }
        int lasts = ends.map(e -> e.toSecondOfDay() / 60 - starts.get().toSecondOfDay() / 60)
                .orElse(minutes);
        if (lasts < Slot.LEAST || lasts > Slot.MOST)
            findings.add(
                    wrong(row, "Makes %d minutes; a lesson has %d to %d.".formatted(lasts, Slot.LEAST, Slot.MOST)));
        else entries.add(new Entry(row + 1, group, day, weeks, starts.get(), lasts, place));
    }

    private static Optional<LocalTime> time(String hours, String minutes) {
        int h = Integer.parseInt(hours);
        int m = Integer.parseInt(minutes);
        return h < 24 && m < 60 ? Optional.of(LocalTime.of(h, m)) : Optional.empty();
    }

    /** A day by its name or the first letters of it, three at least. */
    private static Optional<DayOfWeek> day(String cell) {
        String word = cell.toUpperCase(Locale.ROOT);
        if (word.length() < 3) return Optional.empty();
        for (DayOfWeek day : DayOfWeek.values())
            if (day.name().startsWith(word) || (day.name() + "S").equals(word)) return Optional.of(day);
        return Optional.empty();
    }

    private static Finding wrong(int row, String message) {
        return new Finding("timetable-line", "line " + (row + 1), message);
    }
}
