package io.isokinet.core.kit;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** What to fetch once for a whole lesson: of each thing, the most that any one segment uses, since one stands at a time. */
public final class LayOut {
    private LayOut() {}

    /** @param segments the kit of each segment @return the line with the greatest count for each thing */
    public static List<KitLine> of(List<List<KitLine>> segments) {
        Map<String, KitLine> most = new LinkedHashMap<>();
        for (List<KitLine> lines : segments) {
            Map<String, KitLine> here = new LinkedHashMap<>();
            for (KitLine line : lines) here.merge(line.item(), line, (a, b) -> a.count() >= b.count() ? a : b);
            here.forEach((item, line) -> most.merge(item, line, (a, b) -> a.count() >= b.count() ? a : b));
        }
        List<KitLine> all = new ArrayList<>(most.values());
        all.sort(Comparator.comparing(KitLine::item));
        return all;
    }
}
