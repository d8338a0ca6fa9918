package io.isokinet.server.cupboard;

import io.isokinet.core.check.Finding;
import io.isokinet.core.check.Findings;
import io.isokinet.core.knowhow.KnowHow;
import io.isokinet.core.motion.Flight;
import io.isokinet.core.motion.Ground;
import io.isokinet.core.motion.Toppling;
import io.isokinet.core.quantity.Age;
import io.isokinet.core.quantity.Speed;
import io.isokinet.core.quantity.Words;
import io.isokinet.core.thing.Handling;
import io.isokinet.core.thing.Item;
import io.isokinet.core.thing.Recipe;
import io.isokinet.core.thing.Trait;
import io.isokinet.core.thing.UsualThings;
import io.isokinet.server.account.MayPlan;
import io.isokinet.server.account.MayRecord;
import io.isokinet.server.http.IfMatch;
import io.isokinet.server.http.Uploads;
import io.isokinet.server.knowhow.KnowHows;
import io.isokinet.server.place.Cupboards;
import io.isokinet.server.place.Cupboards.Count;
import io.isokinet.server.place.Cupboards.Counted;
import io.isokinet.server.place.Cupboards.OwnThing;
import io.isokinet.server.table.Table;
import io.isokinet.server.table.TableWriter;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.Instant;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.OptionalInt;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RequestPart;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.multipart.MultipartFile;

/** The cupboard: the kit list and the school's own things, with how many there are. */
@RestController
@RequestMapping("/api/cupboard")
public class CupboardController {
    private static final List<String> COLUMNS = List.of("Key", "Thing", "Usable", "Broken", "Kept in");

    private static final Speed USUAL_ROLL = Toppling.usualRoll(new Age(8));

    private final KnowHows knowHows;
    private final Cupboards cupboards;

    CupboardController(KnowHows knowHows, Cupboards cupboards) {
        this.knowHows = knowHows;
        this.cupboards = cupboards;
    }

    /**
     * @param count usable pieces
     * @param own true for a thing of the school's own
     * @param countedAt null if never counted
     * @param version for If-Match; null if never counted
     * @param recipe how it is made; null for what is bought
     * @param motion how it moves, in sentences: how long it floats, how far it runs on
     */
    record CupboardLine(
            String key,
            String name,
            String many,
            double grams,
            double widthMm,
            @Nullable Double heightMm,
            @Nullable Double baseMm,
            int pieces,
            Set<Trait> traits,
            List<String> like,
            boolean homeMade,
            boolean own,
            int count,
            int broken,
            String storage,
            @Nullable Instant countedAt,
            @Nullable Integer version,
            Handling handling,
            @Nullable Recipe recipe,
            List<String> motion) {}

    /** @param broken null leaves it as it is; storage the same */
    record CountForm(
            @NotNull Integer count,
            @Nullable Integer broken,
            @Nullable String storage) {}

    record ThingForm(
            @NotBlank String name,
            @NotBlank String many,
            @NotNull Double grams,
            @NotNull Double widthMm,
            @Nullable Double heightMm,
            @Nullable Double baseMm,
            @NotNull Set<Trait> traits,
            boolean homeMade,
            @Nullable Integer pieces) {}

    /** What a table would change, or has changed. */
    record TableChange(String key, String name, int before, int after) {}

    record TableView(List<TableChange> changes, List<Finding> findings) {}

    @GetMapping
    @MayRecord
    @Transactional(readOnly = true)
    public List<CupboardLine> cupboard() {
        Map<String, Counted> counted =
                cupboards.all().stream().collect(Collectors.toMap(Counted::itemKey, Function.identity()));
        return knowHows.withOwnThings().items().stream()
                .map(i -> line(i, counted.get(i.key())))
                .toList();
    }

    /** @param count pieces that a school usually has for such a class @param has what was counted; null if nobody has yet */
    record UsualLine(
            String key, String name, int count, @Nullable Integer has) {}

