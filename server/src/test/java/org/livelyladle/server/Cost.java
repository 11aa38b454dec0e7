package org.livelyladle.server;

import static org.assertj.core.api.Assertions.assertThat;

import com.sun.management.ThreadMXBean;
import java.lang.management.ManagementFactory;
import java.util.concurrent.Callable;

/** What answering something hostile may cost at most. */
public final class Cost {
    private static final long MOST_NANOS = 2_000_000_000L;
    private static final long MOST_BYTES = 64L << 20;
    private static final ThreadMXBean THREADS = (ThreadMXBean) ManagementFactory.getThreadMXBean();

    private Cost() {}

    /** The answer, when it takes at most 2 s and 64 MB, all that is freed again meanwhile included. */
    public static <T> T bounded(String what, Callable<T> asking) throws Exception {
        String start = what.substring(0, Math.min(60, what.length()));
        long began = System.nanoTime();
        long before = THREADS.getCurrentThreadAllocatedBytes();
        T answer = asking.call();
        assertThat(THREADS.getCurrentThreadAllocatedBytes() - before)
                .as("bytes for " + start)
                .isLessThan(MOST_BYTES);
        assertThat(System.nanoTime() - began).as("time for " + start).isLessThan(MOST_NANOS);
        return answer;
    }
}
