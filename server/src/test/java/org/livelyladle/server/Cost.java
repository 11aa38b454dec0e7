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

    /** What the caller's thread has computed so far: unlike the clock it stands still while a busy machine does others' work. */
    public static long nanos() {
        return THREADS.getCurrentThreadCpuTime();
    }

    /** The answer, when it takes at most 2 s of computing and 64 MB, all that is freed again meanwhile included. */
    public static <T> T bounded(String what, Callable<T> asking) throws Exception {
        String start = what.substring(0, Math.min(60, what.length()));
        long began = nanos();
        long before = THREADS.getCurrentThreadAllocatedBytes();
        T answer = asking.call();
        assertThat(THREADS.getCurrentThreadAllocatedBytes() - before)
                .as("bytes for " + start)
                .isLessThan(MOST_BYTES);
        assertThat(nanos() - began).as("time for " + start).isLessThan(MOST_NANOS);
        return answer;
    }
}
