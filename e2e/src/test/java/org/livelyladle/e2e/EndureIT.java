package org.livelyladle.e2e;

import static org.assertj.core.api.Assertions.assertThat;
import static org.junit.jupiter.api.Assumptions.assumeTrue;

import java.io.IOException;
import java.net.http.HttpResponse;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Order;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.parallel.ResourceLock;

/**
 * Power cuts, a database that is away, a full disk: nothing that was acknowledged is lost, who asks is told at once, and
 * all comes back by itself. {@code -Dendure.rounds=30 -Dendure.awaySeconds=60} endures longer.
 */
@Order(1)
@Tag("whole")
@ResourceLock("what a busy machine would disturb")
class EndureIT {
    private static final int ROUNDS = Integer.getInteger("endure.rounds", 10);
    private static final int AWAY_SECONDS = Integer.getInteger("endure.awaySeconds", 10);
    private static final long LONGEST_BACK_MS = 30_000;
    private static final int WRITES_BETWEEN = 8;
    private static final int FIRST_DEVICES = 12;
    private static final int PARTIES = 40;
    /** Told within two seconds, and some for a busy machine. */
    private static final long TOLD_WITHIN_MS = 3000;

    private Path data;
    private Cluster cluster;
    private ServerProcess server;

    @BeforeEach
    void folder() throws IOException {
        data = Files.createTempDirectory(Path.of("/tmp"), "ladle-endure-");
        cluster = Cluster.in(data);
    }

    @AfterEach
    void end() throws Exception {
        if (server != null) {
            server.kill();
        }
        cluster.stop();
        run("rm", "-rf", data.toString());
    }

    private static int run(String... command) throws IOException, InterruptedException {
        return new ProcessBuilder(command).inheritIO().start().waitFor();
    }

    private void start() throws Exception {
        server = ServerProcess.start("endure", cluster.start(), quick());
    }

    /** Again at the same address, as a device that goes on asking needs it. */
    private void startAgain() throws Exception {
        server = ServerProcess.start(server.port(), "endure", cluster.start(), quick());
    }

    private static String[] quick() {
        return new String[] {"--ladle.demo=false", "--spring.main.lazy-initialization=true"};
    }

    private static void writesUntilKept(Writer writer) throws InterruptedException {
        long end = System.currentTimeMillis() + LONGEST_BACK_MS;
        int before = writer.keptCount();
        while (writer.keptCount() < before + WRITES_BETWEEN) {
            writer.write();
            assertThat(System.currentTimeMillis()).as("it comes back by itself").isLessThan(end);
        }
    }

    /** A server takes long to come up, so it is killed with its database now and then, the database each time. */
    @Test
    void nothingAcknowledgedIsLostInPowerCutsOrWhileTheDatabaseIsAway() throws Exception {
        start();
        firstRequestsAtOnce();
        Writer writer = new Writer(server.address());
        for (int round = 0; round < ROUNDS; round++) {
            writesUntilKept(writer);
            if (round % 5 == 4) {
                server.kill();
                cluster.kill();
                startAgain();
            } else {
                cluster.kill();
                writer.write();
                cluster.start();
            }
        }
        writesUntilKept(writer);

        assertThat(writer.keptCount()).isGreaterThan(ROUNDS * WRITES_BETWEEN);
        assertThat(writer.lost()).isEmpty();
        aDatabaseThatIsAwayIsTold(writer);
        assertThat(writer.lost()).isEmpty();
        String log = Files.readString(Path.of("target/endure.log"));
        assertThat(log).as("no guest's word stands in the log").doesNotContain("Enduring", "Ann");
    }

    /** On a new machine there is no host yet: whoever comes first makes one, and all the others find it. */
    private void firstRequestsAtOnce() throws Exception {
        ExecutorService devices = Executors.newFixedThreadPool(FIRST_DEVICES);
        try {
            List<Future<Writer>> first =
                    devices.invokeAll(Collections.nCopies(FIRST_DEVICES, () -> new Writer(server.address())));
            for (Future<Writer> device : first) {
                assertThat(device.get().lost()).isEmpty();
            }
        } finally {
            devices.shutdownNow();
        }
    }

