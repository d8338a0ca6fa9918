package io.isokinet.e2e;

/** One running application for all journeys; each has a browser of its own. */
abstract class Journey {
    private static Application shared;

    static synchronized Application application() {
        if (shared == null) {
            shared = Application.start();
            Runtime.getRuntime().addShutdownHook(new Thread(shared::close));
        }
        return shared;
    }
}
