package io.isokinet.knowhow;

import static org.assertj.core.api.Assertions.assertThat;

import io.isokinet.core.activity.Activity;
import io.isokinet.core.activity.Lever;
import io.isokinet.core.activity.StepFacts;
import io.isokinet.core.knowhow.KnowHow;
import io.isokinet.core.quantity.Lengths;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Objects;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/**
 * Steps whose words hold a number, a unit or the name of a thing, and that set no fact: they are only words. The list is kept, so that
 * a new one is either given its facts or is put here on purpose.
 */
class OnlyWordsTest {
    private static final Pattern NUMBER = Pattern.compile(
            "\\b(\\d+|one|two|three|four|five|six|seven|eight|nine|ten|twelve|half|metres?|paces?|seconds?)\\b");

    @Test
    void whatIsOnlyWordsIsKnown() throws IOException {
        KnowHow known = PackReader.read(PackFiles.shipped()).knowHow();
        Pattern things = Pattern.compile(known.items().stream()
                .flatMap(i -> Stream.of(i.name(), i.many()))
                .map(n -> Pattern.quote(n.toLowerCase(Locale.ROOT)))
                .collect(Collectors.joining("|", "\\b(", ")\\b")));
        List<String> silent = new ArrayList<>();
        for (Activity activity : known.activities())
            for (Lever lever : activity.levers())
                for (int i = 0; i < lever.steps().size(); i++) {
                    String words = Lengths.plain(lever.steps().get(i));
                    String low = words.toLowerCase(Locale.ROOT);
                    if (lever.facts().get(i).equals(StepFacts.NONE)
                            && (NUMBER.matcher(low).find()
                                    || things.matcher(low).find()))
                        silent.add("%s: %s: %s".formatted(activity.key(), lever.name(), words));
                }
        try (InputStream list = Objects.requireNonNull(getClass().getResourceAsStream("/only-words.txt"))) {
            assertThat(silent)
                    .containsExactlyInAnyOrderElementsOf(new String(list.readAllBytes(), StandardCharsets.UTF_8)
                            .lines()
                            .toList());
        }
    }
}
