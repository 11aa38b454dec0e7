package org.livelyladle.core.plan;

/** One edit of the brief that would mend something. */
public record Remedy(String label, Kind kind, String subject, String value) {
    /** What the edit does; {@code subject} and {@code value} name what with. */
    public enum Kind {
        /** Put the cut {@code value} on the menu. */
        ADD_CUT,
        /** Have nothing of the categories {@code value}, joined by bars, on purpose. */
        DO_WITHOUT,
        /** Say that the cuts {@code value}, joined by bars, are cooked by their makers. */
        SAY_COOKED,
        /** Take the cut {@code value} off the menu. */
        REMOVE_CUT,
        /** Serve the cut {@code value} in place of the cut {@code subject}. */
        SWAP_CUT,
        /** Put a small pot with broth {@code value} on the table. */
        ADD_POT,
        /** Fill the pot {@code subject} to {@code value} percent. */
        FILL_POT,
        /** Serve up the packs that are bought of the cut {@code value}. */
        EAT_UP,
        /** Offer the sauce {@code value}. */
        ADD_SAUCE,
        /** Let the meal last {@code value} minutes. */
        LENGTHEN_MEAL,
        /** Go to the shop {@code subject} at the local time {@code value}. */
        MOVE_TRIP,
        /** Serve some of the cut {@code subject} as another: {@code value} is its id, a bar, and the grams as planned. */
        TRADE,
        /** Give the guest {@code subject} a set amount; {@code value} is the cut's id, a bar, and the grams. */
        PIN_PORTION,
        /** Free the pin {@code value} in the decisions' list {@code subject}. */
        FREE_PIN,
        /** Give the prep task {@code subject} to the cook {@code value}. */
        HAND_OVER,
        /** Let the helper {@code value} do whatever there is. */
        LET_HELP,
        /** Buy the cut {@code value} ready for the table. */
        BUY_READY,
        /** Make the broth {@code value} wherever {@code subject} was. */
        SWAP_BROTH,
        /** Sit down at the local time {@code value}. */
        SIT_LATER,
        /** Nothing to do by one tap: look at the step {@code value}. */
        SHOW_STEP
    }
}
