package io.isokinet.e2e;

import io.isokinet.e2e.Visitor.Answer;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;

/** Requests that are small to send and large to take. */
final class Bombs {
    private Bombs() {}

    interface Throw {
        Answer by(Visitor visitor) throws IOException;
    }

    record Bomb(String name, Throw thrown) {}

    static List<Bomb> all(Application application) throws IOException {
        Map<String, List<String>> known = TrustBench.known(application);
        String group = known.get("classes").get(0);
        String space = known.get("spaces").get(0);
        String unit = known.get("units").get(0);
        List<Bomb> all = new ArrayList<>();
        for (String far : List.of("1e9", "1000", "100", "-1", "NaN"))
            all.add(get(
                    "start lines to " + far + " m",
                    "/api/classes/" + group + "/aim?skill=underarm-roll&near=1&far=" + far));
        for (String path :
                List.of("/api/rosters/preview", "/api/outcomes/table?take=false", "/api/cupboard/table?take=false")) {
            all.add(file("200,000 columns to " + path, path, "a.csv", wide(200_000, 100)));
            all.add(file(
                    "a million rows to " + path,
                    path,
                    "a.csv",
                    "a,b\n1,2\n".repeat(1_000_000).getBytes()));
            all.add(file(
                    "a cell of 9 MB to " + path, path, "a.csv", ("a,b\n" + "x".repeat(9_000_000) + ",2\n").getBytes()));
            all.add(file("one open quote to " + path, path, "a.csv", ("a,b\n\"" + "x\n".repeat(4_000_000)).getBytes()));
            byte[] bomb = sheet(1_200_000_000L);
            all.add(file("a sheet of 1.2 GB in %d kB to %s".formatted(bomb.length / 1024, path), path, "a.xlsx", bomb));
        }
        String bookings = "/api/calendar/bookings?take=false&space=" + space;
        String every = "BYHOUR=" + numbers(24) + ";BYMINUTE=" + numbers(60) + ";BYSECOND=" + numbers(60);
        all.add(file("every second of a day, for ever", bookings, "a.ics", calendar("RRULE:FREQ=DAILY;" + every)));
        all.add(file("every second by SECONDLY", bookings, "a.ics", calendar("RRULE:FREQ=SECONDLY")));
        all.add(file(
                "two rules", bookings, "a.ics", calendar("RRULE:FREQ=DAILY;COUNT=2\r\nRRULE:FREQ=SECONDLY;" + every)));
        all.add(file(
                "a rule that never comes", bookings, "a.ics", calendar("RRULE:FREQ=YEARLY;BYMONTH=2;BYMONTHDAY=30")));
        all.add(file("100,000 events", bookings, "a.ics", events(100_000)));
        all.add(file("a zip of 10,000 files as a pack", "/api/packs?take=false", "a.zip", zip(10_000, 10)));
        all.add(file("a zip of 1 GB as a pack", "/api/packs?take=false", "a.zip", zip(1, 1_000_000_000L)));
        all.add(json("100,000 brackets", "POST", "/api/batches", "[".repeat(100_000)));
        all.add(json("100,000 objects in one another", "PUT", "/api/classes/" + group, "{\"a\":".repeat(100_000)));
        all.add(json(
                "a number of a million digits",
                "PUT",
                "/api/classes/" + group,
                "{\"yearAge\":" + "9".repeat(1_000_000) + "}"));
        all.add(json(
                "a name of 20 MB",
                "PUT",
                "/api/classes/" + group,
                "{\"name\":\"" + "x".repeat(20_000_000) + "\",\"yearAge\":7}"));
        all.add(json("100,000 presses", "POST", "/api/batches", "{\"trials\":[" + "null,".repeat(100_000) + "null]}"));
        all.add(json(
                "100,000 names",
                "POST",
                "/api/classes/" + group + "/children",
                "{\"names\":[" + "\"A B\",".repeat(100_000) + "\"A B\"]}"));
        all.add(json(
                "a unit file of 20 MB",
                "PUT",
                "/api/units/" + unit + "/file",
                "{\"classId\":\"" + group + "\",\"file\":\"" + "[".repeat(20_000_000) + "\",\"lessons\":[]}"));
        all.add(get("9,000 words to find", "/api/activities?words=" + "ball%20".repeat(1100)));
        all.add(get("a term in the year 2200", "/api/term?around=2200-12-31"));
        all.add(get("a term in the year 1900", "/api/term?around=1900-01-01"));
        all.add(get("bounces without end", "/api/workbench/bounce?metres=1e9&rebound=0.999999999&speed=1e-9"));
        all.add(get("the whole log", "/api/audit"));
        return all;
    }

    private static Bomb get(String name, String path) {
        return new Bomb(name, v -> v.get(path));
    }

    private static Bomb json(String name, String method, String path, String body) {
        return new Bomb(name, v -> v.json(method, path, body));
    }

    private static Bomb file(String name, String path, String file, byte[] content) {
        return new Bomb(name, v -> v.file("POST", path, file, content));
    }

