package io.isokinet.core.nextstep;

import java.util.Collection;
import java.util.List;
import java.util.Locale;
import java.util.stream.Stream;

/** What children wanted to find out in an opening talk and nobody has answered. A guess: it compares words. */
public final class Wants {
    private static final int TELLING = 5;

    private Wants() {}

    /** A want is answered by what was learnt if both have a word of five letters or more. */
    public static List<String> unanswered(Collection<String> wants, Collection<String> learnt) {
        return wants.stream()
                .filter(w -> !w.isBlank() && learnt.stream().noneMatch(l -> answers(l, w)))
                .toList();
    }

    private static boolean answers(String learnt, String want) {
        String known = learnt.toLowerCase(Locale.ROOT);
        return Stream.of(want.toLowerCase(Locale.ROOT).split("[^\\p{L}]+"))
                .anyMatch(w -> w.length() >= TELLING && known.contains(w));
    }
}
