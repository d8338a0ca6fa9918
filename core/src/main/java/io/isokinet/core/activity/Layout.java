package io.isokinet.core.activity;

import java.util.List;

/**
 * What stands on the floor, and how children set it out.
 *
 * @param key a slug; activities of the same lay-out follow each other without set-up
 * @param steps two to four steps for a set-up card
 * @param check what to look at before it is used
 */
public record Layout(String key, String name, List<String> steps, String check) {
    public Layout {
        steps = List.copyOf(steps);
    }
}
