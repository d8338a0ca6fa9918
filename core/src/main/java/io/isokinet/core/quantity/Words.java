package io.isokinet.core.quantity;

import java.util.List;
import java.util.Locale;

/** Sentences with numbers in them, in British English whatever the machine speaks: "0.53", never "0,53". */
public final class Words {
    /** What people read is written in. */
    public static final Locale LOCALE = Locale.UK;

    private Words() {}

    /**
     * A sentence; where its pattern has a number of metres, it is a length, see {@link Lengths}.
     *
     * @param pattern as {@link java.util.Formatter} takes it
     */
    public static String say(String pattern, Object... values) {
        return String.format(LOCALE, Lengths.signed(pattern), values);
    }

    /** "Ada, Bo and Cy". */
    public static String list(List<String> names) {
        int last = names.size() - 1;
        return last <= 0
                ? String.join("", names)
                : String.join(", ", names.subList(0, last)) + " and " + names.get(last);
    }

    /** With its first letter large. */
    public static String capital(String words) {
        return words.substring(0, 1).toUpperCase(LOCALE) + words.substring(1);
    }
}
