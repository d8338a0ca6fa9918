package io.isokinet.server.table;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.catchThrowableOfType;

import io.isokinet.core.check.Bounds;
import io.isokinet.core.check.FoundException;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import org.dhatim.fastexcel.Workbook;
import org.dhatim.fastexcel.Worksheet;
import org.junit.jupiter.api.Test;

/** What a table may be, asked before it is held: each of these once took the whole heap. */
class TableTest {
    private static String refusal(String name, byte[] bytes) {
        FoundException refused = catchThrowableOfType(FoundException.class, () -> Table.read(name, bytes));
        assertThat(refused).as("nothing was refused").isNotNull();
        return refused.findings().all().get(0).message();
    }

    private static byte[] bytes(String text) {
        return text.getBytes(StandardCharsets.UTF_8);
    }

    private static byte[] sheet(int rows, int lastColumn) throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try (Workbook book = new Workbook(out, "Test", "1.0")) {
            Worksheet sheet = book.newWorksheet("Class");
            for (int r = 0; r < rows; r++) {
                sheet.value(r, 0, "Given");
                sheet.value(r, 1, "Family");
                if (lastColumn > 1) sheet.value(r, lastColumn, r == 0 ? "far" : "");
            }
        }
        return out.toByteArray();
    }

    @Test
    void aHeaderOfCommasIsRefusedByItsColumns() {
        assertThat(refusal("a.csv", bytes(",".repeat(200_000) + "\n" + "a\n".repeat(8_000))))
                .isEqualTo("A line has more than 300 columns. Export only the columns that are needed.");
        // Lines that a quotation mark holds together are one.
        assertThat(refusal("a.csv", bytes("a,\"\n\",".repeat(200_000)))).startsWith("A line has more than 300 columns");
    }

    @Test
    void rowsPaddedToTheirHeaderAreCountedTogether() {
        String header = "c,".repeat(Bounds.MOST_COLUMNS - 1) + "c\n";
        assertThat(refusal("a.csv", bytes(header + "a\n".repeat(10_000))))
                .isEqualTo("It has more than 3333 rows under a header of 300 columns. Export one year or one class.");
        assertThat(refusal("a.csv", bytes("name\n" + "a\n".repeat(Bounds.MOST_ROWS + 1))))
                .startsWith("It has more than 20000 rows under a header of 1 columns");
    }

    @Test
    void aSpreadsheetThatUnpacksToAGigabyteIsRefusedUnread() throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try (ZipOutputStream zip = new ZipOutputStream(out)) {
            zip.putNextEntry(new ZipEntry("xl/worksheets/sheet1.xml"));
            byte[] blank = new byte[1 << 20];
            for (int i = 0; i < 64; i++) zip.write(blank);
        }
        assertThat(out.size()).isLessThan(100_000);
        assertThat(refusal("a.xlsx", out.toByteArray())).startsWith("It unpacks to more than 40 MB.");
    }

    @Test
    void aSheetAsWideAsSheetsGetIsReadAsFarAsSomethingStandsThere() throws IOException {
        Table table = Table.read("a.xlsx", sheet(3, 0));
        assertThat(table.columns()).containsExactly("Given", "Family");
        assertThat(table.rows()).hasSize(2);
        assertThat(refusal("a.xlsx", sheet(3, 16_000))).startsWith("A line has more than 300 columns");
    }

    /** As offices' programs write them: what stands between cells said first, a title, an empty line, and what could not be computed. */
    @Test
    void anOfficesFileIsReadFromItsHeaderOn() {
        Table table = Table.read(
                "a.csv",
                bytes(
                        "sep=;\r\nClass list 3B, 29 November\r\n;;\r\nGiven;Family;Reg group\r\nAda;Moss;3B\r\n;;\r\nBen;#N/A;3B\r\n"));
        assertThat(table.columns()).containsExactly("Given", "Family", "Reg group");
        assertThat(table.rows()).containsExactly(List.of("Ada", "Moss", "3B"), List.of("Ben", "", "3B"));
        // Where a person finds them in the file.
        assertThat(table.numbers()).containsExactly(5, 7);
    }

    /** A list of one column stays one, though its names have commas. */
    @Test
    void aListOfNamesKeepsItsHeader() {
        Table table = Table.read("a.csv", bytes("name\nMoss, Ada\n\"Sole, Ben\"\n"));
        assertThat(table.columns()).containsExactly("name");
        assertThat(table.rows()).containsExactly(List.of("Moss, Ada"), List.of("Sole, Ben"));
        String long20 = "name\n" + "Ada Moss\n".repeat(30);
        assertThat(Table.read("a.csv", bytes(long20)).rows()).hasSize(30);
    }

    /** One child, however the keyboard put her name together. */
    @Test
    void composedAndDecomposedLettersAreOneName() {
        Table table = Table.read("a.csv", bytes("name,class\nZoe\u0308,3B\nZo\u00eb,3B\n"));
        assertThat(table.rows().get(0)).isEqualTo(table.rows().get(1));
    }

    @Test
    void whatIsNoSpreadsheetIsSaid() {
        assertThat(refusal("a.xlsx", bytes("PK no zip at all"))).startsWith("This is no spreadsheet that can be read.");
    }
}
