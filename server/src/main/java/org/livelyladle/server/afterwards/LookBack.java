package org.livelyladle.server.afterwards;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.math.BigDecimal;
import java.time.Clock;
import java.util.Comparator;
import java.util.List;
import java.util.stream.Stream;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;
import org.livelyladle.core.afterwards.Journal;
import org.livelyladle.core.afterwards.LookedBack;
import org.livelyladle.server.access.SignedIn;
import org.livelyladle.server.exchange.CsvCell;
import org.livelyladle.server.party.PartyService;
import org.livelyladle.server.party.PartySummary;
import org.livelyladle.server.plan.PlanService;
import org.springframework.stereotype.Service;

/** The last evenings side by side: those that are over, and those something was said of. */
@Service
class LookBack {
    private static final int MOST = 8;
    private static final CSVFormat FORMAT = CSVFormat.RFC4180
            .builder()
            .setHeader(
                    "day",
                    "party",
                    "guests",
                    "cost",
                    "cost a head",
                    "currency",
                    "kind",
                    "planned a head [g]",
                    "eaten a head [g]",
                    "left of all [g]",
                    "hands [min]",
                    "longest wait [min]",
                    "mark",
                    "note")
            .get();

    private final PartyService parties;
    private final JournalService journals;
    private final PlanService plans;
    private final Clock clock;

    LookBack(PartyService parties, JournalService journals, PlanService plans, Clock clock) {
        this.parties = parties;
        this.journals = journals;
        this.plans = plans;
        this.clock = clock;
    }

    /** The newest first. */
    List<LookedBack> evenings(SignedIn host) {
        return parties.list(host).stream()
                .filter(party ->
                        isOver(host, party) || journals.said(party.id()).isPresent())
                .sorted(Comparator.comparing(PartySummary::sitDown).reversed().thenComparing(PartySummary::id))
                .limit(MOST)
                .map(party -> lookedBack(host, party))
                .toList();
    }

    private boolean isOver(SignedIn host, PartySummary party) {
        return parties.over(host, party.id())
                .filter(end -> end.isBefore(clock.instant()))
                .isPresent();
    }

    private LookedBack lookedBack(SignedIn host, PartySummary party) {
        PlanService.Standing standing = plans.standing(host, party.id());
        return LookedBack.of(
                party.id().toString(),
                standing.brief(),
                standing.plan(),
                journals.said(party.id()).orElseGet(Journal::empty));
    }

    /** As CSV (RFC 4180), a line for each kind of food of an evening. */
    String csv(SignedIn host) {
        StringBuilder text = new StringBuilder();
        try (CSVPrinter printer = new CSVPrinter(text, FORMAT)) {
            for (LookedBack evening : evenings(host)) {
                for (LookedBack.Kind kind : evening.kinds()) {
                    printer.printRecord(
                            evening.on(),
                            CsvCell.harmless(evening.title()),
                            evening.guests(),
                            BigDecimal.valueOf(evening.costCents(), 2),
                            BigDecimal.valueOf(evening.costAHeadCents(), 2),
                            evening.currency(),
                            kind.name(),
                            Math.round(kind.plannedAHead()),
                            Stream.ofNullable(kind.eatenAHead())
                                    .map(Math::round)
                                    .findFirst()
                                    .orElse(null),
                            Math.round(evening.leftGrams()),
                            Math.round(evening.handsMinutes()),
                            Math.round(evening.longestWaitMinutes()),
                            evening.mark(),
                            CsvCell.harmless(evening.note()));
                }
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return text.toString();
    }
}
