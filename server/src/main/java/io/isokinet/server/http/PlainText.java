package io.isokinet.server.http;

import java.text.Normalizer;
import java.util.OptionalInt;

/**
 * Text as it is kept: composed (Unicode NFC), so that one name is one name however a keyboard made it, and without what no paper
 * can print: control characters, halves of characters and code points that are none.
 */
public final class PlainText {
    private PlainText() {}

    /** @throws IllegalArgumentException if there is something in it that is no text */
    public static String of(String text) {
        OptionalInt bad = firstBad(text);
        if (bad.isPresent()) throw new IllegalArgumentException(refusal(bad.getAsInt()));
        return Normalizer.normalize(text, Normalizer.Form.NFC);
    }

    /** The same of a file that others made: what is no text is left out. */
    public static String cleaned(String text) {
        if (firstBad(text).isEmpty()) return Normalizer.normalize(text, Normalizer.Form.NFC);
        StringBuilder kept = new StringBuilder();
        text.codePoints().filter(c -> !isBad(c)).forEach(kept::appendCodePoint);
        return Normalizer.normalize(kept, Normalizer.Form.NFC);
    }

    /** In plain words: which character, and what to do. */
    static String refusal(int codePoint) {
        return "holds a character that cannot be shown (U+%04X). Type the text anew; copied text may bring such along."
                .formatted(codePoint);
    }

    static OptionalInt firstBad(String text) {
        return text.codePoints().filter(PlainText::isBad).findFirst();
    }

    private static boolean isBad(int c) {
        if (c == '\n' || c == '\t' || c == '\r') return false;
        return Character.isISOControl(c)
                || Character.getType(c) == Character.SURROGATE
                || (c & 0xFFFE) == 0xFFFE
                || c >= 0xFDD0 && c <= 0xFDEF;
    }
}
