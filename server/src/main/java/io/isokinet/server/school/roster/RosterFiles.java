package io.isokinet.server.school.roster;

import io.isokinet.core.check.Finding;
import io.isokinet.core.check.Findings;
import io.isokinet.core.check.FoundException;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.zip.ZipEntry;
import java.util.zip.ZipException;
import java.util.zip.ZipInputStream;

/** The CSV files of an upload, zips opened, by file name without folder. Nothing is ever written to disk. */
final class RosterFiles {
    private static final int MOST_BYTES = 40 << 20;
    private static final int MOST_ENTRIES = 200;

    private final Map<String, byte[]> files = new LinkedHashMap<>();
    private long bytes;

    private RosterFiles() {}

    /** @throws FoundException if there is nothing to read, a path climbs out, or it is too large */
    static Map<String, byte[]> open(Map<String, byte[]> uploaded) {
        RosterFiles roster = new RosterFiles();
        uploaded.forEach((name, content) -> {
            if (name.toLowerCase(Locale.ROOT).endsWith(".zip")) roster.unzip(name, content);
            else roster.take(name, content);
        });
        if (roster.files.isEmpty())
            throw refused(
                    "file", "There is no table in it. Choose a CSV or XLSX file, a OneRoster folder, or a zip of one.");
        return roster.files;
    }

    private void unzip(String zip, byte[] content) {
        try (ZipInputStream in = new ZipInputStream(new ByteArrayInputStream(content))) {
            ZipEntry entry;
            int entries = 0;
            while ((entry = in.getNextEntry()) != null) {
                String name = entry.getName().replace('\\', '/');
                if (name.startsWith("/")
                        || name.matches("^[A-Za-z]:.*")
                        || List.of(name.split("/")).contains(".."))
                    throw refused(
                            zip,
                            "The zip holds a path that climbs out of it (%s). Make a new zip of the CSV files only."
                                    .formatted(name));
                if (++entries > MOST_ENTRIES)
                    throw refused(
                            zip, "The zip holds more than %d files; zip the CSV files only.".formatted(MOST_ENTRIES));
                if (!entry.isDirectory()) take(name, in.readNBytes((int) (MOST_BYTES - bytes + 1)));
            }
            if (entries == 0)
                throw refused(
                        zip, "This is no zip, or an empty one. Make it again, or choose the CSV files themselves.");
        } catch (ZipException e) {
            throw refused(zip, "This zip is damaged (%s). Make it again.".formatted(e.getMessage()));
        } catch (IOException e) {
            throw refused(zip, "This zip cannot be read to its end. Make it again.");
        }
    }

    private void take(String path, byte[] content) {
        bytes += content.length;
        if (bytes > MOST_BYTES)
            throw refused(
                    path, "The roster has more than %d MB; export only your classes.".formatted(MOST_BYTES >> 20));
        String name = path.substring(path.lastIndexOf('/') + 1).toLowerCase(Locale.ROOT);
        if (name.endsWith(".csv") || name.endsWith(".txt") || name.endsWith(".tsv") || name.endsWith(".xlsx"))
            files.put(name, content);
    }

    static FoundException refused(String where, String message) {
        return new FoundException(new Findings(List.of(new Finding("roster", where, message))));
    }
}
