package io.isokinet.server.knowhow;

import io.isokinet.core.knowhow.KnowHow;
import io.isokinet.core.thing.Cupboard;
import io.isokinet.core.thing.Item;
import io.isokinet.knowhow.Pack;
import io.isokinet.knowhow.PackReader;
import io.isokinet.server.place.Cupboards;
import io.isokinet.server.tenancy.SchoolScope;
import java.util.ArrayList;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.concurrent.CompletableFuture;
import java.util.stream.Collectors;
import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.core.annotation.Order;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Service;

/** The know-how in force: the shipped pack and the school's own ones. Versions are kept, so that a unit can name its own. */
@Service
@Order(0)
public class KnowHows implements ApplicationRunner {
    private final JdbcClient jdbc;
    private final PackVersions versions;
    private final Finder finder;
    private final Cupboards cupboards;
    // Read beside the start of everything else, which takes as long.
    private final CompletableFuture<Pack> shipped = CompletableFuture.supplyAsync(PackReader::shipped);

    KnowHows(JdbcClient jdbc, PackVersions versions, Finder finder, Cupboards cupboards) {
        this.jdbc = jdbc;
        this.versions = versions;
        this.finder = finder;
        this.cupboards = cupboards;
    }

    /** @param packs versions, the shipped one first @param own keys that the school wrote @param aside keys that are set aside */
    record InForce(List<String> packs, KnowHow knowHow, Set<String> own, Set<String> aside) {}

    /** What a row of the school's know-how says. */
    private enum Said {
        OWN_PACK,
        PACK,
        ASIDE
    }

    @Override
    public void run(ApplicationArguments arguments) {
        Pack pack = shipped.join();
        versions.keep(null, pack.name(), pack.number(), pack.files());
        versions.remember(List.of(pack.sha256()), pack.knowHow());
        finder.index(pack.sha256(), pack.knowHow(), Set.of());
    }

    Pack shipped() {
        return shipped.join();
    }

    InForce inForce() {
        if (SchoolScope.entered().isEmpty())
            return new InForce(List.of(shipped().sha256()), shipped().knowHow(), Set.of(), Set.of());
        return SchoolScope.once(InForce.class, this::read);
    }

    private InForce read() {
        List<String> packs = new ArrayList<>();
        packs.add(shipped().sha256());
        Map<Said, List<String>> said = jdbc
                .sql("""
                        select case when own then 'OWN_PACK' else 'PACK' end as said, sha256 as what, name
                        from school_pack where school_id = :school
                        union all
                        select 'ASIDE', key, key from set_aside where school_id = :school
                        order by name""")
                .param("school", SchoolScope.current())
                .query((row, n) -> Map.entry(Said.valueOf(row.getString("said")), row.getString("what")))
                .list()
                .stream()
                .collect(Collectors.groupingBy(
                        Map.Entry::getKey, Collectors.mapping(Map.Entry::getValue, Collectors.toList())));
        List<String> own = said.getOrDefault(Said.OWN_PACK, List.of());
        packs.addAll(said.getOrDefault(Said.PACK, List.of()));
        packs.addAll(own);
        KnowHow known = packs.size() == 1
                ? shipped().knowHow()
                : versions.together(packs).orElseGet(() -> shipped().knowHow());
        return new InForce(
                packs,
                known,
                own.isEmpty() ? Set.of() : versions.keys(own.get(0)),
                Set.copyOf(said.getOrDefault(Said.ASIDE, List.of())));
    }

    public KnowHow current() {
        return inForce().knowHow();
    }

    /** The versions in force, the shipped one first. */
    public List<String> packs() {
        return inForce().packs();
    }

    /** What the versions hold that a unit was planned with; what is in force if one of them is not kept here. */
    public KnowHow of(List<String> packs) {
        return versions.together(packs).orElseGet(this::current);
    }

    /** The things of the school's own. */
    public List<Item> ownThings() {
        return cupboards.own();
    }

    /** The same with the things of the school's own. */
    public KnowHow withOwnThings(KnowHow known) {
        return known.with(ownThings());
    }

    public KnowHow withOwnThings() {
        return withOwnThings(current());
    }

    /** For planning anew: without what is set aside, but for what is already used. */
    public KnowHow toPlan(Collection<String> used) {
        Set<String> aside = inForce().aside();
        return current().keeping(a -> !aside.contains(a.key()) || used.contains(a.key()));
    }

    /** Identity of the shipped version in force. */
    public String sha256() {
        return shipped().sha256();
    }

    /** What the school has of the things this know-how knows. */
    public Cupboard cupboard() {
        Map<Item, Integer> counts = new LinkedHashMap<>();
        Map<String, Integer> owned = cupboards.counts();
        for (Item item : withOwnThings().items()) counts.put(item, owned.getOrDefault(item.key(), 0));
        Map<Cupboard.Rolls, Integer> rolls = new LinkedHashMap<>();
        cupboards.rolls().forEach(r -> {
            if (r.fell() != null) rolls.put(new Cupboard.Rolls(r.ball(), r.target()), r.fell());
        });
        return Cupboard.of(counts).withRolls(rolls);
    }
}
