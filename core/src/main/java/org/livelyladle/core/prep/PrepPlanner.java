package org.livelyladle.core.prep;

import static org.livelyladle.core.measure.Operation.GIVEN;
import static org.livelyladle.core.measure.Operation.MAXIMUM;
import static org.livelyladle.core.measure.Operation.SUM;

import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.livelyladle.core.brief.Brief;
import org.livelyladle.core.brief.Decisions.TaskPin;
import org.livelyladle.core.broths.Broths;
import org.livelyladle.core.catalogue.Catalogue;
import org.livelyladle.core.extras.Extras;
import org.livelyladle.core.facts.Facts;
import org.livelyladle.core.measure.Figure;
import org.livelyladle.core.measure.KitchenText;
import org.livelyladle.core.measure.Ledger;
import org.livelyladle.core.measure.Mark;
import org.livelyladle.core.measure.Term;
import org.livelyladle.core.portions.Portions;
import org.livelyladle.core.sauces.Sauces;

/** Chains the steps backwards from sitting down, each as late as it may start. Hands are not limited. */
public final class PrepPlanner {
    private final Brief brief;
    private final Catalogue catalogue;
    private final Facts facts;
    private final Ledger ledger;
    private final KitchenText text;
    private final List<PrepTask> tasks = new ArrayList<>();
    private final List<Prep.BeatenPin> beaten = new ArrayList<>();

    public PrepPlanner(Brief brief, Catalogue catalogue, Facts facts, Ledger ledger, KitchenText text) {
        this.brief = brief;
        this.catalogue = catalogue;
        this.facts = facts;
        this.ledger = ledger;
        this.text = text;
    }

    public Prep plan(Portions portions, Broths broths, Sauces sauces, Extras extras) {
        new ChainBuilder(brief, catalogue, text)
                .build(portions, broths, sauces, extras)
                .forEach(this::chain);
        tasks.sort(
                Comparator.comparing((PrepTask task) -> -task.before().value()).thenComparing(PrepTask::id));
        double begins =
                tasks.stream().mapToDouble(task -> task.before().value()).max().orElse(0);
        Figure first = minutes("prep.begins", begins)
                .by(
                        "Prep begins",
                        "The earliest of all latest starts",
                        MAXIMUM,
                        () -> tasks.stream()
                                .map(task -> Term.of(task.what(), task.before()))
                                .toList());
        List<PrepTask> active = tasks.stream().filter(task -> !task.passive()).toList();
        double hands =
                active.stream().mapToDouble(task -> task.minutes().value()).sum();
        Figure handsOn = minutes("prep.hands", hands)
                .by(
                        "Hands-on time",
                        "All tasks somebody stands by",
                        SUM,
                        () -> active.stream()
                                .map(task -> Term.of(task.what(), task.minutes()))
                                .toList());
        return new Prep(first, handsOn, tasks, beaten);
    }

    private void chain(Chain chain) {
        @Nullable Figure next = null;
        for (int i = chain.steps().size() - 1; i >= 0; i--) {
            Chain.Step step = chain.steps().get(i);
            List<String> after =
                    i == 0 ? List.of() : List.of(chain.steps().get(i - 1).id());
            PrepTask task = task(chain, step, after, next);
            tasks.add(task);
            next = task.before();
        }
    }

    private PrepTask task(Chain chain, Chain.Step step, List<String> after, @Nullable Figure next) {
        Figure minutes = minutes("minutes." + step.id(), step.minutes())
                .by(
                        step.what(),
                        "How long it takes",
                        GIVEN,
                        () -> List.of(Term.of(
                                step.working(),
                                step.minutes(),
                                "min",
                                KitchenText.minutes(step.minutes()),
                                "usual times",
                                Mark.MEMORY)));
        Term end = next == null
                ? Term.of(
                        chain.endLabel(),
                        chain.endsBefore(),
                        "min",
                        KitchenText.minutes(chain.endsBefore()),
                        "",
                        Mark.HOST)
                : Term.of("the next step starts", next);
        double latest = end.value() + step.minutes();
        Optional<TaskPin> pin = pin(step, latest);
        Figure before = pin.isPresent() ? pinned(step, pin.get()) : latest(step, minutes, end, latest);
        LocalDateTime startsAt = brief.sitDown().minusSeconds(Math.round(before.value() * 60));
        return new PrepTask(
                step.id(),
                chain.group(),
                step.what(),
                step.amount(),
                step.tool(),
                minutes,
                before,
                startsAt,
                step.passive(),
                step.caution(),
                after,
                facts.doneTasks().contains(step.id()),
                pin.isPresent());
    }

    /** The host's pin, unless what follows could then not be ready in time. */
    private Optional<TaskPin> pin(Chain.Step step, double latest) {
        Optional<TaskPin> pin = brief.decisions().tasks().stream()
                .filter(p -> p.task().equals(step.id()))
                .findFirst();
        if (pin.isPresent() && pin.get().minutesBefore() < latest) {
            beaten.add(new Prep.BeatenPin(
                    step.id(),
                    step.what(),
                    pin.get().minutesBefore(),
                    latest,
                    "what follows would not be ready in time"));
            return Optional.empty();
        }
        return pin;
    }

    private Figure latest(Chain.Step step, Figure minutes, Term end, double latest) {
        return minutes("before." + step.id(), latest)
                .by(
                        step.what() + ": latest start",
                        "Counted back from sitting down: end + how long it takes",
                        SUM,
                        () -> List.of(end, Term.of("how long it takes", minutes)));
    }

    private Figure pinned(Chain.Step step, TaskPin pin) {
        return minutes("before." + step.id(), pin.minutesBefore())
                .by(
                        step.what() + ": start",
                        "Pinned by you",
                        GIVEN,
                        () -> List.of(Term.of(
                                "pin",
                                pin.minutesBefore(),
                                "min",
                                KitchenText.minutes(pin.minutesBefore()),
                                "your pin",
                                Mark.HOST)));
    }

    private Ledger.Draft minutes(String id, double minutes) {
        return ledger.figure(id, minutes, "min", KitchenText.minutes(minutes));
    }
}
