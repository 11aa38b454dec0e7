package org.livelyladle.server.live;

import jakarta.annotation.PreDestroy;
import java.sql.Connection;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.List;
import java.util.UUID;
import java.util.concurrent.CopyOnWriteArrayList;
import java.util.function.Consumer;
import javax.sql.DataSource;
import org.jspecify.annotations.Nullable;
import org.postgresql.PGConnection;
import org.postgresql.PGNotification;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.SmartInitializingSingleton;
import org.springframework.stereotype.Component;

/**
 * Hears from PostgreSQL which parties have changed, whichever server changed them. While there is no connection nothing
 * is heard; once there is one again, everything may have changed.
 */
@Component
class PartyNews implements SmartInitializingSingleton {
    private static final int LISTEN_MILLIS = 2000;
    private static final int AGAIN_MILLIS = 500;
    private static final Logger log = LoggerFactory.getLogger(PartyNews.class);

    private final DataSource database;
    private final Thread thread = new Thread(this::run, "party-news");
    private final List<Consumer<@Nullable UUID>> listeners = new CopyOnWriteArrayList<>();
    private volatile boolean closed;

    PartyNews(DataSource database) {
        this.database = database;
    }

    /** @param listener takes the party that has changed; null where all may have */
    void listen(Consumer<@Nullable UUID> listener) {
        listeners.add(listener);
    }

    @Override
    public void afterSingletonsInstantiated() {
        thread.setDaemon(true);
        thread.start();
    }

    @PreDestroy
    void close() throws InterruptedException {
        closed = true;
        thread.interrupt();
        thread.join(LISTEN_MILLIS);
    }

    private void run() {
        while (!closed) {
            try (Connection connection = database.getConnection()) {
                hear(connection);
            } catch (SQLException e) {
                log.debug("No news from the database for now", e);
                pause();
            }
        }
    }

    private void hear(Connection connection) throws SQLException {
        connection.setAutoCommit(true);
        try (Statement statement = connection.createStatement()) {
            statement.execute("LISTEN ladle_party");
            tell(null);
            PGConnection postgres = connection.unwrap(PGConnection.class);
            while (!closed) {
                PGNotification[] news = postgres.getNotifications(LISTEN_MILLIS);
                for (PGNotification one : news == null ? new PGNotification[0] : news) {
                    tell(UUID.fromString(one.getParameter()));
                }
            }
        } finally {
            unlisten(connection);
        }
    }

    /** The connection goes back to others, who want no news. */
    private static void unlisten(Connection connection) throws SQLException {
        if (connection.isValid(1)) {
            try (Statement statement = connection.createStatement()) {
                statement.execute("UNLISTEN *");
            }
        }
    }

    private void tell(@Nullable UUID party) {
        listeners.forEach(listener -> listener.accept(party));
    }

    private static void pause() {
        try {
            Thread.sleep(AGAIN_MILLIS);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
    }
}
