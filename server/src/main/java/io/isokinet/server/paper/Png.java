package io.isokinet.server.paper;

import java.io.ByteArrayOutputStream;
import java.io.StringReader;
import org.apache.batik.transcoder.TranscoderException;
import org.apache.batik.transcoder.TranscoderInput;
import org.apache.batik.transcoder.TranscoderOutput;
import org.apache.batik.transcoder.image.ImageTranscoder;
import org.apache.batik.transcoder.image.PNGTranscoder;

/** Drawings as pictures. */
public final class Png {
    private static final float WIDTH = 1600;

    private Png() {}

    /** @param svg a drawing that is whole in itself */
    public static byte[] of(String svg) {
        PNGTranscoder png = new PNGTranscoder();
        png.addTranscodingHint(ImageTranscoder.KEY_WIDTH, WIDTH);
        png.addTranscodingHint(ImageTranscoder.KEY_BACKGROUND_COLOR, java.awt.Color.WHITE);
        png.addTranscodingHint(ImageTranscoder.KEY_ALLOW_EXTERNAL_RESOURCES, false);
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try {
            png.transcode(new TranscoderInput(new StringReader(svg)), new TranscoderOutput(out));
        } catch (TranscoderException e) {
            throw new IllegalStateException("Impossible state: our own drawing cannot be read.", e);
        }
        return out.toByteArray();
    }
}
