package io.isokinet.server.demo;

import io.isokinet.server.unit.UnitFile;
import io.isokinet.server.unit.UnitFiles;
import io.isokinet.server.unit.UnitFiles.ArrivalForm;
import io.isokinet.server.unit.UnitForm;
import io.isokinet.server.unit.UnitPlanning;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.stereotype.Component;
import tools.jackson.databind.json.JsonMapper;

/**
 * The units of the demo school. They were planned beforehand, so that it starts quickly, and are kept as files; {@code bin/demo-units}
 * plans them anew.
 */
@Component
@ConditionalOnProperty("isokinet.demo")
class DemoUnits {
    private static final Logger LOG = LoggerFactory.getLogger(DemoUnits.class);

    private final UnitFiles files;
    private final UnitPlanning planning;
    private final JsonMapper json;
    private final @Nullable Path anew;
    private final Map<String, String> texts = new HashMap<>();

    /** @param anew folder that the files are written to; empty to read those that are kept */
    DemoUnits(UnitFiles files, UnitPlanning planning, JsonMapper json, @Value("${isokinet.demo-units:}") String anew) {
        this.files = files;
        this.planning = planning;
        this.json = json;
        this.anew = anew.isEmpty() ? null : Path.of(anew);
    }

    /** @param key of the file; classes of one age share it */
    UUID put(String key, UnitForm form) {
        UUID id = UUID.randomUUID();
        if (anew != null && !texts.containsKey(key)) {
            planning.make(id, form);
            texts.put(key, write(anew, key, files.file(id)));
            return id;
        }
        List<String> changes = files.take(
                        id,
                        texts.computeIfAbsent(key, DemoUnits::read),
                        new ArrivalForm(form.classId(), form.title(), form.lessons()))
                .changes();
        if (!changes.isEmpty())
            LOG.warn("The unit {} is not as it was planned ({}); run bin/demo-units.", key, String.join(" ", changes));
        return id;
    }

    private String write(Path folder, String key, UnitFile file) {
        // Its days are those of the demo.
        UnitFile undated = new UnitFile(
                file.format(),
                file.schema(),
                file.title(),
                file.packs(),
                file.profile(),
                file.targets(),
                file.wishes(),
                file.lessons().stream()
                        .map(l -> new UnitFile.LessonPart(null, l.minutes(), l.space(), l.segments()))
                        .toList());
        String text = json.writeValueAsString(undated);
        try {
            Files.createDirectories(folder);
            Files.writeString(folder.resolve(key + ".json"), text + "\n");
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return text;
    }

    private static String read(String key) {
        try (InputStream in = DemoUnits.class.getResourceAsStream("/demo/" + key + ".json")) {
            return new String(
                    Objects.requireNonNull(in, "There is no unit " + key + "; run bin/demo-units.")
                            .readAllBytes(),
                    StandardCharsets.UTF_8);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
