package org.livelyladle.core.brief;

/** How much one guest wants one cut. */
public record Wish(String cut, Liking liking) {
    public Wish {
        Check.id(cut, "cut");
        Check.present(liking, "liking");
    }
}
