package org.livelyladle.core.advice;

import java.time.Instant;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Objects;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.livelyladle.core.brief.Brief;
import org.livelyladle.core.brief.Cook;
import org.livelyladle.core.brief.Guest;
import org.livelyladle.core.brief.Side;
import org.livelyladle.core.broths.BrothNeed;
import org.livelyladle.core.broths.BrothPlanner;
import org.livelyladle.core.broths.Broths;
import org.livelyladle.core.catalogue.Broth;
import org.livelyladle.core.catalogue.Catalogue;
import org.livelyladle.core.catalogue.Cut;
import org.livelyladle.core.check.Patience;
import org.livelyladle.core.cooking.Windows;
import org.livelyladle.core.edit.BriefEdit;
import org.livelyladle.core.evening.Evening;
import org.livelyladle.core.facts.Facts;
import org.livelyladle.core.measure.KitchenText;
import org.livelyladle.core.measure.Ledger;
import org.livelyladle.core.portions.PortionPlanner;
import org.livelyladle.core.prep.Prep;
import org.livelyladle.core.prep.PrepClock;
import org.livelyladle.core.prep.PrepInputs;
import org.livelyladle.core.prep.PrepPlanner;
import org.livelyladle.core.prep.PrepTask;
import org.livelyladle.core.safety.Content;
import org.livelyladle.core.safety.Needs;
import org.livelyladle.core.sides.SidePlanner;
import org.livelyladle.core.table.TablePlan;

