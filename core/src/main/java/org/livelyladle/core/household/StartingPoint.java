package org.livelyladle.core.household;

import java.util.List;
import org.livelyladle.core.brief.MenuItem;
import org.livelyladle.core.brief.SauceChoice;
import org.livelyladle.core.catalogue.Bought;

/** What a new party begins as; everything of it can be changed. */
public enum StartingPoint {
    USUAL(
            "The usual",
            "Two broths from scratch, a bit of everything",
            List.of("ginger-chicken", "kelp-shiitake"),
            false,
            List.of(
                    MenuItem.of("beef-ribeye.sliced"),
                    MenuItem.of("chicken-thigh.sliced"),
                    MenuItem.of("prawn.peeled"),
                    MenuItem.of("white-fish.sliced"),
                    MenuItem.of("fish-ball.frozen"),
                    MenuItem.of("vegetable-dumpling.frozen"),
                    MenuItem.of("tofu-firm.cubes"),
                    MenuItem.of("enoki.bundles"),
                    MenuItem.of("shiitake.halved"),
                    MenuItem.of("napa-cabbage.leaves"),
                    MenuItem.of("spinach.leaves"),
                    MenuItem.of("daikon.sliced"),
                    MenuItem.of("sweetcorn.pieces"),
                    MenuItem.of("udon.fresh"),
                    MenuItem.of("glass-noodle.soaked"))),
    PACKETS(
            "Quick, with packets",
            "Packet and carton broth, meat bought cut, vegetables washed",
            List.of("packet-mushroom", "carton-chicken"),
            false,
            List.of(
                    bought("beef-ribeye.sliced", Bought.CUT),
                    bought("pork-loin.sliced", Bought.CUT),
                    bought("prawn.peeled", Bought.READY),
                    cooked("fish-ball.frozen"),
                    MenuItem.of("tofu-firm.cubes"),
                    MenuItem.of("enoki.bundles"),
                    bought("napa-cabbage.leaves", Bought.READY),
                    bought("spinach.leaves", Bought.READY),
                    bought("sweetcorn.pieces", Bought.CUT),
                    MenuItem.of("udon.fresh"))),
    WATER(
            "Plain water",
            "Kelp in unsalted water; the dip carries the salt",
            List.of("kelp-water"),
            true,
            List.of(
                    bought("beef-ribeye.sliced", Bought.CUT),
                    MenuItem.of("tofu-firm.cubes"),
                    MenuItem.of("enoki.bundles"),
                    MenuItem.of("shiitake.halved"),
                    bought("napa-cabbage.leaves", Bought.READY),
                    bought("spinach.leaves", Bought.READY),
                    MenuItem.of("udon.fresh"))),
    SCRATCH(
            "All from scratch",
            "Two broths over hours, meat in the piece, much cutting",
            List.of("white-chicken", "forest-mushroom"),
            false,
            List.of(
                    bought("beef-ribeye.sliced", Bought.WHOLE),
                    bought("lamb-leg.sliced", Bought.WHOLE),
                    bought("chicken-thigh.sliced", Bought.WHOLE),
                    bought("prawn.peeled", Bought.WHOLE),
                    MenuItem.of("white-fish.sliced"),
                    MenuItem.of("squid.rings"),
                    MenuItem.of("tofu-firm.cubes"),
                    MenuItem.of("oyster-mushroom.torn"),
                    MenuItem.of("shiitake.halved"),
                    MenuItem.of("napa-cabbage.leaves"),
                    MenuItem.of("pak-choi.leaves"),
                    MenuItem.of("daikon.sliced"),
                    MenuItem.of("carrot.sliced"),
                    MenuItem.of("sweetcorn.pieces"),
                    MenuItem.of("udon.fresh"))),
    EMPTY("Empty", "Your guests and your kitchen, nothing on the menu", List.of("kelp-water"), false, List.of());

    private final String label;
    private final String remark;
    private final List<String> broths;
    private final boolean unsalted;
    private final List<MenuItem> menu;

    StartingPoint(String label, String remark, List<String> broths, boolean unsalted, List<MenuItem> menu) {
        this.label = label;
        this.remark = remark;
        this.broths = broths;
        this.unsalted = unsalted;
        this.menu = menu;
    }

    public String label() {
        return label;
    }

    public String remark() {
        return remark;
    }

    /** One for each side of a pot nobody has described. */
    List<String> broths() {
        return broths;
    }

    /** House sauces where the household has none of its own. */
    List<SauceChoice> sauces() {
        List<String> sauces = switch (this) {
            case USUAL, PACKETS, SCRATCH -> List.of("soy-spring-onion", "lime-tamari");
            case WATER -> List.of("soy-spring-onion");
            case EMPTY -> List.of();
        };
        return sauces.stream().map(SauceChoice::of).toList();
    }

    /** Its broths stay unsalted. */
    boolean isUnsalted() {
        return unsalted;
    }

    List<MenuItem> menu() {
        return menu;
    }

    private static MenuItem bought(String cut, Bought bought) {
        return MenuItem.of(cut).bought(bought);
    }

    private static MenuItem cooked(String cut) {
        return MenuItem.of(cut).cooked(true);
    }
}
