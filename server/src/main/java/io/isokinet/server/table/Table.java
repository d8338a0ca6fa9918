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
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
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
 * @param rows the cells below it, each as wide as the header; empty rows are left out
 * @param numbers of each row in the file, from 1, as a person would look for it
 */
public record Table(
        String name, String encoding, List<String> columns, List<List<String>> rows, List<Integer> numbers) {
    /** Lines before the header with one cell each: a title, the day it was printed. */
    private static final int MOST_TITLES = 10;

    private static final Pattern SHEET_ERROR =
            Pattern.compile("#(N/A|REF!|VALUE!|NAME\\?|DIV/0!|NUM!|NULL!|SPILL!|CALC!)");
    /** Some programs begin with what stands between the cells. */
    private static final Pattern SEPARATOR = Pattern.compile("(?i)^\"?sep=(.)\"?\\s*(\\R|$)");

    /** @throws io.isokinet.core.check.FoundException if there is no header, a quote never closes, or it is larger than any school's table */
    public static Table read(String name, byte[] bytes) {
        return name.endsWith(".xlsx") ? sheet(name, bytes) : csv(name, bytes);
    }

    private static Table csv(String name, byte[] bytes) {
        Decoded text = decode(bytes);
        Matcher said = SEPARATOR.matcher(text.text);
        boolean says = said.find();
        String body = says ? text.text.substring(said.end()) : text.text;
        char delimiter = says ? said.group(1).charAt(0) : delimiter(body);
        checkWidth(name, body, delimiter);
        CSVFormat format = CSVFormat.RFC4180
                .builder()
                .setDelimiter(delimiter)
                .setIgnoreEmptyLines(true)
                .get();
        try (CSVParser parser = CSVParser.parse(new StringReader(body), format)) {
            Rows rows = new Rows(name);
            int above = says ? 1 : 0;
            for (CSVRecord row : parser) rows.add(above + (int) parser.getCurrentLineNumber(), row.size(), row::get);
            return rows.table(text.encoding, "The file is empty. Export it again.");
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
                if (width > 0) rows.add(row.getRowNum(), width, i -> text(row, i));
            }
            return rows.table("a spreadsheet", "The first sheet is empty. Put the table there.");
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
        /** Rows of one cell before the first that has more: titles, or a list of one column. */
        private final List<List<String>> titles = new ArrayList<>();

        private final List<Integer> titleNumbers = new ArrayList<>();
        private List<String> columns = List.of();
        private final List<List<String>> below = new ArrayList<>();
        private final List<Integer> numbers = new ArrayList<>();

        Rows(String name) {
            this.name = name;
        }

        void add(int number, int width, IntFunction<String> cell) {
            if (columns.isEmpty()) {
                if (width > Bounds.MOST_COLUMNS) throw tooWide(name);
                List<String> cells = cells(width, width, cell);
                long filled = cells.stream().filter(c -> !c.isEmpty()).count();
                if (filled == 0) return;
                if (filled > 2 || filled == 2 && titles.stream().noneMatch(Rows::isHeader)) {
                    columns = cells;
                    return;
                }
                if (filled == 1) {
                    titles.add(cells);
                    titleNumbers.add(number);
                    if (titles.size() > MOST_TITLES) takeTitlesAsTable();
                    return;
                }
                takeTitlesAsTable();
            }
            // A list of one column whose names have commas: "Moss, Ada".
            List<String> cells = columns.size() == 1 && width > 1
                    ? List.of(cells(width, width, cell).stream()
                            .filter(c -> !c.isEmpty())
                            .collect(Collectors.joining(", ")))
                    : cells(width, columns.size(), cell);
            if (cells.stream().allMatch(String::isEmpty)) return;
            if (below.size() == Bounds.MOST_ROWS || (below.size() + 1) * columns.size() > Bounds.MOST_CELLS)
                throw refused(
                        name,
                        "It has more than %d rows under a header of %d columns. Export one year or one class."
                                .formatted(below.size(), columns.size()));
            below.add(cells);
            numbers.add(number);
        }

        /** A word alone may well be the header of a list of "Moss, Ada"; what is long or has a number in it is a title. */
        private static boolean isHeader(List<String> one) {
            String text = String.join("", one);
            return text.length() <= 20 && text.chars().noneMatch(Character::isDigit);
        }

        /** No row has more than one cell: the first is the header of the one column. */
        private void takeTitlesAsTable() {
            columns = titles.get(0);
            int width = columns.size();
            for (int i = 1; i < titles.size(); i++) {
                List<String> title = titles.get(i);
                below.add(cells(title.size(), width, title::get));
                numbers.add(titleNumbers.get(i));
            }
        }

        Table table(String encoding, String empty) {
            if (columns.isEmpty() && titles.isEmpty()) throw refused(name, empty);
            if (columns.isEmpty()) takeTitlesAsTable();
            return new Table(name, encoding, columns, below, numbers);
        }

        private static List<String> cells(int there, int width, IntFunction<String> cell) {
            List<String> cells = new ArrayList<>(width);
            for (int i = 0; i < width; i++) {
                String text = i < there ? PlainText.cleaned(cell.apply(i)).strip() : "";
                // What a spreadsheet could not compute is not anybody's name.
                cells.add(SHEET_ERROR.matcher(text).matches() ? "" : text);
            }
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

    /** Of the first lines, since the very first may be a title. */
    private static char delimiter(String text) {
        String lines = text.lines().limit(MOST_TITLES + 1L).collect(Collectors.joining("\n"));
        char best = ',';
        for (char c : new char[] {';', '\t'}) if (count(lines, c) > count(lines, best)) best = c;
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
