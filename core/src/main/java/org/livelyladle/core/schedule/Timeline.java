package org.livelyladle.core.schedule;

/** What is free of each resource over time, in stretches of equal use. Filled by one thread. */
final class Timeline {
    private final Network network;
    /** Starts of the stretches, ascending, the first 0; the last lasts for ever. */
    private final int[] times;

    private final int[][] free;
    private int count = 1;

    Timeline(Network network) {
        this.network = network;
        this.times = new int[2 * network.size + 2];
        this.free = new int[2 * network.size + 2][];
        free[0] = network.capacities.clone();
    }

    /** The earliest start from a minute on at which a task has all it needs until it ends. */
    int earliest(int task, int from) {
        int length = network.minutes[task];
        int start = from;
        for (int k = stretchAt(from); length > 0 && k < count && times[k] < start + length; k++) {
            if (!fits(task, k)) {
                start = times[k + 1];
            }
        }
        return start;
    }

    private boolean fits(int task, int stretch) {
        int[] needs = network.needs[task];
        int[] there = free[stretch];
        for (int r = 0; r < needs.length; r++) {
            if (needs[r] > there[r]) {
                return false;
            }
        }
        return true;
    }

    void take(int task, int start) {
        int length = network.minutes[task];
        if (length == 0) {
            return;
        }
        int first = split(start);
        int last = split(start + length);
        int[] needs = network.needs[task];
        for (int k = first; k < last; k++) {
            for (int r = 0; r < needs.length; r++) {
                free[k][r] -= needs[r];
            }
        }
    }

    private int stretchAt(int time) {
        int low = 0;
        int high = count - 1;
        while (low < high) {
            int middle = (low + high + 1) >>> 1;
            if (times[middle] <= time) {
                low = middle;
            } else {
                high = middle - 1;
            }
        }
        return low;
    }

    /** The stretch that starts at a time, made if there is none. */
    private int split(int time) {
        int k = stretchAt(time);
        if (times[k] == time) {
            return k;
        }
        System.arraycopy(times, k + 1, times, k + 2, count - k - 1);
        System.arraycopy(free, k + 1, free, k + 2, count - k - 1);
        times[k + 1] = time;
        free[k + 1] = free[k].clone();
        count++;
        return k + 1;
    }
}
