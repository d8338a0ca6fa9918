package io.isokinet.core.check;

/** Input was refused whole; the findings say why and what to try. */
public class FoundException extends RuntimeException {
    private final transient Findings findings;

    public FoundException(Findings findings) {
        super(findings.text());
        this.findings = findings;
    }

    public Findings findings() {
        return findings;
    }
}
