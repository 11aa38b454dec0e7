package org.livelyladle.core.sequence;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/** When each guest bites, kept up to date as drops come and go. */
final class Bites {
    private final List<List<Placing>> byGuest = new ArrayList<>();
    /** How often the guest bites of each of them. */
    private final List<List<Integer>> times = new ArrayList<>();
    /** In order of time [s from sitting down]; null where a drop came or went since. */
    private final int[][] sorted;

    Bites(int guests) {
        for (int g = 0; g < guests; g++) {
            byGuest.add(new ArrayList<>());
            times.add(new ArrayList<>());
        }
        sorted = new int[guests][];
    }

    List<Placing> of(int guest) {
        return byGuest.get(guest);
    }

    void add(Placing placing) {
        for (int i = 0; i < placing.eaters.length; i++) {
            int guest = placing.eaters[i];
            byGuest.get(guest).add(placing);
            times.get(guest).add(placing.bites[i]);
            sorted[guest] = null;
        }
    }

    /** Its time is another now. */
    void moved(Placing placing) {
        for (int guest : placing.eaters) {
            sorted[guest] = null;
        }
    }

    /** Bites of all but one drop, in order of time [s from sitting down]. */
    int[] without(int guest, Placing placing, int often) {
        int[] all = seconds(guest);
        int[] rest = new int[all.length - often];
        int gone = 0;
        int at = 0;
        for (int second : all) {
            if (gone < often && second == placing.putIn + placing.offset + gone * placing.every) {
                gone++;
            } else {
                rest[at++] = second;
            }
        }
        return rest;
    }

    /** All bites of a guest in order of time [s from sitting down]. */
    int[] seconds(int guest) {
        if (sorted[guest] == null) {
            List<Placing> own = byGuest.get(guest);
            int count = 0;
            for (int often : times.get(guest)) {
                count += often;
            }
            int[] bites = new int[count];
            int at = 0;
            for (int p = 0; p < own.size(); p++) {
                Placing placing = own.get(p);
                int often = times.get(guest).get(p);
                for (int i = 0; i < often; i++) {
                    bites[at++] = placing.putIn + placing.offset + i * placing.every;
                }
            }
            Arrays.sort(bites);
            sorted[guest] = bites;
        }
        return sorted[guest];
    }
}
