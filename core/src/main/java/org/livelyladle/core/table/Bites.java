package org.livelyladle.core.table;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/** When each guest bites, kept up to date as drops come and go. */
final class Bites {
    private final List<List<Placing>> byGuest = new ArrayList<>();
    /** In order of time [s from sitting down]; null where a drop came or went since. */
    private final int[][] sorted;

    Bites(int guests) {
        for (int g = 0; g < guests; g++) {
            byGuest.add(new ArrayList<>());
        }
        sorted = new int[guests][];
    }

    List<Placing> of(int guest) {
        return byGuest.get(guest);
    }

    void add(Placing placing) {
        for (int guest : placing.eaters) {
            byGuest.get(guest).add(placing);
            sorted[guest] = null;
        }
    }

    void remove(Placing placing) {
        for (int guest : placing.eaters) {
            byGuest.get(guest).remove(placing);
            sorted[guest] = null;
        }
    }

    /** All bites of a guest in order of time [s from sitting down]. */
    int[] seconds(int guest) {
        if (sorted[guest] == null) {
            int count = 0;
            for (Placing placing : byGuest.get(guest)) {
                count += times(placing, guest);
            }
            int[] bites = new int[count];
            int at = 0;
            for (Placing placing : byGuest.get(guest)) {
                int times = times(placing, guest);
                for (int i = 0; i < times; i++) {
                    bites[at++] = placing.putIn + placing.offset + i * placing.every;
                }
            }
            Arrays.sort(bites);
            sorted[guest] = bites;
        }
        return sorted[guest];
    }

    private static int times(Placing placing, int guest) {
        for (int i = 0; i < placing.eaters.length; i++) {
            if (placing.eaters[i] == guest) {
                return placing.bites[i];
            }
        }
        return 0;
    }
}