    /** Where a first count begins: twenty usual things, preset for the largest class. */
    @GetMapping("/usual")
    @MayRecord
    @Transactional(readOnly = true)
    public List<UsualLine> usual(@RequestParam int children) {
        Map<String, Counted> counted =
                cupboards.all().stream().collect(Collectors.toMap(Counted::itemKey, Function.identity()));
        KnowHow known = knowHows.withOwnThings();
        return UsualThings.ALL.stream()
                .map(u -> new UsualLine(
                        u.key(),
                        known.item(u.key()).many(),
                        u.pieces(children),
                        counted.containsKey(u.key()) ? counted.get(u.key()).count() : null))
                .toList();
    }

    /** @param counts by key @param storage where all of them are kept; null leaves it as it is */
    record CountsForm(
            @NotNull @Size(max = 200) Map<String, @NotNull Integer> counts,
            @Nullable @Size(max = 60) String storage) {}

    /** Counts many things at once; all or none. */
    @PostMapping("/counts")
    @MayPlan
    @Transactional
    public List<CupboardLine> counts(@Valid @RequestBody CountsForm form) {
        form.counts().forEach((key, count) -> {
            knowHows.withOwnThings().item(key);
            cupboards.recount(key, new Count(count, null, form.storage()));
        });
        return cupboard();
    }

    @PutMapping("/{item}")
    @MayPlan
    @Transactional
    public CupboardLine count(@PathVariable String item, IfMatch version, @Valid @RequestBody CountForm form) {
        Item known = knowHows.withOwnThings().item(item);
        return line(known, cupboards.count(item, new Count(form.count(), form.broken(), form.storage()), version));
    }

    /** Describes a thing of the school's own. */
    @PutMapping("/own/{item}")
    @MayPlan
    @Transactional
    public CupboardLine describe(@PathVariable String item, IfMatch version, @Valid @RequestBody ThingForm form) {
        cupboards.describe(
                item,
                new OwnThing(
                        form.name().strip(),
                        form.many().strip(),
                        form.grams(),
                        form.widthMm(),
                        form.heightMm(),
                        form.baseMm(),
                        form.traits(),
                        form.homeMade(),
                        form.pieces() == null ? 1 : form.pieces()),
                version);
        return cupboard().stream().filter(l -> l.key().equals(item)).findFirst().orElseThrow();
    }

    @DeleteMapping("/own/{item}")
    @MayPlan
    ResponseEntity<Void> remove(@PathVariable String item) {
        cupboards.remove(item);
        return ResponseEntity.noContent().build();
    }

    @GetMapping(value = "/table.csv", produces = TableWriter.CSV_TYPE)
    @MayRecord
    ResponseEntity<byte[]> csv() {
        return TableWriter.csv("Cupboard", COLUMNS, rows());
    }

    @GetMapping(value = "/table.xlsx", produces = TableWriter.XLSX_TYPE)
    @MayRecord
    ResponseEntity<byte[]> xlsx() {
        return TableWriter.xlsx("Cupboard", COLUMNS, rows());
    }

    /**
     * Counts from a table, whole or not at all.
     *
     * @param take false to only see what would change
     */
    @PostMapping(path = "/table", consumes = MediaType.MULTIPART_FORM_DATA_VALUE)
    @MayPlan
    @Transactional
    public TableView table(@RequestPart("files") MultipartFile file, @RequestParam boolean take) {
        Table table = Table.read(Uploads.name(file).toLowerCase(Locale.ROOT), Uploads.bytes(file));
        List<Finding> findings = new ArrayList<>();
        Map<String, Count> counts = new LinkedHashMap<>();
        read(table, counts, findings);
        List<CupboardLine> lines = cupboard();
        List<TableChange> changes = lines.stream()
                .filter(l -> counts.containsKey(l.key()) && counts.get(l.key()).count() != l.count())
                .map(l -> new TableChange(
                        l.key(), l.name(), l.count(), counts.get(l.key()).count()))
                .toList();
        if (take) {
            new Findings(findings).throwIfAny();
            counts.forEach(cupboards::recount);
        }
        return new TableView(changes, findings);
    }

