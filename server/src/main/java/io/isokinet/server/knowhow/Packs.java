package io.isokinet.server.knowhow;

import io.isokinet.core.check.Finding;
import io.isokinet.core.check.Findings;
import io.isokinet.core.check.FoundException;
import io.isokinet.core.knowhow.KnowHow;
import io.isokinet.knowhow.Gaps;
import io.isokinet.knowhow.Pack;
import io.isokinet.knowhow.PackDocuments;
import io.isokinet.knowhow.PackDocuments.Document;
import io.isokinet.knowhow.PackDocuments.Kind;
import io.isokinet.knowhow.PackFiles;
import io.isokinet.knowhow.PackReader;
import io.isokinet.knowhow.PackZip;
import io.isokinet.server.account.Audit;
import io.isokinet.server.http.Ids;
import io.isokinet.server.http.IfMatch;
import io.isokinet.server.http.NotFoundException;
import io.isokinet.server.school.Schools;
import io.isokinet.server.tenancy.SchoolScope;
import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.text.Normalizer;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.HashSet;
import java.util.HexFormat;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.JsonNode;

/** The packs of a school: what it writes itself, and what it takes from elsewhere. Checked whole before anything is kept. */
@Service
public class Packs {
    interface PackRows extends JpaRepository<PackRow, UUID> {
        List<PackRow> findAllByOrderByName();

        Optional<PackRow> findByName(String name);

        Optional<PackRow> findByOwnTrue();
    }

    interface AsideRows extends JpaRepository<AsideRow, UUID> {
        Optional<AsideRow> findByKey(String key);
    }

    private static final int MOST_OF_NAME = 50;

    private final PackRows rows;
    private final AsideRows asides;
    private final PackVersions versions;
    private final PackUses uses;
    private final KnowHows knowHows;
    private final Finder finder;
    private final Schools schools;
    private final Audit audit;
    private final JdbcClient jdbc;

    Packs(
            PackRows rows,
            AsideRows asides,
            PackVersions versions,
            PackUses uses,
            KnowHows knowHows,
            Finder finder,
            Schools schools,
            Audit audit,
            JdbcClient jdbc) {
        this.rows = rows;
        this.asides = asides;
        this.versions = versions;
        this.uses = uses;
        this.knowHows = knowHows;
        this.finder = finder;
        this.schools = schools;
        this.audit = audit;
        this.jdbc = jdbc;
    }

    /**
     * @param own true for the one the school writes
     * @param gaps what its skills still need
     */
    public record PackView(
            String name,
            String title,
            int number,
            boolean shipped,
            boolean own,
            int skills,
            int activities,
            List<String> gaps) {}

    /** @param tag for If-Match */
    public record DocumentView(Kind kind, String pack, boolean own, String tag, JsonNode document) {}

    /** What taking a pack would change: keys that are new, changed and gone. */
    public record PackChange(
            String name, String title, int number, List<String> added, List<String> changed, List<String> gone) {}

    @Transactional(readOnly = true)
    public List<PackView> all() {
        List<PackView> views = new ArrayList<>();
        Pack shipped = knowHows.shipped();
        views.add(view(shipped.name(), shipped.title(), shipped.number(), true, false, shipped.files(), Set.of()));
        for (PackRow row : rows.findAllByOrderByName()) {
            PackFiles files = files(row);
            Set<String> keys = keys(files);
            views.add(view(row.name, row.title, row.number, false, row.own, files, keys));
        }
        return views;
    }

    private PackView view(
            String name, String title, int number, boolean shipped, boolean own, PackFiles files, Set<String> keys) {
        Collection<Document> documents = versions.documents(files).values();
        List<String> gaps = knowHows.current().skills().stream()
                .filter(s -> keys.contains(s.key()))
                .flatMap(s -> Gaps.of(s, knowHows.current()).stream())
                .toList();
        int skills =
                (int) documents.stream().filter(d -> d.kind() == Kind.SKILL).count();
        return new PackView(name, title, number, shipped, own, skills, documents.size() - skills, gaps);
    }

    /** A skill or activity as its pack holds it, to look at, to copy or to change. */
    @Transactional(readOnly = true)
    public DocumentView document(String key) {
        for (PackRow row : rows.findAllByOrderByName()) {
            Document found = versions.documents(files(row)).get(key);
            if (found != null)
                return new DocumentView(found.kind(), row.name, row.own, tag(found.tree()), found.tree());
        }
        Pack shipped = knowHows.shipped();
        Document found = versions.documents(shipped.files()).get(key);
        if (found == null) throw new NotFoundException("skill or activity", key);
        return new DocumentView(found.kind(), shipped.name(), false, tag(found.tree()), found.tree());
    }

