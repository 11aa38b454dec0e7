package org.livelyladle.core.brief;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.livelyladle.core.check.Check;
import org.livelyladle.core.check.InvalidInputException;
import org.livelyladle.core.check.Key;
import org.livelyladle.core.check.Ranges;
import org.livelyladle.core.check.Usual;
import org.livelyladle.core.check.Within;

/** What the host decided by hand. A hard rule beats a pin; the beaten pin stays and the plan says why. */
public record Decisions(
        @Key({"guest", "cut"}) @Usual("[]") List<PortionPin> portions,
        @Key("ingredient") @Usual("[]") List<OfferPin> offers,
        @Key("task") @Usual("[]") List<TaskPin> tasks,
        @Key({"cut", "side", "batch"}) @Usual("[]") List<DropPin> drops,
        @Key({"guest", "pot"}) @Usual("[]") List<SplashChoice> splashes,
        @Key({"shortOf", "by"}) @Usual("[]") List<Trade> trades) {

    public Decisions {
        portions = Check.distinct(portions, "portions", 2000, pin -> List.of(pin.guest(), pin.cut()));
        offers = Check.distinct(offers, "offers", 500, OfferPin::ingredient);
        tasks = Check.distinct(tasks, "tasks", 500, TaskPin::task);
        drops = Check.distinct(drops, "drops", 500, pin -> List.of(pin.cut(), pin.side(), pin.batch()));
        splashes = Check.distinct(splashes, "splashes", 200, choice -> List.of(choice.guest(), choice.pot()));
        trades = Check.distinct(trades, "trades", 100, trade -> List.of(trade.shortOf(), trade.by()));
    }

    public static Decisions none() {
        return new Decisions(List.of(), List.of(), List.of(), List.of(), List.of(), List.of());
    }

    /** These decisions with other portions pinned. */
    public Decisions portions(List<PortionPin> pins) {
        return new Decisions(pins, offers, tasks, drops, splashes, trades);
    }

    /** These decisions with other offers pinned. */
    public Decisions offers(List<OfferPin> pins) {
        return new Decisions(portions, pins, tasks, drops, splashes, trades);
    }

    /** These decisions with other prep tasks pinned. */
    public Decisions tasks(List<TaskPin> pins) {
        return new Decisions(portions, offers, pins, drops, splashes, trades);
    }

    /** These decisions with other drops pinned. */
    public Decisions drops(List<DropPin> pins) {
        return new Decisions(portions, offers, tasks, pins, splashes, trades);
    }

    /** These decisions with other trades. */
    public Decisions trades(List<Trade> made) {
        return new Decisions(portions, offers, tasks, drops, splashes, made);
    }

    public Optional<PortionPin> portion(Guest guest, String cut) {
        return portions.stream()
                .filter(pin -> pin.guest().equals(guest.id()) && pin.cut().equals(cut))
                .findFirst();
    }

    public Optional<TaskPin> task(String id) {
        return tasks.stream().filter(pin -> pin.task().equals(id)).findFirst();
    }

    /** These decisions, with a task handed to a cook. */
    public Decisions handing(String task, String cook) {
        TaskPin old = task(task).orElse(new TaskPin(task, null, cook, null));
        TaskPin pin = new TaskPin(task, old.minutesBefore(), cook, old.minutes());
        return tasks(Stream.concat(tasks.stream().filter(other -> !other.task().equals(task)), Stream.of(pin))
                .toList());
    }

    /** These decisions, with a portion pinned. */
    public Decisions pinning(PortionPin pin) {
        return portions(Stream.concat(
                        portions.stream()
                                .filter(other -> !other.guest().equals(pin.guest())
                                        || !other.cut().equals(pin.cut())),
                        Stream.of(pin))
                .toList());
    }

    /** These decisions and one more trade. */
    public Decisions trading(Trade trade) {
        return trades(Stream.concat(trades.stream(), Stream.of(trade)).toList());
    }

    public boolean acceptsSplash(Guest guest, Pot pot) {
        return splashes.contains(new SplashChoice(guest.id(), pot.id()));
    }

    /** So many grams of a cut for a guest [g, as planned]. */
    public record PortionPin(
            String guest,
            String cut,
            @Within(min = 0, max = 2000) double grams) {
        private static final Ranges RANGES = Ranges.of(PortionPin.class);

        public PortionPin {
            Check.id(guest, "guest");
            Check.id(cut, "cut");
            RANGES.check("grams", grams);
        }
    }

    /** Buy this ingredient as this offer only. */
    public record OfferPin(String ingredient, String offer) {
        public OfferPin {
            Check.id(ingredient, "ingredient");
            Check.id(offer, "offer");
        }
    }

    /**
     * What the host decided of a prep task; one of the three at least.
     *
     * @param minutesBefore start it so many minutes before sitting down [min]
     * @param cook who does it
     * @param minutes how long it takes here [min]
     */
    public record TaskPin(
            String task,
            @Within(min = 0, max = 10080) @Nullable Integer minutesBefore,
            @Nullable String cook,
            @Within(min = 1, max = 2880) @Nullable Integer minutes) {
        private static final Ranges RANGES = Ranges.of(TaskPin.class);
        public static final int LONGEST_MINUTES = 48 * 60;

        public TaskPin {
            Check.id(task, "task");
            RANGES.check("minutesBefore", minutesBefore);
            if (cook != null) {
                Check.id(cook, "cook");
            }
            RANGES.check("minutes", minutes);
            if (minutesBefore == null && cook == null && minutes == null) {
                throw new InvalidInputException("minutesBefore", "missing", "minutesBefore, cook or minutes");
            }
        }
    }

    /** The n-th batch of a cut planned for a side goes in there, or into another side, at a minute after sitting down. */
    public record DropPin(
            String cut,
            String side,
            @Within(min = 1, max = 1000) int batch,
            String toSide,
            @Within(min = -30, max = 300) double minute) {
        private static final Ranges RANGES = Ranges.of(DropPin.class);

        public DropPin {
            Check.id(cut, "cut");
            Check.id(side, "side");
            RANGES.check("batch", batch);
            Check.id(toSide, "toSide");
            RANGES.check("minute", minute);
        }
    }

    /**
     * So many grams of a cut are served as another one to guests who eat both [g, as planned], so that a pack less is
     * bought.
     */
    public record Trade(
            String shortOf,
            String by,
            @Within(min = 1, max = 5000) double grams) {
        private static final Ranges RANGES = Ranges.of(Trade.class);

        public Trade {
            Check.id(shortOf, "shortOf");
            Check.id(by, "by");
            RANGES.check("grams", grams);
            if (shortOf.equals(by)) {
                throw new InvalidInputException("by", by, "another cut than the one it stands in for");
            }
        }
    }

    /** The host lets this guest with an allergy eat from a side of a shared pot in spite of splashes. */
    public record SplashChoice(String guest, String pot) {
        public SplashChoice {
            Check.id(guest, "guest");
            Check.id(pot, "pot");
        }
    }
}
