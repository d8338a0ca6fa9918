package io.isokinet.server.http;

import java.io.IOException;
import java.io.UncheckedIOException;
import org.springframework.web.multipart.MultipartFile;

/** Files that come with a request. */
public final class Uploads {
    private Uploads() {}

    /** As the sender calls it; "null" if it has no name. */
    public static String name(MultipartFile file) {
        return PlainText.cleaned(String.valueOf(file.getOriginalFilename()));
    }

    /** @throws UncheckedIOException if what was received cannot be read back */
    public static byte[] bytes(MultipartFile file) {
        try {
            return file.getBytes();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
