package io.isokinet.server.place;

import io.isokinet.server.http.Fields;
import io.isokinet.server.http.Ids;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** How many of each thing there are. */
@Service
public class Cupboards {
    interface Rows extends JpaRepository<CupboardItem, UUID> {
        Optional<CupboardItem> findByItemKey(String itemKey);
    }

    private final Rows rows;

    Cupboards(Rows rows) {
        this.rows = rows;
    }

    /** @param count usable pieces @param version for If-Match */
    public record Counted(
            String itemKey, int count, @Nullable Integer version) {}

    @Transactional(readOnly = true)
    public List<Counted> all() {
        return rows.findAll().stream()
                .map(i -> new Counted(i.itemKey, i.count, i.version()))
                .toList();
    }

    @Transactional(readOnly = true)
    public Map<String, Integer> counts() {
        return all().stream().collect(Collectors.toMap(Counted::itemKey, Counted::count));
    }

    /** Counts an item. @param ifMatch the version the count was made on; not needed for the first count */
    @Transactional
    public Counted count(String itemKey, int count, @Nullable String ifMatch) {
        new Fields()
                .check(
                        count >= 0 && count <= 10000,
                        "count",
                        "must be 0 to 10000; flat and broken ones are not counted.")
                .done();
        CupboardItem row = rows.findByItemKey(itemKey).orElse(null);
        if (row == null) row = rows.saveAndFlush(new CupboardItem(Ids.next(), itemKey, count));
        else {
            Fields.sameVersion("count", ifMatch, row.version());
            row.count = count;
            rows.flush();
        }
        return new Counted(itemKey, row.count, row.version());
    }
}