    private void read(Table table, Map<String, Count> counts, List<Finding> findings) {
        OptionalInt thing = table.column("thing", "name", "item");
        OptionalInt key = table.column("key");
        OptionalInt usable = table.column("usable", "count", "number");
        OptionalInt broken = table.column("broken", "flat");
        OptionalInt storage = table.column("kept in", "storage", "place");
        if (thing.isEmpty() && key.isEmpty() || usable.isEmpty()) {
            findings.add(new Finding(
                    "cupboard",
                    table.name() + ", columns",
                    "needs the columns Thing (or Key) and Usable (found: %s)."
                            .formatted(String.join(", ", table.columns()))));
            return;
        }
        Map<String, Item> byName = new HashMap<>();
        for (Item item : knowHows.withOwnThings().items()) {
            byName.put(item.key(), item);
            byName.put(item.name().toLowerCase(Locale.ROOT), item);
        }
        for (int i = 0; i < table.rows().size(); i++) {
            List<String> row = table.rows().get(i);
            String where = "row " + table.numbers().get(i);
            String name = key.isPresent() && !row.get(key.getAsInt()).isEmpty()
                    ? row.get(key.getAsInt())
                    : thing.isPresent() ? row.get(thing.getAsInt()) : "";
            Item item = byName.get(name.toLowerCase(Locale.ROOT));
            Integer count = number(row.get(usable.getAsInt()));
            Integer flat = broken.isPresent() ? number(row.get(broken.getAsInt())) : Integer.valueOf(0);
            if (item == null)
                findings.add(new Finding(
                        "cupboard",
                        where + ", thing",
                        "“%s” is not in the cupboard's list; add it as a thing of your own first.".formatted(name)));
            else if (count == null || flat == null)
                findings.add(new Finding("cupboard", where + ", usable", "must be a whole number, 0 to 10000."));
            else
                counts.put(
                        item.key(),
                        new Count(
                                count,
                                broken.isPresent() ? flat : null,
                                storage.isPresent() ? row.get(storage.getAsInt()) : null));
        }
    }

    /** Null if it is no count. Spreadsheets may write 12.0 for 12. */
    private static @Nullable Integer number(String text) {
        String plain = text.replaceFirst("[.,]0+$", "");
        if (plain.isEmpty()) return 0;
        return plain.matches("\\d{1,5}") && Integer.parseInt(plain) <= 10000 ? Integer.valueOf(plain) : null;
    }

    private List<List<Object>> rows() {
        return cupboard().stream()
                .map(l -> List.<Object>of(l.key(), l.name(), l.count(), l.broken(), l.storage()))
                .toList();
    }

    private static CupboardLine line(Item item, @Nullable Counted counted) {
        return new CupboardLine(
                item.key(),
                item.name(),
                item.many(),
                item.mass().grams(),
                item.width().millimetres(),
                item.height() == null ? null : item.height().millimetres(),
                item.base() == null ? null : item.base().millimetres(),
                item.pieces(),
                item.traits(),
                item.traits().stream().sorted().map(Trait::label).toList(),
                item.homeMade(),
                item.key().startsWith(Cupboards.OWN),
                counted == null ? 0 : counted.count(),
                counted == null ? 0 : counted.broken(),
                counted == null ? "" : counted.storage(),
                counted == null ? null : counted.countedAt(),
                counted == null ? null : counted.version(),
                item.handling(),
                item.recipe(),
                motion(item));
    }

    private static List<String> motion(Item item) {
        List<String> facts = new ArrayList<>();
        Double falls = item.handling().fallSpeed();
        if (falls != null)
            facts.add(Words.say(
                    "Comes down 2 m in %.1f s; a ball takes %.1f s.", Flight.floatTime(2, falls), Flight.fallTime(2)));
        String floors = item.handling().rollsOn().stream()
                .sorted()
                .map(f -> Words.say(
                        "%.1f m on %s", new Ground(f).runsOn(item, USUAL_ROLL).metres(), f.label()))
                .collect(Collectors.joining(", "));
        if (!floors.isEmpty()) facts.add("Rolled by an eight-year-old it runs on about " + floors + ".");
        return facts;
    }
}
