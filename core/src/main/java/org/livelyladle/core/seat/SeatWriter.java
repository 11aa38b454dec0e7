package org.livelyladle.core.seat;

import static java.util.stream.Collectors.toMap;
import static java.util.stream.Collectors.toSet;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Stream;
import org.livelyladle.core.advice.Caution;
import org.livelyladle.core.advice.Step;
import org.livelyladle.core.brief.Brief;
import org.livelyladle.core.brief.Guest;
import org.livelyladle.core.brief.Need;
import org.livelyladle.core.brief.NeedKind;
import org.livelyladle.core.catalogue.Catalogue;
import org.livelyladle.core.cooking.WindowModel;
import org.livelyladle.core.facts.Facts;
import org.livelyladle.core.measure.KitchenText;
import org.livelyladle.core.plan.Plan;
import org.livelyladle.core.portions.CutTotal;
import org.livelyladle.core.safety.SideAccess;
import org.livelyladle.core.sauces.Sauces;
import org.livelyladle.core.sides.SideNames;
import org.livelyladle.core.sides.SidePlan;
import org.livelyladle.core.table.Now;
import org.livelyladle.core.table.TablePlan;

/** Reads the evening of one guest off the plan of a moment. */
public final class SeatWriter {
    private final Brief brief;
    private final Plan plan;
    private final TablePlan table;
    private final KitchenText text;
    private final Turns turns;
    private final Map<String, SidePlan> sides;
    private final Map<String, String> names;
    private final Map<String, String> sideNames;

    /**
     * @param model remembers windows from one moment to the next
     * @param facts the plan was made with
     */
    public SeatWriter(Brief brief, Catalogue builtIn, WindowModel model, Plan plan, Facts facts) {
        Catalogue catalogue = brief.extend(builtIn);
        this.brief = brief;
        this.plan = plan;
        this.table = plan.table();
        this.text = new KitchenText(brief.units(), brief.currency());
        this.turns = new Turns(brief, catalogue, model, plan, facts, text);
        this.sides = plan.broths().sides().stream().collect(toMap(SidePlan::side, Function.identity()));
        this.sideNames = SideNames.of(brief, plan.broths().sides());
        this.names = plan.portions().cuts().stream().collect(toMap(CutTotal::cut, CutTotal::name));
    }

    public Seat write(Guest guest) {
        Now now = table.now();
        Optional<Now.GuestNow> state = now.guests().stream()
                .filter(one -> one.guest().equals(guest.id()))
                .findFirst();
        return new Seat(
                guest.id(),
                guest.name(),
                needs(guest),
                state.map(Now.GuestNow::there).orElse(!now.finished()),
                state.map(Now.GuestNow::grams).orElse(0.0),
                state.map(Now.GuestNow::nextBite).orElse(null),
                turns.of(guest),
                now.cues().stream()
                        .filter(cue -> guest.id().equals(cue.minder()))
                        .toList(),
                brief.sides().stream().map(side -> side(side.id(), guest)).toList(),
                sauces(guest),
                table.beside().stream()
                        .filter(beside -> beside.guest().equals(guest.id()))
                        .map(beside -> food(beside.cut(), beside.amount(), false))
                        .toList(),
                foods(guest),
                now.spare().stream()
                        .filter(spare -> spare.mayEat().contains(guest.id()))
                        .map(spare -> food(spare.cut(), spare.amount(), false))
                        .toList(),
                cautions(guest));
    }

    private List<Seat.OwnNeed> needs(Guest guest) {
        List<Now.SaidNeed> said = table.now().needs().stream()
                .filter(need -> need.guest().equals(guest.id()))
                .toList();
        Set<NeedKind> own = said.stream().map(Now.SaidNeed::need).collect(toSet());
        return Stream.concat(
                        guest.needs().stream()
                                .map(Need::kind)
                                .filter(kind -> !own.contains(kind))
                                .map(kind -> new Seat.OwnNeed(kind, kind.label(), null, true)),
                        said.stream()
                                .map(need -> new Seat.OwnNeed(need.need(), need.label(), need.event(), need.heard())))
                .toList();
    }

    private Seat.SideForYou side(String id, Guest guest) {
        SidePlan side = sides.get(id);
        Optional<TablePlan.SideUse> use =
                table.sides().stream().filter(one -> one.side().equals(id)).findFirst();
        Optional<Now.SideNow> now = table.now().sides().stream()
                .filter(one -> one.side().equals(id))
                .findFirst();
        List<SideAccess.Closed> closed = now.map(Now.SideNow::closedTo)
                .orElseGet(() -> use.map(TablePlan.SideUse::closedTo).orElse(List.of()));
        return new Seat.SideForYou(
                id,
                sideNames.get(id),
                side.tint(),
                use.map(one -> one.cleanFor().contains(guest.id())).orElse(false),
                closed.stream()
                        .filter(one -> one.guest().equals(guest.id()))
                        .map(SideAccess.Closed::reason)
                        .findFirst()
                        .orElse(""),
                now.map(Now.SideNow::celsius).orElse(null));
    }

    private List<Seat.SauceForYou> sauces(Guest guest) {
        List<Seat.SauceForYou> own = new ArrayList<>();
        Map<String, Sauces.SauceNeed> needs = new HashMap<>();
        plan.sauces().needs().forEach(need -> needs.put(need.sauce(), need));
        for (Sauces.Serving serving : plan.sauces().servings()) {
            if (serving.guest().equals(guest.id())) {
                Sauces.SauceNeed need = needs.get(serving.sauce());
                own.add(new Seat.SauceForYou(need.name(), serving.ml().text(), need.caution()));
            }
        }
        if (plan.sauces().bar().guests().contains(guest.id())) {
            String not = String.join(
                    ", ",
                    plan.sauces().bar().clashes().stream()
                            .filter(clash -> clash.guest().equals(guest.id()))
                            .map(clash -> barName(clash.ingredient()) + " (" + clash.reason() + ")")
                            .toList());
            own.add(new Seat.SauceForYou("Your own, from the sauce bar", "", not.isEmpty() ? "" : "Leave out: " + not));
        }
        return own;
    }

    private String barName(String ingredient) {
        return plan.sauces().bar().needs().stream()
                .filter(need -> need.ingredient().equals(ingredient))
                .map(Sauces.BarNeed::name)
                .findFirst()
                .orElse(ingredient);
    }

    private List<Seat.Food> foods(Guest guest) {
        Set<String> declined = table.remainders().stream()
                .filter(rest -> rest.guest().equals(guest.id()) && rest.cause() == TablePlan.Cause.DECLINED)
                .map(TablePlan.Remainder::cut)
                .collect(toSet());
        return plan.portions().lines().stream()
                .filter(line -> line.guest().equals(guest.id()) && line.served().value() > 0)
                .map(line -> food(
                        line.cut(),
                        line.pieces() == null
                                ? line.served().text()
                                : KitchenText.pieces(Math.round(line.pieces().value())),
                        declined.contains(line.cut())))
                .toList();
    }

    private Seat.Food food(String cut, String amount, boolean declined) {
        return new Seat.Food(cut, names.getOrDefault(cut, cut), amount, declined);
    }

    /** Their own, and those everybody at the table should know. */
    private List<String> cautions(Guest guest) {
        return plan.cautions().stream()
                .filter(caution -> caution.subject().equals(guest.id())
                        || caution.step() == Step.TABLE && caution.subject().isEmpty())
                .sorted(Comparator.comparing(
                        (Caution caution) -> !caution.subject().equals(guest.id())))
                .map(Caution::text)
                .distinct()
                .toList();
    }
}