/** When prep does not fit any more: what would help, cheapest first, each planned anew to tell what it really gains. */
public record LateAdvisor(
        Brief brief,
        Catalogue catalogue,
        Facts facts,
        Instant asOf,
        KitchenText text,
        Windows windows,
        TablePlan table,
        Evening evening,
        PrepInputs inputs,
        Prep prep) {
    /** Less is not worth the trouble; memory [min]. */
    private static final int LEAST_GAIN = 3;

    private static final int MOST_OF_A_KIND = 2;
    private static final int MOST_TRIED = 4;
    /** Of many tasks each plan takes long: then fewer are tried, so that all tries together look at so many. */
    private static final int MOST_TASKS = 400;

    private static final int STEP_MINUTES = 5;

    public List<LateRemedy> advise() {
        int late = lateMinute(brief, prep.readyAt());
        if (late <= -brief.bufferMinutes()) {
            return List.of();
        }
        List<LateRemedy> found = new ArrayList<>();
        keep(help(late), found);
        keep(handOvers(late), found);
        keep(readyBought(late), found);
        keep(simplerBroths(late), found);
        keep(dropped(late), found);
        keep(later(late), found);
        found.sort(Comparator.comparing(remedy -> !remedy.fits()));
        return found;
    }

    private int tries() {
        return Math.min(MOST_TRIED, 1 + MOST_TASKS / Math.max(1, prep.tasks().size()));
    }

    private static int lateMinute(Brief brief, LocalDateTime readyAt) {
        return PrepClock.of(brief).minute(readyAt);
    }

    private static void keep(Stream<LateRemedy> tried, List<LateRemedy> found) {
        tried.filter(remedy -> remedy.gainMinutes() >= LEAST_GAIN)
                .sorted(Comparator.comparing(remedy -> -remedy.gainMinutes()))
                .limit(MOST_OF_A_KIND)
                .forEach(found::add);
    }

    private LateRemedy weighed(int late, String label, BriefEdit edit, PrepInputs with) {
        Brief changed = edit.apply(brief);
        Patience.check();
        int end = PrepPlanner.readyMinute(changed, changed.extend(catalogue), facts, asOf, with);
        LocalDateTime readyAt = PrepClock.of(changed).local(end);
        String left = end > 0
                ? KitchenText.minutes(end) + " after sitting down"
                : KitchenText.minutes(-end) + " before sitting down";
        return new LateRemedy(
                Remedy.of(label, edit),
                "All done at " + KitchenText.clock(readyAt) + ", " + left + ".",
                readyAt,
                late - end,
                end <= 0);
    }

    /** Longest first, of what nobody has begun. */
    private Stream<PrepTask> open() {
        return prep.tasks().stream()
                .filter(task -> !task.fixed() && task.state() == PrepTask.State.PLANNED)
                .sorted(Comparator.comparing((PrepTask task) -> -task.hands()).thenComparing(PrepTask::id));
    }

    private Stream<LateRemedy> help(int late) {
        return brief.cooks().stream()
                .filter(Cook::helper)
                .map(cook -> weighed(late, "Let " + cook.name() + " help", new BriefEdit.LetHelp(cook.id()), inputs));
    }

    private Stream<LateRemedy> handOvers(int late) {
        return brief.cooks().stream()
                .flatMap(cook -> open().filter(task ->
                                !cook.id().equals(task.cook()) && task.hands() >= LEAST_GAIN && cook.can(task.skills()))
                        .limit(tries())
                        .map(task -> handOver(late, task, cook)));
    }

    private LateRemedy handOver(int late, PrepTask task, Cook cook) {
        return weighed(
                late,
                "Hand “" + KitchenText.lower(task.what()) + "” to " + cook.name(),
                new BriefEdit.HandOver(task.id(), cook.id()),
                inputs);
    }

    private Stream<LateRemedy> readyBought(int late) {
        return withWork()
                .filter(this::canStillBeBought)
                .map(cut -> weighed(
                        late, "Buy " + name(cut) + " ready for the table", new BriefEdit.BuyReady(cut.id()), inputs));
    }

    /** Cuts with the most work ahead. */
    private Stream<Cut> withWork() {
        return open().flatMap(task -> task.cuts().stream())
                .distinct()
                .limit(tries())
                .map(catalogue::cut);
    }

    /** Its shop is still to be gone to. */
    private boolean canStillBeBought(Cut cut) {
        int now = PrepClock.of(brief).minute(asOf);
        return inputs.purchases().trips().stream()
                .filter(trip -> PrepClock.of(brief).minute(trip.at()) >= now)
                .flatMap(trip -> trip.lines().stream())
                .anyMatch(line -> line.ingredient().equals(cut.ingredient()) && line.boughtEvent() == null);
    }

    private Stream<LateRemedy> dropped(int late) {
        return withWork().map(cut -> {
            BriefEdit edit = new BriefEdit.LeaveOut(cut.id());
            Brief without = edit.apply(brief);
            PrepInputs with = new PrepInputs(
                    new PortionPlanner(without, catalogue, new Ledger(), text).plan(),
                    inputs.broths(),
                    inputs.sauces(),
                    inputs.extras(),
                    inputs.purchases(),
                    inputs.ending(),
                    inputs.preloads().stream()
                            .filter(drop -> !drop.cut().equals(cut.id()))
                            .toList());
            return weighed(late, "Do without " + name(cut), edit, with);
        });
    }

    private Stream<LateRemedy> simplerBroths(int late) {
        Set<String> open = open().map(PrepTask::broth).filter(Objects::nonNull).collect(Collectors.toSet());
        return inputs.broths().needs().stream()
                .filter(need -> need.source() == Broth.Source.SCRATCH && open.contains(need.broth()))
                .flatMap(need -> simpler(need).limit(1).map(broth -> swapped(late, need, broth)));
    }

    /** Quicker ones that suit all who eat from it and whose parts are in the house. */
    private Stream<Broth> simpler(BrothNeed need) {
        List<String> sides = brief.sides().stream()
                .filter(side -> side.broth().equals(need.broth()))
                .map(Side::id)
                .toList();
        List<Guest> eaters = table.guests().stream()
                .filter(pace -> pace.sides().stream().anyMatch(sides::contains))
                .map(pace -> brief.guest(pace.guest()).orElseThrow())
                .toList();
        return catalogue.broths().stream()
                .filter(broth -> broth.source() != Broth.Source.SCRATCH && broth.base() == null)
                .filter(broth -> broth.parts().stream().allMatch(part -> isAtHome(part.ingredient())))
                .filter(broth -> eaters.stream().allMatch(guest -> suits(guest, broth)));
    }

    private boolean suits(Guest guest, Broth broth) {
        return broth.heat().compareTo(guest.heat()) <= 0
                && Needs.brokenByContact(guest, Content.of(broth, catalogue)).isEmpty();
    }

    private boolean isAtHome(String ingredient) {
        return brief.pantry().stream().anyMatch(item -> item.ingredient().equals(ingredient))
                || facts.boughtGrams(ingredient) > 0;
    }

    private LateRemedy swapped(int late, BrothNeed need, Broth broth) {
        BriefEdit edit = new BriefEdit.SwapBroth(need.broth(), broth.id());
        Brief changed = edit.apply(brief);
        Ledger ledger = new Ledger();
        Broths broths = new BrothPlanner(changed, catalogue, ledger, text)
                .plan(new SidePlanner(changed, catalogue, ledger, text).plan(), evening.reserves());
        return weighed(
                late,
                "Make " + KitchenText.lower(broth.name()) + " instead of " + KitchenText.lower(need.name()),
                edit,
                inputs.with(broths));
    }

    /** By as little as leaves the whole buffer, in steps of five minutes. */
    private Stream<LateRemedy> later(int late) {
        int missing = (late + brief.bufferMinutes() + STEP_MINUTES - 1) / STEP_MINUTES * STEP_MINUTES;
        return IntStream.range(0, MOST_TRIED)
                .map(n -> missing + n * STEP_MINUTES)
                .filter(minutes -> brief.sitDown().plusMinutes(minutes).getYear() <= Brief.LAST_YEAR)
                .mapToObj(minutes -> laterBy(late, minutes))
                .filter(later -> later.gainMinutes() >= late + brief.bufferMinutes())
                .limit(1);
    }

    private LateRemedy laterBy(int late, int minutes) {
        LocalDateTime sitDown = PrepClock.of(brief).local(minutes);
        return weighed(
                late,
                "Sit down " + KitchenText.minutes(minutes) + " later, at " + KitchenText.clock(sitDown),
                new BriefEdit.SitAt(sitDown),
                inputs);
    }

    private String name(Cut cut) {
        return KitchenText.lower(catalogue.fullName(cut));
    }
}