    private static byte[] wide(int columns, int rows) {
        return (",".repeat(columns) + "\n" + "a\n".repeat(rows)).getBytes(StandardCharsets.UTF_8);
    }

    private static String numbers(int count) {
        StringBuilder text = new StringBuilder("0");
        for (int i = 1; i < count; i++) text.append(',').append(i);
        return text.toString();
    }

    private static byte[] calendar(String rule) {
        return ("BEGIN:VCALENDAR\r\nVERSION:2.0\r\nPRODID:-//a//b//EN\r\nBEGIN:VEVENT\r\nUID:1\r\nDTSTAMP:20260101T000000Z\r\n"
                        + "DTSTART:20260901T090000Z\r\nDTEND:20260901T090001Z\r\nSUMMARY:x\r\n" + rule
                        + "\r\nEND:VEVENT\r\nEND:VCALENDAR\r\n")
                .getBytes(StandardCharsets.UTF_8);
    }

    private static byte[] events(int count) {
        StringBuilder text = new StringBuilder("BEGIN:VCALENDAR\r\nVERSION:2.0\r\nPRODID:-//a//b//EN\r\n");
        for (int i = 0; i < count; i++)
            text.append("BEGIN:VEVENT\r\nUID:")
                    .append(i)
                    .append("\r\nDTSTART:20261001T0900")
                    .append("00Z\r\nEND:VEVENT\r\n");
        return text.append("END:VCALENDAR\r\n").toString().getBytes(StandardCharsets.UTF_8);
    }

    /** A spreadsheet whose one sheet unpacks to so many bytes. */
    private static byte[] sheet(long size) throws IOException {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        try (ZipOutputStream zip = new ZipOutputStream(bytes)) {
            zip.setLevel(9);
            entry(zip, "[Content_Types].xml", """
                    <?xml version="1.0"?><Types xmlns="http://schemas.openxmlformats.org/package/2006/content-types"><Default Extension="rels" ContentType="application/vnd.openxmlformats-package.relationships+xml"/><Override PartName="/xl/workbook.xml" ContentType="application/vnd.openxmlformats-officedocument.spreadsheetml.sheet.main+xml"/><Override PartName="/xl/worksheets/sheet1.xml" ContentType="application/vnd.openxmlformats-officedocument.spreadsheetml.worksheet+xml"/></Types>""");
            entry(zip, "_rels/.rels", """
                    <?xml version="1.0"?><Relationships xmlns="http://schemas.openxmlformats.org/package/2006/relationships"><Relationship Id="rId1" Type="http://schemas.openxmlformats.org/officeDocument/2006/relationships/officeDocument" Target="xl/workbook.xml"/></Relationships>""");
            entry(zip, "xl/workbook.xml", """
                    <?xml version="1.0"?><workbook xmlns="http://schemas.openxmlformats.org/spreadsheetml/2006/main" xmlns:r="http://schemas.openxmlformats.org/officeDocument/2006/relationships"><sheets><sheet name="a" sheetId="1" r:id="rId1"/></sheets></workbook>""");
            entry(zip, "xl/_rels/workbook.xml.rels", """
                    <?xml version="1.0"?><Relationships xmlns="http://schemas.openxmlformats.org/package/2006/relationships"><Relationship Id="rId1" Type="http://schemas.openxmlformats.org/officeDocument/2006/relationships/worksheet" Target="worksheets/sheet1.xml"/></Relationships>""");
            zip.putNextEntry(new ZipEntry("xl/worksheets/sheet1.xml"));
            zip.write("<worksheet xmlns=\"http://schemas.openxmlformats.org/spreadsheetml/2006/main\"><sheetData>"
                    .getBytes());
            repeated(zip, "<row r=\"1\"><c r=\"A1\" t=\"inlineStr\"><is><t>x</t></is></c></row>", size);
            zip.write("</sheetData></worksheet>".getBytes());
            zip.closeEntry();
        }
        return bytes.toByteArray();
    }

    private static byte[] zip(int files, long size) throws IOException {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        try (ZipOutputStream zip = new ZipOutputStream(bytes)) {
            for (int i = 0; i < files; i++) {
                zip.putNextEntry(new ZipEntry(i == 0 ? "pack.yaml" : "activities/" + i + ".yaml"));
                repeated(zip, "name: a\n", size);
                zip.closeEntry();
            }
        }
        return bytes.toByteArray();
    }

    private static void entry(ZipOutputStream zip, String name, String text) throws IOException {
        zip.putNextEntry(new ZipEntry(name));
        zip.write(text.getBytes(StandardCharsets.UTF_8));
        zip.closeEntry();
    }

    private static void repeated(OutputStream out, String text, long size) throws IOException {
        byte[] some = text.repeat(1 + 60_000 / text.length()).getBytes(StandardCharsets.UTF_8);
        for (long at = 0; at < size; at += some.length) out.write(some);
    }
}
