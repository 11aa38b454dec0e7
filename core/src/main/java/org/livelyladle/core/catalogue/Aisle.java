package org.livelyladle.core.catalogue;

/** Parts of a shop, in the order of an ordinary walk through it: fresh and cold things last. */
public enum Aisle {
    DRY("Dry goods"),
    SAUCES("Sauces and spices"),
    DRINKS("Drinks"),
    PRODUCE("Fruit and vegetables"),
    CHILLED("Chilled"),
    MEAT("Meat counter"),
    FISH("Fish counter"),
    FROZEN("Frozen");

    private final String label;

    Aisle(String label) {
        this.label = label;
    }

    public String label() {
        return label;
    }
}
