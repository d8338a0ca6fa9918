package io.isokinet.server.knowhow;

import io.isokinet.core.knowhow.KnowHow;
import io.isokinet.core.thing.Cupboard;
import io.isokinet.core.thing.Item;
import io.isokinet.knowhow.Pack;
import io.isokinet.knowhow.PackFiles;
import io.isokinet.knowhow.PackReader;
import io.isokinet.server.place.Cupboards;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.concurrent.CompletableFuture;
import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.core.annotation.Order;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Service;

/** The know-how in force. Its version is kept in the database, so that a unit can name what it was planned with. */
@Service
@Order(0)
public class KnowHows implements ApplicationRunner {
    private static final String KEEP = """
            insert into pack_version (sha256, school_id, pack, number, body)
            values (:sha256, null, :pack, :number, cast(:body as jsonb))
            on conflict (sha256) do nothing""";

    private final JdbcClient jdbc;
    private final Cupboards cupboards;
    // Read beside the start of everything else, which takes as long.
    private final CompletableFuture<Pack> pack =
            CompletableFuture.supplyAsync(() -> PackReader.read(PackFiles.shipped()));

    KnowHows(JdbcClient jdbc, Cupboards cupboards) {
        this.jdbc = jdbc;
        this.cupboards = cupboards;
    }

    @Override
    public void run(ApplicationArguments arguments) {
        jdbc.sql(KEEP)
                .param("sha256", pack.join().sha256())
                .param("pack", pack.join().name())
                .param("number", pack.join().number())
                .param("body", pack.join().json())
                .update();
    }

    public KnowHow current() {
        return pack.join().knowHow();
    }

    /** The same, with the things of the school's own. */
    public KnowHow withOwnThings() {
        return current().with(cupboards.own());
    }

    /** Identity of the version in force. */
    public String sha256() {
        return pack.join().sha256();
    }

    /** What the school has of the things this know-how knows. */
    public Cupboard cupboard() {
        Map<Item, Integer> counts = new LinkedHashMap<>();
        Map<String, Integer> owned = cupboards.counts();
        for (Item item : withOwnThings().items()) counts.put(item, owned.getOrDefault(item.key(), 0));
        return Cupboard.of(counts);
    }
}
