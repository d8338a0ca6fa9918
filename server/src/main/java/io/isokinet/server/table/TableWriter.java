package io.isokinet.server.table;

import io.isokinet.core.quantity.Lengths;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;
import org.dhatim.fastexcel.Workbook;
import org.dhatim.fastexcel.Worksheet;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;

/** Writes a table as a file to save. Numbers stay numbers; a text that starts like a formula is made plain text. */
public final class TableWriter {
    public static final String CSV_TYPE = "text/csv";
    public static final String XLSX_TYPE = "application/vnd.openxmlformats-officedocument.spreadsheetml.sheet";
    public static final String ZIP_TYPE = "application/zip";

    private static final MediaType CSV = new MediaType("text", "csv", StandardCharsets.UTF_8);
    private static final MediaType XLSX = MediaType.parseMediaType(XLSX_TYPE);

    private TableWriter() {}

    /**
     * RFC 4180 with a byte order mark, so that spreadsheets read the names right.
     *
     * @param name of the file, without ending
     */
    public static ResponseEntity<byte[]> csv(String name, List<String> columns, List<? extends List<?>> rows) {
        StringWriter text = new StringWriter().append('\uFEFF');
        try (CSVPrinter csv = new CSVPrinter(text, CSVFormat.RFC4180)) {
            csv.printRecord(columns);
            for (List<?> row : rows)
                csv.printRecord(row.stream().map(TableWriter::safe).toList());
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return file(name + ".csv", CSV, text.toString().getBytes(StandardCharsets.UTF_8));
    }

    /**
     * One sheet.
     *
     * @param name of the file, without ending
     */
    public static ResponseEntity<byte[]> xlsx(String name, List<String> columns, List<? extends List<?>> rows) {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try (Workbook book = new Workbook(out, "Isokinet", "1.0")) {
            Worksheet sheet = book.newWorksheet("Sheet");
            for (int c = 0; c < columns.size(); c++) {
                sheet.value(0, c, columns.get(c));
                sheet.style(0, c).bold().set();
            }
            for (int r = 0; r < rows.size(); r++)
                for (int c = 0; c < rows.get(r).size(); c++) {
                    Object cell = rows.get(r).get(c);
                    if (cell instanceof Number number) sheet.value(r + 1, c, number);
                    else sheet.value(r + 1, c, Lengths.plain(cell.toString()));
                }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return file(name + ".xlsx", XLSX, out.toByteArray());
    }

    /** Any content as a file to save. */
    public static ResponseEntity<byte[]> file(String name, MediaType type, byte[] content) {
        return ResponseEntity.ok()
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.attachment()
                                .filename(name, StandardCharsets.UTF_8)
                                .build()
                                .toString())
                .contentType(type)
                .body(content);
    }

    private static Object safe(Object cell) {
        if (!(cell instanceof String text)) return cell;
        String plain = Lengths.plain(text);
        return !plain.isEmpty() && "=+-@".indexOf(plain.charAt(0)) >= 0 ? "'" + plain : plain;
    }
}
