package org.livelyladle.core.afterwards;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.livelyladle.core.brief.Brief;
import org.livelyladle.core.brief.Guest;
import org.livelyladle.core.brief.Liking;
import org.livelyladle.core.catalogue.Catalogue;
import org.livelyladle.core.facts.Facts;
import org.livelyladle.core.facts.TableEvent;

/** Somebody of the book as the evenings knew them. */
public record GuestBook(List<Entry> people) {
    /**
     * @param guest whose id
     * @param evenings to how many that are over they came
     * @param lastOn the day of the last one; null where there was none
     * @param favourites what they love, and what they asked for more of
     * @param leaves what they never take, and what they wanted no more of
     */
    public record Entry(
            String guest, int evenings, @Nullable LocalDate lastOn, List<String> favourites, List<String> leaves) {
        public Entry {
            favourites = List.copyOf(favourites);
            leaves = List.copyOf(leaves);
        }
    }

    /** An evening that is over. */
    public record Evening(Brief brief, Facts facts, Journal journal) {
        /** Under which ids somebody was there. */
        private List<String> idsOf(Guest person) {
            return brief.guests().stream()
                    .filter(guest -> person.goesBy(guest.name()))
                    .map(Guest::id)
                    .filter(id -> journal.ate(id)
                            .filter(ate -> ate == Journal.Ate.NOT_THERE)
                            .isEmpty())
                    .toList();
        }
    }

    public GuestBook {
        people = List.copyOf(people);
    }

    /** @param catalogue with the household's own food */
    public static GuestBook of(List<Guest> people, List<Evening> evenings, Catalogue catalogue) {
        List<Entry> entries = new ArrayList<>();
        for (Guest person : people) {
            List<Evening> own = evenings.stream()
                    .filter(evening -> !evening.idsOf(person).isEmpty())
                    .toList();
            Set<String> favourites = new LinkedHashSet<>();
            Set<String> leaves = new LinkedHashSet<>();
            person.wishes().forEach(wish -> {
                if (wish.liking() == Liking.LOVE) {
                    favourites.add(wish.cut());
                } else if (wish.liking() == Liking.NEVER) {
                    leaves.add(wish.cut());
                }
            });
            for (Evening evening : own) {
                List<String> ids = evening.idsOf(person);
                for (TableEvent event : evening.facts().table()) {
                    if (event instanceof TableEvent.Wants wants && ids.contains(wants.guest())) {
                        favourites.add(wants.cut());
                    } else if (event instanceof TableEvent.Declined no && ids.contains(no.guest())) {
                        leaves.add(no.cut());
                    }
                }
            }
            entries.add(new Entry(
                    person.id(),
                    own.size(),
                    own.stream()
                            .map(evening -> evening.brief().sitDown().toLocalDate())
                            .max(LocalDate::compareTo)
                            .orElse(null),
                    names(favourites, catalogue),
                    names(leaves, catalogue)));
        }
        return new GuestBook(entries);
    }

    private static List<String> names(Set<String> cuts, Catalogue catalogue) {
        return cuts.stream()
                .flatMap(cut -> catalogue.findCut(cut).map(catalogue::fullName).stream())
                .sorted()
                .toList();
    }
}