    /**
     * Puts a skill or activity of the school's own in, or changes it.
     *
     * @param version its tag, if it is there already
     */
    @Transactional
    public void put(Kind kind, String key, JsonNode document, IfMatch version) {
        if (!document.path("key").asString("").equals(key))
            throw found(
                    "key",
                    "The key in the document (%s) must be the one it is saved under (%s)."
                            .formatted(document.path("key").asString(""), key));
        Optional<PackRow> own = rows.findByOwnTrue();
        PackFiles before = own.map(this::files).orElseGet(() -> new PackFiles(Map.of()));
        Optional<Document> known = PackDocuments.find(before, key);
        if (known.isPresent()) {
            version.require("know-how", tag(known.get().tree()));
        }
        save(own, PackDocuments.put(before, kind, document));
        audit.add(
                known.isPresent() ? Audit.Act.CHANGED : Audit.Act.ADDED,
                "know-how “%s”".formatted(document.path("name").asString(key)),
                "",
                null);
    }

    /**
     * Takes a skill or activity of the school's own out.
     *
     * @throws FoundException with every use, if there is one
     */
    @Transactional
    public void remove(String key) {
        PackRow own =
                rows.findByOwnTrue().orElseThrow(() -> new NotFoundException("skill or activity of its own", key));
        PackFiles before = files(own);
        Document known = PackDocuments.find(before, key)
                .orElseThrow(() -> new NotFoundException("skill or activity of its own", key));
        save(Optional.of(own), PackDocuments.remove(before, key));
        audit.add(
                Audit.Act.REMOVED,
                "know-how “%s”".formatted(known.tree().path("name").asString(key)),
                "",
                null);
    }

    /**
     * What an import would change; nothing is kept.
     *
     * @throws FoundException with every finding
     */
    @Transactional(readOnly = true)
    public PackChange look(byte[] zip) {
        Pack pack = read(PackZip.read(zip));
        return change(pack);
    }

    /**
     * Takes a pack from a zip, whole.
     *
     * @throws FoundException with every finding
     */
    @Transactional
    public PackChange take(byte[] zip) {
        Pack pack = read(PackZip.read(zip));
        PackChange change = change(pack);
        Optional<PackRow> row = rows.findByName(pack.name());
        row.ifPresent(r -> uses.requireUnused(files(r), pack.files()));
        keep(
                row.orElseGet(
                        () -> new PackRow(Ids.next(), pack.name(), pack.name().equals(ownName()))),
                pack);
        return change;
    }

    /**
     * Takes a whole pack out.
     *
     * @throws FoundException with every use, if there is one
     */
    @Transactional
    public void drop(String name) {
        PackRow row = rows.findByName(name).orElseThrow(() -> new NotFoundException("pack", name));
        uses.requireUnused(files(row), new PackFiles(Map.of()));
        rows.delete(row);
        rows.flush();
        othersStand();
        SchoolScope.forget(KnowHows.InForce.class);
    }

    /** A pack to hand on. */
    @Transactional(readOnly = true)
    public byte[] export(String name) {
        Pack shipped = knowHows.shipped();
        if (name.equals(shipped.name())) return PackZip.write(name, shipped.number(), shipped.title(), shipped.files());
        PackRow row = rows.findByName(name).orElseThrow(() -> new NotFoundException("pack", name));
        return PackZip.write(row.name, row.number, row.title, files(row));
    }

    /** Sets a skill or activity aside, or takes it back. */
    @Transactional
    public void setAside(String key, boolean aside) {
        KnowHow known = knowHows.current();
        if (!known.hasSkill(key) && !known.hasActivity(key)) throw new NotFoundException("skill or activity", key);
        Optional<AsideRow> row = asides.findByKey(key);
        if (aside && row.isEmpty()) asides.saveAndFlush(new AsideRow(Ids.next(), key));
        if (!aside) row.ifPresent(asides::delete);
        asides.flush();
        SchoolScope.forget(KnowHows.InForce.class);
    }

    /** Replaces one file of the school's own pack, such as a set of outcomes. */
    @Transactional
    void file(String path, String text) {
        Optional<PackRow> own = rows.findByOwnTrue();
        save(own, own.map(this::files).orElseGet(() -> new PackFiles(Map.of())).with(path, text));
    }

