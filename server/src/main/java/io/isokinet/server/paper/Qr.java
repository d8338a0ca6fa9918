package io.isokinet.server.paper;

import com.google.zxing.BarcodeFormat;
import com.google.zxing.EncodeHintType;
import com.google.zxing.WriterException;
import com.google.zxing.common.BitMatrix;
import com.google.zxing.qrcode.QRCodeWriter;
import java.util.Locale;
import java.util.Map;

/** A text as a square code that a camera reads (ISO/IEC 18004), as SVG. */
public final class Qr {
    private Qr() {}

    /** @param millimetres it is wide, with its quiet zone */
    public static String svg(String text, double millimetres) {
        BitMatrix dots;
        try {
            dots = new QRCodeWriter().encode(text, BarcodeFormat.QR_CODE, 0, 0, Map.of(EncodeHintType.MARGIN, 4));
        } catch (WriterException e) {
            throw new IllegalArgumentException(
                    "A text of %d characters is too long for a code of this kind.".formatted(text.length()), e);
        }
        StringBuilder path = new StringBuilder();
        for (int y = 0; y < dots.getHeight(); y++)
            for (int x = 0; x < dots.getWidth(); x++) if (dots.get(x, y)) path.append("M%d %dh1v1h-1z".formatted(x, y));
        return String.format(
                Locale.ROOT,
                "<svg xmlns='http://www.w3.org/2000/svg' viewBox='0 0 %d %d' width='%.1fmm' height='%.1fmm'><path d='%s' fill='#000000'/></svg>",
                dots.getWidth(),
                dots.getHeight(),
                millimetres,
                millimetres,
                path);
    }
}
