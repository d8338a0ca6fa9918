package io.isokinet.server.paper;

import com.openhtmltopdf.outputdevice.helper.BaseRendererBuilder.FontStyle;
import com.openhtmltopdf.pdfboxout.PdfRendererBuilder;
import com.openhtmltopdf.slf4j.Slf4jLogger;
import com.openhtmltopdf.svgsupport.BatikSVGDrawer;
import com.openhtmltopdf.util.XRLog;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.concurrent.CompletableFuture;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Component;
import org.thymeleaf.TemplateEngine;
import org.thymeleaf.context.Context;
import org.thymeleaf.templateresolver.ClassLoaderTemplateResolver;

/** Fills templates and prints them as PDF with the shipped font; fetches nothing. */
@Component
public class PdfPress {
    private final TemplateEngine engine = new TemplateEngine();
    private final String style = read("style.css");

    PdfPress() {
        XRLog.setLoggerImpl(new Slf4jLogger());
        ClassLoaderTemplateResolver resolver = new ClassLoaderTemplateResolver();
        resolver.setPrefix("paper/");
        resolver.setSuffix(".html");
        engine.setTemplateResolver(resolver);
    }

    /** The first PDF takes seconds, the later ones a fraction: the first is made for nobody. */
    @EventListener(ApplicationReadyEvent.class)
    void warmUp() {
        CompletableFuture.runAsync(() -> print("make-sheets", "", Map.of("sheets", List.of())));
    }

    /** A PDF to open in the browser, named after its title. */
    public static ResponseEntity<byte[]> answer(String title, byte[] bytes) {
        return ResponseEntity.ok()
                .contentType(MediaType.APPLICATION_PDF)
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.inline()
                                .filename(title.toLowerCase(Locale.ROOT).replaceAll("[^a-z0-9]+", "-") + ".pdf")
                                .build()
                                .toString())
                .body(bytes);
    }

    /**
     * A page from a template of {@code paper/}.
     *
     * @param title also of the file
     */
    public byte[] print(String template, String title, Map<String, Object> model) {
        Context context = new Context(Locale.UK);
        context.setVariables(model);
        context.setVariable("title", title);
        context.setVariable("style", style);
        String html = engine.process(template, context);
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        PdfRendererBuilder builder = new PdfRendererBuilder();
        builder.useFastMode();
        builder.useFont(
                () -> stream("/fonts/AtkinsonHyperlegible-Regular.ttf"),
                "Atkinson Hyperlegible",
                400,
                FontStyle.NORMAL,
                true);
        builder.useFont(
                () -> stream("/fonts/AtkinsonHyperlegible-Bold.ttf"),
                "Atkinson Hyperlegible",
                700,
                FontStyle.NORMAL,
                true);
        builder.useSVGDrawer(new BatikSVGDrawer());
        // Nothing is fetched: all that a page needs is in it.
        builder.useUriResolver((base, uri) -> null);
        builder.withHtmlContent(html, null);
        builder.toStream(out);
        try {
            builder.run();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return out.toByteArray();
    }

    private static InputStream stream(String name) {
        return Objects.requireNonNull(PdfPress.class.getResourceAsStream(name), name);
    }

    private static String read(String name) {
        try (InputStream in = stream("/paper/" + name)) {
            return new String(in.readAllBytes(), StandardCharsets.UTF_8);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
