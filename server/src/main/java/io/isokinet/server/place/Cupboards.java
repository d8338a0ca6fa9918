package io.isokinet.server.place;

import io.isokinet.core.quantity.Length;
import io.isokinet.core.quantity.Mass;
import io.isokinet.core.thing.Handling;
import io.isokinet.core.thing.Item;
import io.isokinet.core.thing.Trait;
import io.isokinet.server.http.Fields;
import io.isokinet.server.http.Ids;
import io.isokinet.server.http.IfMatch;
import io.isokinet.server.http.NotFoundException;
import java.time.Clock;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** How many of each thing there are, where they are kept, and things of the school's own. */
@Service
public class Cupboards {
    /** Keys of the school's own things begin with it. */
    public static final String OWN = "own-";

    interface Rows extends JpaRepository<CupboardItem, UUID> {
        Optional<CupboardItem> findByItemKey(String itemKey);
    }

    interface RollRows extends JpaRepository<TestRoll, UUID> {
        Optional<TestRoll> findByBallAndTarget(String ball, String target);
    }

    private final Rows rows;
    private final RollRows rolls;
    private final Clock clock;

    Cupboards(Rows rows, RollRows rolls, Clock clock) {
        this.rows = rows;
        this.rolls = rolls;
        this.clock = clock;
    }

    /**
     * @param count usable pieces
     * @param version for If-Match
     */
    public record Counted(
            String itemKey,
            int count,
            int broken,
            String storage,
            @Nullable Instant countedAt,
            @Nullable Integer version) {}

    /**
     * @param count usable pieces
     * @param storage where it is kept; null leaves it as it is, like broken
     */
    public record Count(
            int count, @Nullable Integer broken, @Nullable String storage) {}

    /**
     * A thing of the school's own, as it is described.
     *
     * @param widthMm diameter of a ball, width of anything else
     * @param heightMm how high it stands, baseMm the width of its foot; null for what does not stand
     * @param pieces how many make one of what it stands for
     */
    public record OwnThing(
            String name,
            String many,
            double grams,
            double widthMm,
            @Nullable Double heightMm,
            @Nullable Double baseMm,
            Set<Trait> traits,
            boolean homeMade,
            int pieces) {
        /** As the core needs it; the centre of mass of a thing that stands is taken as half-way up. */
        Item toItem(String key) {
            return new Item(
                    key,
                    name,
                    many,
                    Mass.ofGrams(grams),
                    Length.ofMillimetres(widthMm),
                    heightMm == null ? null : Length.ofMillimetres(heightMm),
                    baseMm == null ? null : Length.ofMillimetres(baseMm),
                    heightMm == null ? null : Length.ofMillimetres(heightMm / 2),
                    traits,
                    homeMade,
                    pieces,
                    Handling.UNKNOWN,
                    null);
        }
    }

    @Transactional(readOnly = true)
    public List<Counted> all() {
        return rows.findAll().stream().map(Cupboards::counted).toList();
    }

    @Transactional(readOnly = true)
    public Map<String, Integer> counts() {
        return all().stream().collect(Collectors.toMap(Counted::itemKey, Counted::count));
    }

    /** The school's own things. */
    @Transactional(readOnly = true)
    public List<Item> own() {
        return rows.findAll().stream()
                .filter(r -> r.properties != null)
                .map(r -> r.properties.toItem(r.itemKey))
                .toList();
    }

    /**
     * Counts an item.
     *
     * @param version the version the count was made on; not needed for the first count
     */
    @Transactional
    public Counted count(String itemKey, Count count, IfMatch version) {
        new Fields()
                .check(count.count() >= 0 && count.count() <= 10000, "count", "must be 0 to 10000.")
                .check(
                        count.broken() == null || count.broken() >= 0 && count.broken() <= 10000,
                        "broken",
                        "must be 0 to 10000; they are not among the usable.")
                .check(count.storage() == null || count.storage().length() <= 60, "storage", "may have 60 characters.")
                .done();
        Optional<CupboardItem> known = rows.findByItemKey(itemKey);
        known.ifPresent(r -> version.require("count", r.version()));
        return counted(set(known.orElseGet(() -> new CupboardItem(Ids.next(), itemKey)), count));
    }

