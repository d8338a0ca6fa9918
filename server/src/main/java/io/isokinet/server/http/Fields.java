package io.isokinet.server.http;

import io.isokinet.core.check.Finding;
import io.isokinet.core.check.Findings;
import io.isokinet.core.check.FoundException;
import java.util.ArrayList;
import java.util.List;

/** Checks the fields of a request and throws once, with all that is wrong. */
public final class Fields {
    private final List<Finding> findings = new ArrayList<>();

    public Fields check(boolean holds, String field, String message) {
        if (!holds) findings.add(new Finding("field", field, message));
        return this;
    }

    /** @throws FoundException if anything did not hold */
    public void done() {
        new Findings(findings).throwIfAny();
    }
}
