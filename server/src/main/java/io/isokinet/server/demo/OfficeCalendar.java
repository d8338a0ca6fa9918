package io.isokinet.server.demo;

import com.sun.net.httpserver.HttpServer;
import java.io.IOException;
import java.net.InetAddress;
import java.net.InetSocketAddress;
import java.nio.charset.StandardCharsets;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.time.temporal.TemporalAdjusters;

/** A stand-in for the calendar of a school's office: on loopback, with the hall let out on Wednesday evenings and booked for one fair. */
public final class OfficeCalendar implements AutoCloseable {
    private static final DateTimeFormatter DAY = DateTimeFormatter.BASIC_ISO_DATE;

    private final HttpServer server;

    /**
     * Answers until it is closed.
     *
     * @param port 0 for any that is free
     * @param today the first Wednesday and the fair follow it
     */
    public OfficeCalendar(int port, LocalDate today) throws IOException {
        server = HttpServer.create(new InetSocketAddress(InetAddress.getLoopbackAddress(), port), 0);
        byte[] hall = hall(today).getBytes(StandardCharsets.UTF_8);
        server.createContext("/hall.ics", exchange -> {
            exchange.getResponseHeaders().set("Content-Type", "text/calendar; charset=utf-8");
            exchange.sendResponseHeaders(200, hall.length);
            try (var body = exchange.getResponseBody()) {
                body.write(hall);
            }
        });
        server.start();
    }

    /** Where the calendar of the hall stands. */
    public String address() {
        return "http://localhost:%d/hall.ics".formatted(server.getAddress().getPort());
    }

    private static String hall(LocalDate today) {
        LocalDate wednesday = today.with(TemporalAdjusters.nextOrSame(DayOfWeek.WEDNESDAY));
        LocalDate fair = wednesday.plusDays(9);
        return """
                BEGIN:VCALENDAR
                VERSION:2.0
                PRODID:-//Harbour office//Hall//EN
                BEGIN:VEVENT
                UID:choir@office.harbour.test
                DTSTAMP:20260101T000000Z
                DTSTART;TZID=Europe/London:%1$sT173000
                DTEND;TZID=Europe/London:%1$sT190000
                RRULE:FREQ=WEEKLY;COUNT=12
                SUMMARY:Harbour choir
                END:VEVENT
                BEGIN:VEVENT
                UID:fair@office.harbour.test
                DTSTAMP:20260101T000000Z
                DTSTART;TZID=Europe/London:%2$sT130000
                DTEND;TZID=Europe/London:%2$sT160000
                SUMMARY:Net menders' fair
                END:VEVENT
                END:VCALENDAR
                """.replace("\n", "\r\n").formatted(wednesday.format(DAY), fair.format(DAY));
    }

    @Override
    public void close() {
        server.stop(0);
    }
}