    private void aDatabaseThatIsAwayIsTold(Writer writer) throws Exception {
        writer.refused().clear();
        cluster.stop();
        long end = System.currentTimeMillis() + AWAY_SECONDS * 1000L;
        while (System.currentTimeMillis() < end) {
            Optional<?> answer = writer.write();
            assertThat(answer).as("the server itself stays").isPresent();
        }
        assertThat(writer.refused()).isNotEmpty().allSatisfy(refusal -> {
            assertThat(refusal.status()).as(refusal.body()).isEqualTo(503);
            assertThat(refusal.type()).startsWith("application/problem+json");
            assertThat(refusal.retryAfter()).isEqualTo("2");
            assertThat(refusal.millis()).isLessThan(TOLD_WITHIN_MS);
        });
        cluster.start();
        writesUntilKept(writer);
    }

    @Test
    void aFullDiskIsToldAndLosesNothing() throws Exception {
        Path disk = data.resolve("disk");
        Files.createDirectories(disk);
        assumeTrue(run("mount", "-t", "tmpfs", "-o", "size=120m", "tmpfs", disk.toString()) == 0, "may mount");
        try {
            cluster = Cluster.in(disk);
            start();
            Writer writer = new Writer(server.address());
            writesUntilKept(writer);
            run("dd", "if=/dev/zero", "of=" + disk.resolve("fill"), "bs=64k", "status=none");
            for (int i = 0; i < 2000 && writer.refused().isEmpty(); i++) {
                writer.write();
            }
            assertThat(writer.refused())
                    .isNotEmpty()
                    .allSatisfy(refusal ->
                            assertThat(refusal.status()).as(refusal.body()).isIn(503, 507));
            Files.delete(disk.resolve("fill"));
            cluster.start();
            writesUntilKept(writer);
            assertThat(writer.lost()).isEmpty();
        } finally {
            server.kill();
            cluster.stop();
            run("umount", disk.toString());
        }
    }

    /** The server is killed while a restore runs, sooner and later: all parties are as before it, or all as after. */
    @Test
    void aRestoreThatIsCutOffChangesNothing() throws Exception {
        start();
        Writer writer = new Writer(server.address());
        for (int i = 1; i < PARTIES; i++) {
            new Writer(server.address());
        }
        writer.rename("As taken out");
        byte[] backup = writer.backup();
        int cutOff = 0;
        for (int afterMs : new int[] {100, 300}) {
            writer.rename("As it stands");
            CompletableFuture<HttpResponse<String>> restore = writer.restore(backup);
            Thread.sleep(afterMs);
            boolean wasAnswered = restore.isDone();
            server.kill();
            startAgain();
            assertThat(writer.titles())
                    .as("killed after %d ms", afterMs)
                    .hasSize(PARTIES)
                    .containsOnly(writer.titles().get(0));
            if (writer.titles().get(0).equals("As it stands")) {
                assertThat(wasAnswered).as("what was told to be there is there").isFalse();
                cutOff++;
            }
        }
        assertThat(cutOff).as("some were cut off").isPositive();
        assertThat(writer.restore(backup).get().statusCode()).isEqualTo(200);
        assertThat(writer.titles()).hasSize(PARTIES).containsOnly("As taken out");
    }

    /** After a power cut the number in the lock file may be anybody's. */
    @Test
    void aStaleLockThatNamesAStrangerHindersNobodyAndHurtsNobody() throws Exception {
        cluster.start();
        cluster.kill();
        Process stranger = new ProcessBuilder("sleep", "600").start();
        try {
            Files.writeString(
                    cluster.lock(),
                    Files.readString(cluster.lock()).replaceFirst("\\d+", String.valueOf(stranger.pid())));
            cluster.stop();
            assertThat(stranger.isAlive()).as("nobody else is told to stop").isTrue();
            cluster.start();
            assertThat(cluster.pid()).isNotEqualTo(stranger.pid());
            assertThat(stranger.isAlive()).isTrue();
        } finally {
            stranger.destroyForcibly();
        }
    }
}
