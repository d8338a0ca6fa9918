package io.isokinet.server.table;

import io.isokinet.core.check.Finding;
import io.isokinet.core.check.Findings;
import io.isokinet.core.check.FoundException;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.StringReader;
import java.io.UncheckedIOException;
import java.nio.ByteBuffer;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.Charset;
import java.nio.charset.CodingErrorAction;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.OptionalInt;
import java.util.stream.Stream;
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
    private static final int MOST_ROWS = 20_000;

    /** @throws io.isokinet.core.check.FoundException if there is no header or a quote never closes */
    public static Table read(String name, byte[] bytes) {
        if (name.endsWith(".xlsx")) return sheet(name, bytes);
        Decoded text = decode(bytes);
        String firstLine = text.text.lines().findFirst().orElse("");
        CSVFormat format = CSVFormat.RFC4180
                .builder()
                .setDelimiter(delimiter(firstLine))
                .setIgnoreEmptyLines(true)
                .get();
        try (CSVParser parser = CSVParser.parse(new StringReader(text.text), format)) {
            List<CSVRecord> records = parser.getRecords();
            if (records.isEmpty()) throw refused(name, "The file is empty. Export it again.");
            List<String> columns = cells(records.get(0), records.get(0).size());
            List<List<String>> rows = new ArrayList<>();
            for (CSVRecord row : records.subList(1, records.size())) rows.add(cells(row, columns.size()));
            return new Table(name, text.encoding, columns, rows);
        } catch (UncheckedIOException | IOException e) {
            throw refused(
                    name,
                    "A quotation mark opens and never closes (%s). Export the file again.".formatted(e.getMessage()));
        }
    }

    /** The first sheet of a spreadsheet (Office Open XML), its cells as they are shown. */
    private static Table sheet(String name, byte[] bytes) {
        try (ReadableWorkbook book = new ReadableWorkbook(new ByteArrayInputStream(bytes));
                Stream<Row> stream = book.getFirstSheet().openStream()) {
            List<Row> rows = stream.limit(MOST_ROWS)
                    .filter(r ->
                            r.stream().anyMatch(c -> c != null && !c.getText().isBlank()))
                    .toList();
            if (rows.isEmpty()) throw refused(name, "The first sheet is empty. Put the table there.");
            int width = rows.get(0).getCellCount();
            List<List<String>> cells = rows.stream().map(r -> cells(r, width)).toList();
            return new Table(name, "a spreadsheet", cells.get(0), cells.subList(1, cells.size()));
        } catch (IOException | ExcelReaderException | UncheckedIOException e) {
            throw refused(name, "This is no spreadsheet that can be read. Save it again as XLSX, or as CSV.");
        }
    }

    private static List<String> cells(Row row, int width) {
        List<String> cells = new ArrayList<>();
        for (int i = 0; i < width; i++) {
            Cell cell = i < row.getCellCount() ? row.getCell(i) : null;
            cells.add(cell == null ? "" : cell.getText().strip());
        }
        return cells;
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

    private static List<String> cells(CSVRecord row, int width) {
        List<String> cells = new ArrayList<>();
        for (int i = 0; i < width; i++) cells.add(i < row.size() ? row.get(i).strip() : "");
        return cells;
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