    private void save(Optional<PackRow> own, PackFiles now) {
        String name = own.map(r -> r.name).orElseGet(this::ownName);
        int number = own.map(r -> r.number).orElse(0) + 1;
        String title = own.map(r -> r.title).orElseGet(this::ownTitle);
        own.ifPresent(r -> uses.requireUnused(files(r), now));
        Pack pack = read(PackDocuments.titled(now, name, number, title));
        keep(own.orElseGet(() -> new PackRow(Ids.next(), name, true)), pack);
    }

    private void keep(PackRow row, Pack pack) {
        versions.keep(SchoolScope.current(), pack.name(), pack.number(), pack.files());
        row.title = pack.title();
        row.number = pack.number();
        row.sha256 = pack.sha256();
        rows.saveAndFlush(row);
        othersStand();
        Set<String> under = new HashSet<>();
        for (PackFiles below : under(pack.name())) under.addAll(keys(below));
        knowHows.shipped().knowHow().library().symptoms().forEach(s -> under.add(s.seen()));
        finder.index(pack.sha256(), pack.knowHow(), under);
        SchoolScope.forget(KnowHows.InForce.class);
    }

    /** Every pack of the school still holds together with the others. */
    private void othersStand() {
        List<PackRow> all = rows.findAllByOrderByName();
        if (all.size() > 1) for (PackRow row : all) PackReader.read(files(row), under(row.name));
    }

    /** Checks a pack on top of all others in force. */
    private Pack read(PackFiles files) {
        String name = name(files);
        if (name.equals(knowHows.shipped().name()))
            throw found(
                    "pack.yaml", "This is the pack that comes with the product. Give a changed one a name of its own.");
        return PackReader.read(files, under(name));
    }

    private static String name(PackFiles files) {
        String head = files.texts().getOrDefault("pack.yaml", "");
        return head.lines()
                .filter(l -> l.startsWith("name:"))
                .map(l -> l.substring(5).strip().replace("\"", ""))
                .findFirst()
                .orElse("");
    }

    /** The shipped pack and the school's others but the named one. */
    private List<PackFiles> under(String name) {
        List<PackFiles> under = new ArrayList<>();
        under.add(knowHows.shipped().files());
        rows.findAllByOrderByName().stream().filter(r -> !r.name.equals(name)).forEach(r -> under.add(files(r)));
        return under;
    }

    private PackChange change(Pack pack) {
        Map<String, JsonNode> before = new HashMap<>();
        rows.findByName(pack.name())
                .ifPresent(r -> versions.documents(files(r)).forEach((key, d) -> before.put(key, d.tree())));
        List<String> added = new ArrayList<>();
        List<String> changed = new ArrayList<>();
        versions.documents(pack.files()).forEach((key, d) -> {
            JsonNode was = before.remove(key);
            if (was == null) added.add(key);
            else if (!was.equals(d.tree())) changed.add(key);
        });
        return new PackChange(
                pack.name(),
                pack.title(),
                pack.number(),
                added,
                changed,
                before.keySet().stream().sorted().toList());
    }

    private PackFiles files(PackRow row) {
        return versions.files(row.sha256)
                .orElseThrow(() ->
                        new IllegalStateException("Impossible state: the version %s is gone.".formatted(row.sha256)));
    }

    private Set<String> keys(PackFiles files) {
        return versions.documents(files).keySet();
    }

    /** After the school, with a piece of its id: schools of one name may hand packs to each other. */
    String ownName() {
        String plain = Normalizer.normalize(schools.view().name(), Normalizer.Form.NFD)
                .replaceAll("\\p{M}", "")
                .toLowerCase(Locale.ROOT)
                .replaceAll("[^a-z0-9]+", "-");
        String id = SchoolScope.current().toString();
        String whole = plain.substring(0, Math.min(plain.length(), MOST_OF_NAME)) + "-" + id.substring(id.length() - 6);
        return whole.replaceAll("-+", "-").replaceAll("^-", "");
    }

    private String ownTitle() {
        String name = schools.view().name();
        return (name.length() > 48 ? name.substring(0, 48).strip() : name) + ": our own";
    }

    /** Short, and the same for the same content. */
    private static String tag(JsonNode tree) {
        try {
            byte[] digest =
                    MessageDigest.getInstance("SHA-256").digest(tree.toString().getBytes(StandardCharsets.UTF_8));
            return HexFormat.of().formatHex(digest, 0, 8);
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException("Impossible state: every Java has SHA-256.", e);
        }
    }

    private static FoundException found(String where, String message) {
        return new FoundException(new Findings(List.of(new Finding("pack", where, message))));
    }
}
