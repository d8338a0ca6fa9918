package io.isokinet.knowhow;

import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/**
 * Files that passed the schema, by their path and content. A pack that is changed is read anew, and all but one of its files
 * are what they were. Only so many are kept, and none that is large.
 */
final class SoundFiles {
    private static final int MOST = 160;
    private static final int LONGEST = 40_000;

    private static final Map<String, Located> KEPT =
            Collections.synchronizedMap(new LinkedHashMap<>(MOST, 0.75f, true) {
                @Override
                protected boolean removeEldestEntry(Map.Entry<String, Located> eldest) {
                    return size() > MOST;
                }
            });

    private SoundFiles() {}

    /** Null if this file has not been read, or too long ago. */
    static @Nullable Located get(String path, String text) {
        return text.length() > LONGEST ? null : KEPT.get(key(path, text));
    }

    static void keep(Located file, String text) {
        if (text.length() <= LONGEST) KEPT.put(key(file.path, text), file);
    }

    private static String key(String path, String text) {
        return path + "\0" + text;
    }
}
