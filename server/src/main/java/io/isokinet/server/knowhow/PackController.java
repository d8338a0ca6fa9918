package io.isokinet.server.knowhow;

import io.isokinet.core.check.Finding;
import io.isokinet.knowhow.PackDocuments.Kind;
import io.isokinet.server.account.MayPlan;
import io.isokinet.server.account.MayRead;
import io.isokinet.server.http.IfMatch;
import io.isokinet.server.http.Uploads;
import io.isokinet.server.knowhow.Packs.DocumentView;
import io.isokinet.server.knowhow.Packs.PackChange;
import io.isokinet.server.knowhow.Packs.PackView;
import io.isokinet.server.table.Table;
import io.isokinet.server.table.TableWriter;
import java.util.List;
import java.util.Locale;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RequestPart;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.multipart.MultipartFile;
import tools.jackson.databind.JsonNode;

/** Packs: looked at, written, taken in and handed on. */
@RestController
@RequestMapping("/api")
class PackController {
    private final Packs packs;
    private final OutcomeTable outcomes;

    PackController(Packs packs, OutcomeTable outcomes) {
        this.packs = packs;
        this.outcomes = outcomes;
    }

    /**
     * @param set key of the set they make
     * @param outcomes how many statements the table has
     */
    record OutcomesTaken(String set, int outcomes, List<Finding> findings) {}

    @GetMapping("/packs")
    @MayRead
    List<PackView> packs() {
        return packs.all();
    }

    /** A pack as a zip, to hand on. */
    @GetMapping(value = "/packs/{name}.zip", produces = TableWriter.ZIP_TYPE)
    @MayRead
    ResponseEntity<byte[]> export(@PathVariable String name) {
        return ResponseEntity.ok()
                .contentType(MediaType.parseMediaType("application/zip"))
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.attachment()
                                .filename(name + ".zip")
                                .build()
                                .toString())
                .body(packs.export(name));
    }

    /** @param take false to only see what would change */
    @PostMapping(path = "/packs", consumes = MediaType.MULTIPART_FORM_DATA_VALUE)
    @MayPlan
    PackChange take(@RequestPart("files") MultipartFile file, @RequestParam boolean take) {
        byte[] zip = Uploads.bytes(file);
        return take ? packs.take(zip) : packs.look(zip);
    }

    @DeleteMapping("/packs/{name}")
    @MayPlan
    ResponseEntity<Void> drop(@PathVariable String name) {
        packs.drop(name);
        return ResponseEntity.noContent().build();
    }

    @GetMapping("/know-how/{key}")
    @MayRead
    DocumentView document(@PathVariable String key) {
        return packs.document(key);
    }

    /** Puts a skill or activity of the school's own in, as docs/formats/know-how.md describes it. */
    @PutMapping("/know-how/{key}")
    @MayPlan
    DocumentView put(
            @PathVariable String key, @RequestParam Kind kind, IfMatch version, @RequestBody JsonNode document) {
        packs.put(kind, key, document, version);
        return packs.document(key);
    }

    @DeleteMapping("/know-how/{key}")
    @MayPlan
    ResponseEntity<Void> remove(@PathVariable String key) {
        packs.remove(key);
        return ResponseEntity.noContent().build();
    }

    /** Sets a skill or activity aside: known to old plans and records, offered for nothing new. */
    @PutMapping("/know-how/{key}/aside")
    @MayPlan
    ResponseEntity<Void> setAside(@PathVariable String key, @RequestParam boolean aside) {
        packs.setAside(key, aside);
        return ResponseEntity.noContent().build();
    }

    /**
     * Outcomes of the school's own from a table.
     *
     * @param take false to only see what is found
     */
    @PostMapping(path = "/outcomes/table", consumes = MediaType.MULTIPART_FORM_DATA_VALUE)
    @MayPlan
    OutcomesTaken outcomes(@RequestPart("files") MultipartFile file, @RequestParam boolean take) {
        Table table = Table.read(Uploads.name(file).toLowerCase(Locale.ROOT), Uploads.bytes(file));
        return outcomes.read(table, take);
    }
}