    /** Counts an item whatever was counted before: a stock-take that is taken whole. */
    @Transactional
    public void recount(String itemKey, Count count) {
        IfMatch version = rows.findByItemKey(itemKey)
                .map(r -> IfMatch.of(String.valueOf(r.version())))
                .orElse(IfMatch.MISSING);
        count(itemKey, count, version);
    }

    private CupboardItem set(CupboardItem row, Count count) {
        row.count = count.count();
        if (count.broken() != null) row.broken = count.broken();
        if (count.storage() != null) row.storage = count.storage().strip();
        row.countedAt = clock.instant();
        return rows.saveAndFlush(row);
    }

    /**
     * Makes a thing of the school's own, or describes it anew.
     *
     * @param key begins with {@link #OWN}
     */
    @Transactional
    public void describe(String key, OwnThing thing, IfMatch version) {
        boolean stands = thing.traits().contains(Trait.STANDS);
        new Fields()
                .check(key.matches(OWN + "[a-z0-9-]{1,50}"), "key", "must be like own-taped-sock.")
                .check(!thing.name().isBlank() && thing.name().length() <= 60, "name", "needs 1 to 60 characters.")
                .check(!thing.many().isBlank() && thing.many().length() <= 60, "many", "needs 1 to 60 characters.")
                .check(
                        thing.grams() >= 1 && thing.grams() <= 20000,
                        "grams",
                        "must be 1 to 20000; weigh it, home-made things above all.")
                .check(thing.widthMm() >= 5 && thing.widthMm() <= 5000, "widthMm", "must be 5 to 5000.")
                .check(
                        !stands || thing.heightMm() != null && thing.heightMm() >= 5 && thing.heightMm() <= 5000,
                        "heightMm",
                        "is needed for what stands by itself, 5 to 5000.")
                .check(
                        !stands || thing.baseMm() != null && thing.baseMm() >= 5 && thing.baseMm() <= 5000,
                        "baseMm",
                        "is needed for what stands by itself, 5 to 5000: the width of its foot.")
                .check(thing.pieces() >= 1 && thing.pieces() <= 20, "pieces", "must be 1 to 20.")
                .done();
        Optional<CupboardItem> known = rows.findByItemKey(key);
        known.ifPresent(r -> version.require("thing", r.version()));
        CupboardItem row = known.orElseGet(() -> new CupboardItem(Ids.next(), key));
        row.properties = thing;
        rows.saveAndFlush(row);
    }

    /** Removes a thing of the school's own. */
    @Transactional
    public void remove(String key) {
        CupboardItem row = rows.findByItemKey(key)
                .filter(r -> r.properties != null)
                .orElseThrow(() -> new NotFoundException("thing of the school's own", key));
        rows.delete(row);
    }

    /**
     * Three test rolls on the floor.
     *
     * @param fell how many of them felled the target; null forgets them
     */
    public record Rolled(
            String ball, String target, @Nullable Integer fell) {}

    @Transactional(readOnly = true)
    public List<Rolled> rolls() {
        return rolls.findAll().stream()
                .map(r -> new Rolled(r.ball, r.target, r.fell))
                .toList();
    }

    /** Keeps what three test rolls showed; it outranks the computation. */
    @Transactional
    public void roll(Rolled rolled) {
        new Fields()
                .check(
                        rolled.fell() == null || rolled.fell() >= 0 && rolled.fell() <= 3,
                        "fell",
                        "must be 0 to 3: how many of three rolls felled it.")
                .done();
        Optional<TestRoll> known = rolls.findByBallAndTarget(rolled.ball(), rolled.target());
        if (rolled.fell() == null) {
            known.ifPresent(rolls::delete);
            return;
        }
        TestRoll row = known.orElseGet(() -> new TestRoll(Ids.next(), rolled.ball(), rolled.target()));
        row.fell = rolled.fell();
        row.at = clock.instant();
        rolls.saveAndFlush(row);
    }

    private static Counted counted(CupboardItem row) {
        return new Counted(row.itemKey, row.count, row.broken, row.storage, row.countedAt, row.version());
    }
}
