package io.isokinet.knowhow;

import io.isokinet.core.check.FoundException;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.SortedMap;
import java.util.TreeMap;
import java.util.stream.Stream;

/** A pack as a folder on disk: bin/know-how check and zip. */
public final class PackFolder {
    private PackFolder() {}

    /** {@code check FOLDER} or {@code zip FOLDER FILE}; leaves with 1 if anything is wrong. */
    public static void main(String[] arguments) throws IOException {
        try {
            Pack pack = PackReader.read(read(Path.of(arguments[1])), List.of(PackFiles.shipped()));
            pack.gaps().forEach(g -> System.out.println("needed: " + g));
            if (arguments[0].equals("zip"))
                Files.write(
                        Path.of(arguments[2]), PackZip.write(pack.name(), pack.number(), pack.title(), pack.files()));
            System.out.println("%s, version %d: nothing is wrong%s."
                    .formatted(pack.title(), pack.number(), pack.gaps().isEmpty() ? ", nothing is needed" : ""));
        } catch (FoundException e) {
            e.findings().all().forEach(f -> System.err.println(f.where() + " " + f.rule() + ": " + f.message()));
            System.exit(1);
        }
    }

    /** Every file below a folder, by its path in it. */
    static PackFiles read(Path folder) throws IOException {
        SortedMap<String, String> texts = new TreeMap<>();
        try (Stream<Path> files = Files.walk(folder)) {
            for (Path file : files.filter(Files::isRegularFile).toList())
                texts.put(folder.relativize(file).toString().replace('\\', '/'), Files.readString(file));
        }
        return new PackFiles(texts);
    }
}
