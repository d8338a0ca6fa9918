package io.isokinet.server.table;

import io.isokinet.core.check.Bounds;
import io.isokinet.core.check.Finding;
import io.isokinet.core.check.Findings;
import io.isokinet.core.check.FoundException;
import io.isokinet.server.http.PlainText;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.StringReader;
import java.io.UncheckedIOException;
import java.nio.ByteBuffer;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.Charset;
import java.nio.charset.CodingErrorAction;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Locale;
import java.util.OptionalInt;
import java.util.function.IntFunction;
import java.util.stream.Stream;
import org.apache.commons.compress.archivers.zip.ZipArchiveEntry;
import org.apache.commons.compress.archivers.zip.ZipFile;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVRecord;
import org.dhatim.fastexcel.reader.Cell;
import org.dhatim.fastexcel.reader.ExcelReaderException;
import org.dhatim.fastexcel.reader.ReadableWorkbook;
import org.dhatim.fastexcel.reader.Row;

/**
 * A table out of a CSV file (RFC 4180; commas, semicolons or tabs), its bytes read as UTF-8 where they are that, as Windows-1252 otherwise.
 *
 * @param encoding in words for the preview
 * @param columns the header's cells
 * @param rows the cells below it, each as wide as the header
 */
public record Table(String name, String encoding, List<String> columns, List<List<String>> rows) {
    /** @throws io.isokinet.core.check.FoundException if there is no header, a quote never closes, or it is larger than any school's table */
    public static Table read(String name, byte[] bytes) {
        return name.endsWith(".xlsx") ? sheet(name, bytes) : csv(name, bytes);
    }

    private static Table csv(String name, byte[] bytes) {
        Decoded text = decode(bytes);
        String firstLine = text.text.lines().findFirst().orElse("");
        char delimiter = delimiter(firstLine);
        checkWidth(name, text.text, delimiter);
        CSVFormat format = CSVFormat.RFC4180
                .builder()
                .setDelimiter(delimiter)
                .setIgnoreEmptyLines(true)
                .get();
        try (CSVParser parser = CSVParser.parse(new StringReader(text.text), format)) {
            Rows rows = new Rows(name);
            for (CSVRecord row : parser) rows.add(row.size(), row::get);
            if (rows.columns.isEmpty()) throw refused(name, "The file is empty. Export it again.");
            return new Table(name, text.encoding, rows.columns, rows.below);
        } catch (UncheckedIOException | IOException e) {
            throw refused(
                    name,
                    "A quotation mark opens and never closes (%s). Export the file again.".formatted(e.getMessage()));
        }
    }

    /** Counts the cells of each line before any is held: a few bytes of commas would be many cells. */
    private static void checkWidth(String name, String text, char delimiter) {
        int cells = 1;
        boolean quoted = false;
        for (int i = 0; i < text.length(); i++) {
            char c = text.charAt(i);
            if (c == '"') quoted = !quoted;
            else if (quoted) continue;
            else if (c == '\n' || c == '\r') cells = 1;
            else if (c == delimiter && ++cells > Bounds.MOST_COLUMNS) throw tooWide(name);
        }
    }

    /** The first sheet of a spreadsheet (Office Open XML), its cells as they are shown. */
    private static Table sheet(String name, byte[] bytes) {
        checkUnpacked(name, bytes);
        try (ReadableWorkbook book = new ReadableWorkbook(new ByteArrayInputStream(bytes));
                Stream<Row> stream = book.getFirstSheet().openStream()) {
            Rows rows = new Rows(name);
            for (Row row : (Iterable<Row>) stream::iterator) {
                int width = filled(row);
                if (width > 0) rows.add(width, i -> text(row, i));
            }
            if (rows.columns.isEmpty()) throw refused(name, "The first sheet is empty. Put the table there.");
            return new Table(name, "a spreadsheet", rows.columns, rows.below);
        } catch (IOException | ExcelReaderException | UncheckedIOException e) {
            throw refused(name, "This is no spreadsheet that can be read. Save it again as XLSX, or as CSV.");
        }
    }

