package io.isokinet.e2e;

/** A journey that may find what others left; each has a browser of its own. */
abstract class Journey {
    static Application application() {
        return Application.any();
    }
}
