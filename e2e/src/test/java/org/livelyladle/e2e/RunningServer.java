package org.livelyladle.e2e;

/** The built server, once for the whole run, on the throw-away database of {@code ./ladle test}. */
final class RunningServer {
    /** A Tuesday afternoon; the demo parties take place on the Saturday after. */
    static final String CLOCK = "2026-11-24T15:00:00Z";

    /** As which phones of a home network would know this machine. */
    static final String NETWORK_NAME = "ladle.home";

    private static final ServerProcess SERVER = start();

    private RunningServer() {}

    static String address() {
        return SERVER.address();
    }

    static int port() {
        return SERVER.port();
    }

    /** The throw-away database of {@code ./ladle test}. */
    static ServerProcess.Database database() {
        String url = System.getenv("LADLE_E2E_DB_URL");
        if (url == null) {
            throw new IllegalStateException("LADLE_E2E_DB_URL is not set: run the browser tests by ./ladle test");
        }
        return new ServerProcess.Database(url, System.getenv("LADLE_DB_USER"), System.getenv("LADLE_DB_PASSWORD"));
    }

    private static ServerProcess start() {
        return ServerProcess.start("server", database(), "--ladle.clock=" + CLOCK, "--ladle.lan.names=" + NETWORK_NAME);
    }
}
