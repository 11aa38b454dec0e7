package org.livelyladle.core.brief;

/** One compartment of a pot with its broth. */
public record Side(String id, String broth) {
    public Side {
        Check.id(id, "id");
        Check.id(broth, "broth");
    }
}
