package io.isokinet.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.Cookie;
import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.security.GeneralSecurityException;
import java.security.KeyStore;
import java.util.Base64;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** Over https with a certificate made for this test. */
class TlsTest {
    @TempDir
    Path folder;

    @Test
    void theHallKeepsThingsOfflineAndCookiesAreSecure() throws Exception {
        makeCertificate();
        try (Application application = Application.start(
                        "--server.ssl.certificate=file:" + folder.resolve("cert.pem"),
                        "--server.ssl.certificate-private-key=file:" + folder.resolve("key.pem"));
                Desk desk = new Desk(application.address())) {
            desk.signIn();
            assertThat(application.address()).startsWith("https://");
            for (Cookie cookie : desk.context.cookies())
                assertThat(cookie.secure).as(cookie.name).isTrue();
            assertThat(desk.context.cookies()).anyMatch(c -> c.name.equals("isokinet") && c.httpOnly);
            desk.inTheHall("Roll it, catch it", "Lesson 5");
            desk.button(Pattern.compile("^Anouk: shown$")).click();
            assertThat(desk.page.getByRole(AriaRole.STATUS)).containsText("all saved");
            assertThat(desk.page.getByText("nothing is kept offline")).isHidden();
            desk.isAccessible();
            desk.isQuiet();
        }
    }

    private void makeCertificate() throws IOException, InterruptedException, GeneralSecurityException {
        Path store = folder.resolve("store.p12");
        char[] password = "for this test".toCharArray();
        int made = new ProcessBuilder(
                        Path.of(System.getProperty("java.home"), "bin", "keytool")
                                .toString(),
                        "-genkeypair",
                        "-alias",
                        "isokinet",
                        "-keyalg",
                        "EC",
                        "-groupname",
                        "secp256r1",
                        "-validity",
                        "2",
                        "-dname",
                        "CN=localhost",
                        "-ext",
                        "SAN=dns:localhost",
                        "-storetype",
                        "PKCS12",
                        "-keystore",
                        store.toString(),
                        "-storepass",
                        new String(password))
                .inheritIO()
                .start()
                .waitFor();
        assertThat(made).isZero();
        KeyStore keys = KeyStore.getInstance("PKCS12");
        try (InputStream in = Files.newInputStream(store)) {
            keys.load(in, password);
        }
        pem("cert.pem", "CERTIFICATE", keys.getCertificate("isokinet").getEncoded());
        pem("key.pem", "PRIVATE KEY", keys.getKey("isokinet", password).getEncoded());
    }

    private void pem(String name, String kind, byte[] content) throws IOException {
        String text = Base64.getMimeEncoder(64, new byte[] {'\n'}).encodeToString(content);
        Files.writeString(
                folder.resolve(name), "-----BEGIN %s-----\n%s\n-----END %s-----\n".formatted(kind, text, kind));
    }
}
