package io.isokinet.core.knowhow;

import io.isokinet.core.activity.Activity;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/**
 * What things are called beside their names.
 *
 * @param plain what an activity is, in plain words, by its key: "overarm throw at a wall, in twos"
 * @param also what else a teacher may look for, by the key of an activity, a skill or an item: sports, games, kit, school subjects,
 *     regional words
 */
public record Names(Map<String, String> plain, Map<String, List<String>> also) {
    public static final Names NONE = new Names(Map.of(), Map.of());

    public Names {
        plain = Map.copyOf(plain);
        also = Map.copyOf(also);
    }

    /** What it is in plain words; made of its skill and formation where nobody wrote it; null for what has no skill. */
    public @Nullable String plain(Activity activity, KnowHow known) {
        String written = plain.get(activity.key());
        if (written != null || activity.skill() == null) return written;
        return "%s, %s"
                .formatted(
                        known.skill(activity.skill()).name().toLowerCase(Locale.ROOT),
                        activity.grouping().formation().label());
    }

    /** Other words for it; empty where it has none. */
    public List<String> also(String key) {
        return also.getOrDefault(key, List.of());
    }
}
