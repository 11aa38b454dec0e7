package org.livelyladle.core.catalogue;

import java.util.List;
import org.jspecify.annotations.Nullable;
import org.livelyladle.core.measure.Mark;

/**
 * A broth by its parts per litre.
 *
 * @param tint name of its colour and pattern on the screens
 * @param saltPercent salt as made, before anything is seasoned later [g per 100 g]
 * @param source how one comes by it
 * @param waterMlPerLitre water to start with for each litre of finished broth [ml]
 * @param base another broth it is made from; null when it stands by itself
 */
public record Broth(
        String id,
        String name,
        String remark,
        String tint,
        Heat heat,
        double saltPercent,
        Source source,
        double waterMlPerLitre,
        @Nullable Base base,
        List<Part> parts,
        List<BrothStep> steps,
        Mark mark) {

    public Broth {
        parts = List.copyOf(parts);
        steps = List.copyOf(steps);
    }

    /** The four ways to get a broth. */
    public enum Source {
        SCRATCH("from scratch"),
        PACKET("packet or paste and water"),
        STOCK("ready-made stock and aromatics"),
        WATER("water that becomes broth");

        private final String label;

        Source(String label) {
            this.label = label;
        }

        public String label() {
            return label;
        }
    }

    private static final String SALT = "salt";
    private static final double GRAMS_PER_PERCENT = 10;

    /** The same broth without the salt of its recipe; what is salty in it by itself stays. */
    public Broth unsalted() {
        double salt = parts.stream()
                .filter(part -> part.ingredient().equals(SALT))
                .mapToDouble(Part::gramsPerLitre)
                .sum();
        return new Broth(
                id,
                name,
                remark,
                tint,
                heat,
                Math.max(0, saltPercent - salt / GRAMS_PER_PERCENT),
                source,
                waterMlPerLitre,
                base,
                parts.stream().filter(part -> !part.ingredient().equals(SALT)).toList(),
                steps,
                mark);
    }

    /** So much of another broth in each litre [ml]. */
    public record Base(String broth, double mlPerLitre) {}

    /** How an amount grows with the volume. */
    public enum Scaling {
        LINEAR,
        /** Whole spices and chilli grow slower than the pot; exponent from memory. */
        SPICE,
        /** The maker's dose; the host starts with half and keeps half, for most are too salty. */
        PACKET
    }

    /**
     * An ingredient of the broth.
     *
     * @param gramsPerLitre for each litre of a {@value #REFERENCE_LITRES} litre batch [g/l]
     * @param pieceGrams weight of one whole piece, where it is counted [g]
     */
    public record Part(
            String ingredient,
            double gramsPerLitre,
            Scaling scaling,
            @Nullable Double pieceGrams) {
        public static final double REFERENCE_LITRES = 2;
        /** A drop of 0.05 ml, twenty to the millilitre; common practice [g]. */
        public static final double DROP_GRAMS = 0.05;

        private static final double SPICE_EXPONENT = 0.8;

        /** Counted in drops. */
        public boolean isByDrop() {
            return pieceGrams != null && pieceGrams <= DROP_GRAMS;
        }

        /** What scales otherwise than the volume, on top of it [1]. */
        public double factor(double litres) {
            return scaling == Scaling.SPICE ? StrictMath.pow(litres / REFERENCE_LITRES, SPICE_EXPONENT - 1) : 1;
        }
    }

    /**
     * One step of making it.
     *
     * @param minutes time for any amount [min]
     * @param minutesPerLitre time added by each litre [min/l]
     * @param passive true when nobody has to stand by
     * @param at what it takes up
     */
    public record BrothStep(
            String id,
            String text,
            double minutes,
            double minutesPerLitre,
            boolean passive,
            Station at,
            String caution) {}
}
