package io.isokinet.server.unit;

/** Whoever waited for the plan is gone; nothing is saved. */
class CancelledException extends RuntimeException {
    CancelledException() {
        super("Planning was cancelled; nothing was changed.");
    }
}
