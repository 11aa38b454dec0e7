package org.livelyladle.e2e;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import java.util.List;
import java.util.stream.Stream;

/** A database cluster as {@code ./ladle start} keeps it, started and stopped by the same lines of that script. */
record Cluster(Path data) {
    private static final String FUNCTIONS = "set -euo pipefail; . ../ladle; data=$1; ";

    static Cluster in(Path data) throws IOException {
        Files.createDirectories(data);
        Files.setPosixFilePermissions(data, PosixFilePermissions.fromString("rwx--x--x"));
        return new Cluster(data);
    }

    /** Starts it, whatever lies about from before. */
    ServerProcess.Database start() throws IOException, InterruptedException {
        String said = run(FUNCTIONS
                + "start_cluster \"$data/db\"; make_database \"$data/db\" ladle; use_database \"$data/db\" ladle;"
                + " printf '%s %s' \"$LADLE_DB_URL\" \"$LADLE_DB_PASSWORD\"");
        String[] parts = said.strip().split(" ");
        return new ServerProcess.Database(parts[0], "ladle", parts[1]);
    }

    void stop() throws IOException, InterruptedException {
        run(FUNCTIONS + "stop_cluster \"$data/db\"");
    }

    /** As a power cut does it: postmaster and all of its processes at once. */
    void kill() throws IOException {
        ProcessHandle postmaster = ProcessHandle.of(pid()).orElseThrow();
        List<ProcessHandle> all =
                Stream.concat(Stream.of(postmaster), postmaster.descendants()).toList();
        all.forEach(ProcessHandle::destroyForcibly);
        all.forEach(process -> process.onExit().join());
    }

    long pid() throws IOException {
        return Long.parseLong(Files.readAllLines(lock()).get(0).strip());
    }

    Path lock() {
        return data.resolve("db/data/postmaster.pid");
    }

    private String run(String script) throws IOException, InterruptedException {
        Process process = new ProcessBuilder("bash", "-c", script, "ladle", data.toString())
                .redirectError(ProcessBuilder.Redirect.INHERIT)
                .start();
        String said = new String(process.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
        if (process.waitFor() != 0) {
            throw new IllegalStateException("The cluster in " + data + " does not obey: " + said);
        }
        return said;
    }
}
