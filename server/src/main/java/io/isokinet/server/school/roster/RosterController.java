package io.isokinet.server.school.roster;

import io.isokinet.server.account.MayPlan;
import io.isokinet.server.http.Uploads;
import io.isokinet.server.school.roster.Roster.Field;
import io.isokinet.server.school.roster.Rosters.WhenGone;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RequestPart;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.multipart.MultipartFile;

/** The client sends the same files twice: for the preview, and to take them. Nothing is kept in between. */
@RestController
@RequestMapping(path = "/api/rosters", consumes = MediaType.MULTIPART_FORM_DATA_VALUE)
class RosterController {
    private final Rosters rosters;

    RosterController(Rosters rosters) {
        this.rosters = rosters;
    }

    record Taken(List<UUID> classes) {}

    /** @param mapping "GIVEN:0,FAMILY:1", for a plain CSV whose columns were mapped by hand */
    @PostMapping("/preview")
    @MayPlan
    Roster preview(
            @RequestPart("files") List<MultipartFile> files,
            @RequestParam(required = false) @Nullable String mapping,
            @RequestParam(required = false) @Nullable UUID into) {
        return rosters.preview(contents(files), parse(mapping), into);
    }

    /** @param gone what becomes of children that the roster does not name; needed only if there are any */
    @PostMapping
    @MayPlan
    Taken take(
            @RequestPart("files") List<MultipartFile> files,
            @RequestParam(required = false) @Nullable String mapping,
            @RequestParam(required = false) @Nullable UUID into,
            @RequestParam(required = false) @Nullable WhenGone gone) {
        return new Taken(rosters.take(contents(files), parse(mapping), into, gone));
    }

    private static Map<String, byte[]> contents(List<MultipartFile> files) {
        Map<String, byte[]> contents = new LinkedHashMap<>();
        for (MultipartFile file : files) contents.put(Uploads.name(file), Uploads.bytes(file));
        return contents;
    }

    private static @Nullable Map<Field, Integer> parse(@Nullable String mapping) {
        if (mapping == null || mapping.isBlank()) return null;
        Map<Field, Integer> columns = new EnumMap<>(Field.class);
        for (String pair : mapping.split(",")) {
            String[] parts = pair.split(":");
            try {
                columns.put(Field.valueOf(parts[0]), Integer.parseInt(parts[1]));
            } catch (IllegalArgumentException | ArrayIndexOutOfBoundsException e) {
                throw RosterFiles.refused(
                        "mapping", "“%s” is not a field and a column, such as GIVEN:0.".formatted(pair));
            }
        }
        return columns;
    }
}
