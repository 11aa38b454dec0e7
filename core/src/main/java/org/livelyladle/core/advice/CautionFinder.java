package org.livelyladle.core.advice;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import org.livelyladle.core.brief.Brief;
import org.livelyladle.core.brief.Decisions.SplashChoice;
import org.livelyladle.core.brief.Doneness;
import org.livelyladle.core.brief.Guest;
import org.livelyladle.core.brief.HeatSource;
import org.livelyladle.core.brief.NeedKind;
import org.livelyladle.core.brief.Pot;
import org.livelyladle.core.brief.Side;
import org.livelyladle.core.catalogue.Catalogue;
import org.livelyladle.core.catalogue.Choking;
import org.livelyladle.core.catalogue.Cut;
import org.livelyladle.core.catalogue.RawRisk;
import org.livelyladle.core.catalogue.Sauce;
import org.livelyladle.core.catalogue.Trait;
import org.livelyladle.core.measure.KitchenText;
import org.livelyladle.core.portions.Portion;
import org.livelyladle.core.portions.Portions;
import org.livelyladle.core.safety.Content;
import org.livelyladle.core.table.TablePlan;

/** The usual cautions that this very party calls for. */
public final class CautionFinder {
    private static final int OLD_PRICES_DAYS = 30;
    private static final String DEFER = " Local rules and makers' instructions come first.";

    private final Brief brief;
    private final Catalogue catalogue;
    private final Portions portions;
    private final TablePlan table;
    private final LocalDate asOf;
    private final KitchenText text;
    private final List<Caution> cautions = new ArrayList<>();

    public CautionFinder(Brief brief, Catalogue catalogue, Portions portions, TablePlan table, LocalDate asOf) {
        this.brief = brief;
        this.catalogue = catalogue;
        this.portions = portions;
        this.table = table;
        this.asOf = asOf;
        this.text = new KitchenText(brief.units(), brief.currency());
    }

    public List<Caution> find() {
        brief.guests().forEach(this::guest);
        brief.sides().forEach(this::side);
        brief.decisions().splashes().forEach(this::splash);
        brief.menu().forEach(item -> cut(catalogue.cut(item.cut())));
        brief.sauces().forEach(choice -> sauce(catalogue.sauce(choice.sauce())));
        table.doneness().forEach(this::doneness);
        prices();
        if (!brief.pots().isEmpty()) {
            add(
                    Step.PREP,
                    "",
                    "carry",
                    "Boiling broth is heavy and scalds: clear the way, lid on, children and cables out of it." + DEFER);
        }
        stoves();
        if (brief.menu().stream().anyMatch(item -> catalogue.cut(item.cut()).rawRisk() != RawRisk.NONE)) {
            add(
                    Step.TABLE,
                    "",
                    "chopsticks",
                    "One pair of chopsticks for raw food, another to eat with; raw and cooked on plates of their own.");
        }
        return cautions;
    }

    private void stoves() {
        long butane = brief.pots().stream()
                .filter(pot -> pot.heat().kind() == HeatSource.Kind.BUTANE)
                .count();
        if (butane > 0) {
            add(
                    Step.POTS,
                    "",
                    "butane",
                    "Butane burns up air and gives off carbon monoxide: keep a window open. Seat and lock the cartridge,"
                            + " never warm one, change it with the flame out and cool." + DEFER);
        }
        if (butane > 1) {
            add(Step.POTS, "", "apart", "Never let two stoves touch, nor one pot cover two." + DEFER);
        }
        if (butane < brief.pots().size()) {
            add(
                    Step.POTS,
                    "",
                    "cable",
                    "Electric heat: no coiled extension reel, cables where nobody trips and no child pulls." + DEFER);
        }
        brief.pots().forEach(this::width);
    }

    private void width(Pot pot) {
        Integer plate = pot.heat().plateMm();
        double across = pot.acrossMm();
        if (plate != null && across > plate) {
            add(
                    Step.POTS,
                    pot.id(),
                    "wide",
                    pot.name() + " is about " + Math.round(across) + " mm wide on a stove for " + plate
                            + " mm: heat gathers under it. Take a smaller pot." + DEFER);
        }
    }

