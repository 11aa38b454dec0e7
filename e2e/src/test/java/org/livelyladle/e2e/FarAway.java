package org.livelyladle.e2e;

import java.io.Closeable;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.io.UncheckedIOException;
import java.net.InetAddress;
import java.net.InetSocketAddress;
import java.net.ServerSocket;
import java.net.Socket;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;

/**
 * A way to the server from another address than its own machine's: whatever is sent here reaches it from 127.0.0.2, which
 * it counts as somebody else's. Nothing of what is sent is changed.
 */
final class FarAway implements Closeable {
    private final ServerSocket door;
    private final int server;
    private final Set<Socket> open = ConcurrentHashMap.newKeySet();
    private volatile boolean isAsleep;

    FarAway(int server) {
        this.server = server;
        try {
            door = new ServerSocket(0, 50, InetAddress.getByName("127.0.0.1"));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        start(this::let);
    }

    /** For clients on this machine. */
    String address() {
        return "http://localhost:" + door.getLocalPort();
    }

    /** For browsers: over plain HTTP, where they keep back what they give to secure pages only. */
    String plainAddress() {
        return "http://" + RunningServer.NETWORK_NAME + ":" + door.getLocalPort();
    }

    /** Nothing gets through for a while, as with a phone that sleeps. */
    void sleep() {
        isAsleep = true;
        open.forEach(FarAway::end);
    }

    void wake() {
        isAsleep = false;
    }

    private void let() {
        while (!door.isClosed()) {
            try {
                Socket from = door.accept();
                if (isAsleep) {
                    end(from);
                } else {
                    pass(from);
                }
            } catch (IOException e) {
                // closed, or whoever came is gone
            }
        }
    }

    private void pass(Socket from) throws IOException {
        Socket to = new Socket();
        to.bind(new InetSocketAddress("127.0.0.2", 0));
        to.connect(new InetSocketAddress("127.0.0.1", server));
        open.add(from);
        open.add(to);
        start(() -> pour(from, to));
        start(() -> pour(to, from));
    }

    private void pour(Socket from, Socket to) {
        try (InputStream in = from.getInputStream();
                OutputStream out = to.getOutputStream()) {
            byte[] buffer = new byte[8192];
            for (int read = in.read(buffer); read >= 0; read = in.read(buffer)) {
                out.write(buffer, 0, read);
                out.flush();
            }
        } catch (IOException e) {
            // one end is gone, so is the other
        } finally {
            end(from);
            end(to);
            open.remove(from);
            open.remove(to);
        }
    }

    private static void end(Socket socket) {
        try {
            socket.close();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static void start(Runnable task) {
        Thread thread = new Thread(task, "far-away");
        thread.setDaemon(true);
        thread.start();
    }

    @Override
    public void close() {
        try {
            door.close();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        open.forEach(FarAway::end);
    }
}
