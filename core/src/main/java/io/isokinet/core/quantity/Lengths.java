package io.isokinet.core.quantity;

import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Lengths in sentences. Each carries a sign that nobody sees, put there where the sentence is made, so that a screen and a paper can
 * show it in the school's unit without guessing which of its numbers are lengths.
 */
public final class Lengths {
    private static final char SIGN = '\u2063';
    private static final double FOOT = 0.3048;
    /** In a pattern for {@link java.util.Formatter}: a number, or where one will stand, before the sign of a metre. */
    private static final Pattern IN_PATTERN =
            Pattern.compile("(?:%(?:\\.\\d)?[fd]|(?<![\\w.%])\\d+(?:\\.\\d+)?)(?= m(?![\\w/²]))");
    /** In what somebody typed: "0.6 m apart". */
    private static final Pattern TYPED = Pattern.compile("(?<![\\w.])\\d+(?:\\.\\d+)?(?= m(?![\\w²/]))");

    private static final Pattern MARKED = Pattern.compile(SIGN + "(\\d+(?:\\.\\d+)?) m");
    /** Sentences are made from few patterns, often. */
    private static final Map<String, String> PATTERNS = new ConcurrentHashMap<>();

    private Lengths() {}

    /** Shows texts with their lengths as those who read them are used to. */
    @FunctionalInterface
    public interface Shown {
        String of(String text);
    }

    /** The pattern with each of its lengths signed. */
    static String signed(String pattern) {
        return PATTERNS.computeIfAbsent(pattern, p -> IN_PATTERN.matcher(p).replaceAll(SIGN + "$0"));
    }

    /** A text that somebody typed, with each of its lengths signed; for what reads it from outside. */
    public static String typed(String text) {
        return TYPED.matcher(text).replaceAll(SIGN + "$0");
    }

    /** True if there is a length in it. */
    public static boolean isIn(String text) {
        return text.indexOf(SIGN) >= 0;
    }

    /** The text with its lengths in a unit: "3.0 m", "9 ft 10 in". */
    public static String shown(String text, LengthUnit unit) {
        if (!isIn(text)) return text;
        return MARKED.matcher(text)
                .replaceAll(m -> Matcher.quoteReplacement(
                        unit == LengthUnit.METRES ? m.group(1) + " m" : feet(Double.parseDouble(m.group(1)))))
                .replace(String.valueOf(SIGN), "");
    }

    /** The text in metres, for files and for what is looked up. */
    public static String plain(String text) {
        return shown(text, LengthUnit.METRES);
    }

    private static String feet(double metres) {
        long inches = Math.round(metres / FOOT * 12);
        return inches % 12 == 0 ? inches / 12 + " ft" : inches / 12 + " ft " + inches % 12 + " in";
    }
}
