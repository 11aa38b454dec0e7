package org.livelyladle.core.brief;

/** How far somebody likes a slice of meat or fish cooked. Safe limits override it. */
public enum Doneness {
    /** Taken out before the safe mark: a choice of host and guest, for fish and whole cuts other than pork only, never for delicate guests. */
    PINK("pink inside"),
    JUST_DONE("just done"),
    WELL_DONE("well done");

    private final String label;

    Doneness(String label) {
        this.label = label;
    }

    public String label() {
        return label;
    }
}
