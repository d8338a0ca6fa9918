package io.isokinet.core.skill;

import io.isokinet.core.quantity.Side;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Writes a cue's text for a child's side. Left and right are generated, never typed.
 *
 * <p>Templates: {@code {throwing hand}}, {@code {batting hand}}, {@code {kicking foot}}, {@code {opposite foot}},
 * {@code {opposite hand}}, {@code {same-side foot}}, {@code {throwing side}}. For a child who has not settled, the words
 * stay as they are: "throwing hand".
 */
public final class Mirror {
    private static final Pattern TEMPLATE = Pattern.compile("\\{([a-z-]+) (hand|foot|side)}");
    private static final Set<String> KNOWN = Set.of(
            "throwing hand",
            "batting hand",
            "kicking foot",
            "opposite foot",
            "opposite hand",
            "same-side foot",
            "throwing side",
            "batting side",
            "kicking side");

    private Mirror() {}

    /**
     * @param template text with templates in braces
     * @param action whose side decides: that of the skill the cue belongs to
     * @throws IllegalArgumentException if a template is not one of those above
     */
    public static String text(String template, Action action, Sides sides) {
        Optional<Side> side = sides.of(action);
        Matcher matcher = TEMPLATE.matcher(template);
        StringBuilder text = new StringBuilder();
        while (matcher.find()) {
            String words = matcher.group(1) + " " + matcher.group(2);
            if (!KNOWN.contains(words))
                throw new IllegalArgumentException(
                        "The template {%s} is not one of %s.".formatted(words, String.join(", ", KNOWN)));
            boolean opposite = matcher.group(1).equals("opposite");
            String limb = matcher.group(2);
            matcher.appendReplacement(
                    text,
                    side.map(s -> (opposite ? s.opposite() : s).word() + " " + limb)
                            .orElse(words));
        }
        matcher.appendTail(text);
        if (text.indexOf("{") >= 0)
            throw new IllegalArgumentException("The text (%s) has a brace that is no template.".formatted(template));
        return text.toString();
    }
}