    private void guest(Guest guest) {
        if (guest.isSmallChild()) {
            add(
                    Step.GUESTS,
                    guest.id(),
                    "reach",
                    "Hot broth: keep pots, ladles and cables out of " + guest.name() + "'s reach.");
        }
        if (guest.has(NeedKind.PREGNANT) || guest.has(NeedKind.IMMUNE_WEAK)) {
            add(
                    Step.GUESTS,
                    guest.id(),
                    "through",
                    "For " + guest.name()
                            + " everything is cooked right through and eaten hot; in doubt ask a doctor or midwife.");
        }
    }

    private void side(Side side) {
        Content content = Content.of(catalogue.broth(side.broth()), catalogue);
        String name = catalogue.broth(side.broth()).name();
        if (content.traits().contains(Trait.MEDICINAL_HERB)) {
            add(
                    Step.POTS,
                    side.id(),
                    "herbs",
                    name + " holds medicinal herbs: ask a doctor or pharmacist who may have them.");
        }
        if (content.traits().contains(Trait.ALCOHOL)) {
            add(Step.POTS, side.id(), "alcohol", name + " holds alcohol; some of it stays however long it boils.");
        }
    }

    private void splash(SplashChoice choice) {
        String name = brief.guest(choice.guest()).orElseThrow().name();
        add(
                Step.POTS,
                choice.pot(),
                "splash." + choice.guest(),
                name
                        + " eats from a shared pot by your choice: a splash over the wall can be enough for an allergy. Ask "
                        + name + " first.");
    }

    private void cut(Cut cut) {
        if (cut.choking() != Choking.NONE) {
            Set<String> eaters = portions.lines().stream()
                    .filter(line -> line.cut().equals(cut.id()) && line.served().value() > 0)
                    .map(Portion::guest)
                    .collect(Collectors.toSet());
            brief.guests().stream()
                    .filter(guest -> guest.isSmallChild() && eaters.contains(guest.id()))
                    .forEach(guest -> add(
                            Step.INGREDIENTS,
                            cut.id(),
                            "choking." + guest.id(),
                            catalogue.fullName(cut) + " for " + guest.name() + ": "
                                    + cut.choking().advice() + "."));
        }
        if (cut.rawRisk() == RawRisk.FILLED || cut.rawRisk() == RawRisk.MINCED || cut.rawRisk() == RawRisk.POULTRY) {
            add(
                    Step.INGREDIENTS,
                    cut.id(),
                    "through",
                    catalogue.fullName(cut) + ": cook right through, " + text.celsius(cut.safeCoreC())
                            + " at the core.");
        }
    }

    /** A wish below the safe mark, or one that safety beats. */
    private void doneness(TablePlan.Done done) {
        String name = brief.guest(done.guest()).orElseThrow().name();
        String cut = catalogue.fullName(catalogue.cut(done.cut()));
        if (!done.against().isEmpty()) {
            add(
                    Step.INGREDIENTS,
                    done.cut(),
                    "doneness." + done.guest(),
                    cut + " for " + name + ": wanted " + done.wanted().label() + ", served "
                            + done.served().label() + ", " + done.against() + ".");
        } else if (done.served() == Doneness.PINK) {
            add(
                    Step.INGREDIENTS,
                    done.cut(),
                    "doneness." + done.guest(),
                    cut + " for " + name + " is taken out pink, after " + done.time()
                            + ": below the safe temperature, by " + name + "'s own choice." + parasites(done) + DEFER);
        }
    }

    private String parasites(TablePlan.Done done) {
        return catalogue.cut(done.cut()).rawRisk() == RawRisk.FISH
                ? " Fish that is not cooked through can carry live parasites unless it was frozen against them: 7 days at "
                        + text.celsius(-20) + ", or 15 h at " + text.celsius(-35)
                        + " once solid (FDA Food Code 2022, 3-402.11). Ask the fishmonger."
                : "";
    }

    private void sauce(Sauce sauce) {
        if (sauce.rawEgg()) {
            add(
                    Step.SAUCES,
                    sauce.id(),
                    "egg",
                    sauce.name() + " holds raw egg: not for children, pregnant or immune-weak guests.");
        }
    }

    private void prices() {
        long days = ChronoUnit.DAYS.between(brief.prices().asOf(), asOf);
        if (days > OLD_PRICES_DAYS && !brief.prices().offers().isEmpty()) {
            add(Step.SHOPPING, "", "prices", "Prices are " + days + " days old: the bill may differ.");
        }
    }

    private void add(Step step, String subject, String kind, String text) {
        cautions.add(new Caution("caution." + step + "." + subject + "." + kind, step, subject, text));
    }
}
