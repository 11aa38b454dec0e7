package org.livelyladle.core.catalogue;

/** The fourteen of Regulation (EU) No 1169/2011, annex II; crustaceans and molluscs apart. */
public enum Allergen {
    GLUTEN("gluten"),
    CRUSTACEANS("crustaceans"),
    EGGS("eggs"),
    FISH("fish"),
    PEANUTS("peanuts"),
    SOYBEANS("soy"),
    MILK("milk"),
    NUTS("tree nuts"),
    CELERY("celery"),
    MUSTARD("mustard"),
    SESAME("sesame"),
    SULPHITES("sulphites"),
    LUPIN("lupin"),
    MOLLUSCS("molluscs");

    private final String label;

    Allergen(String label) {
        this.label = label;
    }

    public String label() {
        return label;
    }
}
