package io.isokinet.server.record;

import io.isokinet.server.account.MayRecord;
import io.isokinet.server.account.SignedIn;
import jakarta.validation.Valid;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api/batches")
class BatchController {
    private final Recorder recorder;

    BatchController(Recorder recorder) {
        this.recorder = recorder;
    }

    @PostMapping
    @MayRecord
    Receipt take(@Valid @RequestBody Batch batch) {
        return recorder.take(batch, SignedIn.current());
    }
}
