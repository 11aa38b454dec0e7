package org.livelyladle.server.web;

import java.sql.SQLException;
import java.util.Optional;
import org.springframework.dao.DataAccessResourceFailureException;
import org.springframework.dao.QueryTimeoutException;
import org.springframework.http.HttpStatus;
import org.springframework.transaction.CannotCreateTransactionException;

/**
 * What a failure that nobody foresaw means for whoever asked.
 *
 * @param status to answer with
 * @param detail in words, without names of classes or values of anybody's
 */
record Failures(HttpStatus status, String detail) {
    private static final String DISK_FULL = "53100";
    /** Connections that break (class 08), and a server that shuts down or is not up yet (class 57). */
    private static final String CONNECTION = "08";

    private static final String INTERVENTION = "57P";
    private static final int DEEPEST = 20;
    /** Until then a database that was away may be back. */
    private static final String RETRY_SECONDS = "2";

    /** The pool's own words about a connection that broke carry no state. */
    private static String stateOf(SQLException failure) {
        return failure.getSQLState() == null ? CONNECTION : failure.getSQLState();
    }

    /** After how many seconds to ask again; empty where asking again helps nobody. */
    Optional<String> retryAfter() {
        return status == HttpStatus.INTERNAL_SERVER_ERROR ? Optional.empty() : Optional.of(RETRY_SECONDS);
    }

    static Failures of(Throwable failure) {
        Throwable cause = failure;
        boolean away = false;
        for (int depth = 0; cause != null && depth < DEEPEST; depth++) {
            String state = cause instanceof SQLException sql ? stateOf(sql) : "";
            if (state.equals(DISK_FULL)) {
                return new Failures(
                        HttpStatus.INSUFFICIENT_STORAGE,
                        "The disk with the database is full, so nothing can be saved. Make room on it; what you typed is kept in the page.");
            }
            away |= state.startsWith(CONNECTION)
                    || state.startsWith(INTERVENTION)
                    || cause instanceof CannotCreateTransactionException
                    || cause instanceof DataAccessResourceFailureException
                    || cause instanceof QueryTimeoutException;
            cause = cause.getCause();
        }
        return away
                ? new Failures(
                        HttpStatus.SERVICE_UNAVAILABLE,
                        "The database does not answer. It is tried again; what you typed is kept in the page.")
                : new Failures(
                        HttpStatus.INTERNAL_SERVER_ERROR,
                        "Something went wrong here that should not. Nothing was changed; it was noted in the log.");
    }
}