    /** A spreadsheet is a packed folder: what it unpacks to is counted by unpacking it once, and no further than may be. */
    private static void checkUnpacked(String name, byte[] bytes) {
        try (ZipFile packed = ZipFile.builder().setByteArray(bytes).get()) {
            long left = Bounds.MOST_UNPACKED;
            byte[] part = new byte[1 << 16];
            for (ZipArchiveEntry entry : Collections.list(packed.getEntries()))
                try (InputStream in = packed.getInputStream(entry)) {
                    int read;
                    while ((read = in.read(part)) > 0)
                        if ((left -= read) < 0)
                            throw refused(
                                    name,
                                    "It unpacks to more than %d MB. Copy the table alone into a new spreadsheet and save that."
                                            .formatted(Bounds.MOST_UNPACKED / 1_000_000));
                }
        } catch (IOException | RuntimeException e) {
            if (e instanceof FoundException found) throw found;
            throw refused(name, "This is no spreadsheet that can be read. Save it again as XLSX, or as CSV.");
        }
    }

    /** Up to the last cell with something in it: formatted cells may go on to the sheet's edge. */
    private static int filled(Row row) {
        int width = row.getCellCount();
        while (width > 0 && text(row, width - 1).isEmpty()) width--;
        return width;
    }

    private static String text(Row row, int column) {
        Cell cell = row.getCell(column);
        return cell == null ? "" : cell.getText().strip();
    }

    /** The header and what is below it, each row as wide as the header, no more than may be held. */
    private static final class Rows {
        private final String name;
        private List<String> columns = List.of();
        private final List<List<String>> below = new ArrayList<>();

        Rows(String name) {
            this.name = name;
        }

        void add(int width, IntFunction<String> cell) {
            if (columns.isEmpty()) {
                if (width > Bounds.MOST_COLUMNS) throw tooWide(name);
                columns = cells(width, width, cell);
                return;
            }
            if (below.size() == Bounds.MOST_ROWS || (below.size() + 1) * columns.size() > Bounds.MOST_CELLS)
                throw refused(
                        name,
                        "It has more than %d rows under a header of %d columns. Export one year or one class."
                                .formatted(below.size(), columns.size()));
            below.add(cells(width, columns.size(), cell));
        }

        private static List<String> cells(int there, int width, IntFunction<String> cell) {
            List<String> cells = new ArrayList<>(width);
            for (int i = 0; i < width; i++)
                cells.add(i < there ? PlainText.cleaned(cell.apply(i)).strip() : "");
            return cells;
        }
    }

    private static FoundException tooWide(String name) {
        return refused(
                name,
                "A line has more than %d columns. Export only the columns that are needed."
                        .formatted(Bounds.MOST_COLUMNS));
    }

    /** The column of that name, whatever its case, spaces and dashes. */
    public OptionalInt column(String... names) {
        for (int i = 0; i < columns.size(); i++)
            for (String wanted : names) if (plain(columns.get(i)).equals(plain(wanted))) return OptionalInt.of(i);
        return OptionalInt.empty();
    }

    private static String plain(String name) {
        return name.toLowerCase(Locale.ROOT).replaceAll("[^\\p{L}\\p{N}]", "");
    }

    private static char delimiter(String line) {
        char best = ',';
        for (char c : new char[] {';', '\t'}) if (count(line, c) > count(line, best)) best = c;
        return best;
    }

    private static long count(String line, char wanted) {
        return line.chars().filter(c -> c == wanted).count();
    }

    private record Decoded(String text, String encoding) {}

    private static Decoded decode(byte[] bytes) {
        if (starts(bytes, 0xEF, 0xBB, 0xBF))
            return new Decoded(
                    new String(bytes, 3, bytes.length - 3, StandardCharsets.UTF_8), "UTF-8 with a byte order mark");
        if (starts(bytes, 0xFF, 0xFE))
            return new Decoded(new String(bytes, 2, bytes.length - 2, StandardCharsets.UTF_16LE), "UTF-16");
        if (starts(bytes, 0xFE, 0xFF))
            return new Decoded(new String(bytes, 2, bytes.length - 2, StandardCharsets.UTF_16BE), "UTF-16");
        try {
            return new Decoded(
                    StandardCharsets.UTF_8
                            .newDecoder()
                            .onMalformedInput(CodingErrorAction.REPORT)
                            .decode(ByteBuffer.wrap(bytes))
                            .toString(),
                    "UTF-8");
        } catch (CharacterCodingException e) {
            return new Decoded(new String(bytes, Charset.forName("windows-1252")), "Windows-1252");
        }
    }

    private static boolean starts(byte[] bytes, int... mark) {
        if (bytes.length < mark.length) return false;
        for (int i = 0; i < mark.length; i++) if ((bytes[i] & 0xFF) != mark[i]) return false;
        return true;
    }

    private static FoundException refused(String where, String message) {
        return new FoundException(new Findings(List.of(new Finding("table", where, message))));
    }
}
