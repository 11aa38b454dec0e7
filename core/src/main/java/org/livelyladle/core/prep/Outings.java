package org.livelyladle.core.prep;

import java.util.ArrayList;
import java.util.List;

/** When each cook is away, shopping included, and when nobody is at home: worked out once, handed out as copies. */
final class Outings {
    private final List<List<Crew.Away>> away = new ArrayList<>();
    private final List<Crew.Away> nobody = new ArrayList<>();
    private final List<Bookings> forwards;
    private final List<Bookings> backwards;
    private final Bookings emptyForwards;
    private final Bookings emptyBackwards;

    /** @param shopping when each cook is out shopping, by cook */
    Outings(Crew crew, List<List<Crew.Away>> shopping) {
        for (int c = 0; c < crew.cooks.size(); c++) {
            List<Crew.Away> own = new ArrayList<>(crew.away(c));
            own.addAll(shopping.get(c));
            away.add(own);
        }
        away.get(0).forEach(this::emptyWithin);
        forwards = away.stream().map(own -> bookings(own, false)).toList();
        backwards = away.stream().map(own -> bookings(own, true)).toList();
        emptyForwards = bookings(nobody, false);
        emptyBackwards = bookings(nobody, true);
    }

    /** Stretches of the first cook's absence in which all others are away too. */
    private void emptyWithin(Crew.Away first) {
        int at = first.from();
        while (at < first.to()) {
            int until = first.to();
            boolean empty = true;
            for (List<Crew.Away> own : away) {
                int end = awayUntil(own, at);
                empty &= end > at;
                until = Math.min(until, end > at ? end : nextAway(own, at));
            }
            if (empty) {
                nobody.add(new Crew.Away(at, until));
            }
            at = until;
        }
    }

    private static int awayUntil(List<Crew.Away> own, int minute) {
        return own.stream()
                .filter(it -> it.from() <= minute && minute < it.to())
                .mapToInt(Crew.Away::to)
                .max()
                .orElse(minute);
    }

    private static int nextAway(List<Crew.Away> own, int minute) {
        return own.stream()
                .mapToInt(Crew.Away::from)
                .filter(from -> from > minute)
                .min()
                .orElse(Integer.MAX_VALUE);
    }

    /** By cook. */
    List<Bookings> away(boolean mirrored) {
        return (mirrored ? backwards : forwards).stream().map(Bookings::copy).toList();
    }

    List<Crew.Away> away(int cook) {
        return away.get(cook);
    }

    List<Crew.Away> nobody() {
        return nobody;
    }

    /** The first minute from one on at which the house is empty. */
    int emptyFrom(int minute) {
        return nobody.stream()
                .mapToInt(Crew.Away::from)
                .filter(from -> from >= minute)
                .min()
                .orElse(Integer.MAX_VALUE);
    }

    Bookings nobodyHome(boolean mirrored) {
        return mirrored ? emptyBackwards : emptyForwards;
    }

    private static Bookings bookings(List<Crew.Away> list, boolean mirrored) {
        Bookings bookings = new Bookings();
        for (Crew.Away it : list) {
            bookings.book(mirrored ? -it.to() : it.from(), mirrored ? -it.from() : it.to());
        }
        return bookings;
    }
}
