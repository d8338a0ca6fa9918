package io.isokinet.server.lesson;

import io.isokinet.core.safety.Caution;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;

/**
 * What is read on paper before a lesson begins.
 *
 * @param must true for what is never left out, however full the side is: a load that is too much, what forbids, and what the school
 *     added itself
 */
record BeforeIt(String text, boolean must) {
    /**
     * What is never left out, then the other cautions and the usual check as far as there is room; local rules close it in any case.
     *
     * @param most lines that there is room for; more only where all of them must be read
     */
    static List<BeforeIt> of(SheetView sheet, int most) {
        Set<String> must = new LinkedHashSet<>(sheet.load().flags());
        Set<String> may = new LinkedHashSet<>();
        for (Caution c : sheet.cautions()) {
            if (c.forbids()) must.add(c.remedy() == null ? c.text() : c.text() + " " + c.remedy());
            else may.add(c.text());
        }
        for (String check : sheet.setUpCheck()) (Sheets.SET_UP_CHECK.contains(check) ? may : must).add(check);
        must.remove(Sheets.LOCAL_RULES);
        may.remove(Sheets.LOCAL_RULES);
        List<BeforeIt> all = new ArrayList<>();
        must.forEach(text -> all.add(new BeforeIt(text, true)));
        may.stream().limit(Math.max(0, most - must.size())).forEach(text -> all.add(new BeforeIt(text, false)));
        all.add(new BeforeIt(Sheets.LOCAL_RULES, false));
        return all;
    }
}
