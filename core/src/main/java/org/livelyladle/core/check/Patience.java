package org.livelyladle.core.check;

/** Long computations ask from time to time whether anybody still waits for them: whoever does not interrupts the thread. */
public final class Patience {
    private Patience() {}

    /** @throws GivenUpException when nobody waits any more */
    public static void check() {
        if (Thread.currentThread().isInterrupted()) {
            throw new GivenUpException();
        }
    }

    /** A computation was given up before its end. */
    public static final class GivenUpException extends RuntimeException {
        GivenUpException() {
            super("Nobody waits for this any more");
        }
    }
}
