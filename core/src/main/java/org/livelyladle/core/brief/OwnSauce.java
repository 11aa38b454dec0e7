package org.livelyladle.core.brief;

import java.util.List;
import java.util.Objects;
import org.jspecify.annotations.Nullable;
import org.livelyladle.core.catalogue.Allergen;
import org.livelyladle.core.catalogue.Catalogue;
import org.livelyladle.core.catalogue.Sauce;
import org.livelyladle.core.check.Check;
import org.livelyladle.core.check.InvalidInputException;
import org.livelyladle.core.check.Key;
import org.livelyladle.core.check.Ranges;
import org.livelyladle.core.check.Usual;
import org.livelyladle.core.check.Within;
import org.livelyladle.core.measure.Mark;

/**
 * A sauce by the household's own recipe; what it makes is what its parts and its broth come to.
 *
 * @param brothMl broth in it, ladled from the pot before any food goes in [ml]; none when left out
 * @param use how a guest takes it; a bowl each when left out
 * @param minutes to stir it, any amount [min]; 5 when left out, from memory
 * @param rawEgg whether it holds egg that is not cooked through; when nobody has said, as soon as there is egg in it
 */
public record OwnSauce(
        String id,
        String name,
        @Key("ingredient") List<SaucePart> parts,
        @Within(min = 0, max = 5000) @Usual("0") double brothMl,
        @Usual("DIP") Sauce.Use use,
        @Within(min = 0, max = 240) @Usual("5") double minutes,
        @Nullable Boolean rawEgg) {
    private static final Ranges RANGES = Ranges.of(OwnSauce.class);

    public OwnSauce {
        Check.ownId(id, "id");
        name = Check.text(name, "name", 60);
        parts = Check.distinct(parts, "parts", 30, SaucePart::ingredient);
        if (parts.isEmpty()) {
            throw new InvalidInputException("parts", "none", "one ingredient at least");
        }
        RANGES.check("brothMl", brothMl);
        RANGES.check("minutes", minutes);
    }

    /** An ingredient and how much of it goes in [ml]. */
    public record SaucePart(
            String ingredient,
            @Within(min = 0.05, max = 5000) double ml) {
        private static final Ranges RANGES = Ranges.of(SaucePart.class);

        public SaucePart {
            Check.id(ingredient, "ingredient");
            RANGES.check("ml", ml);
        }
    }

    /** The same sauce of other parts. */
    public OwnSauce of(List<SaucePart> parts) {
        return new OwnSauce(id, name, parts, brothMl, use, minutes, rawEgg);
    }

    /** The catalogue with these sauces in it. */
    public static Catalogue putInto(Catalogue catalogue, List<OwnSauce> own) {
        return catalogue.withSauces(
                own.stream().map(sauce -> sauce.asSauce(catalogue)).toList());
    }

    private Sauce asSauce(Catalogue catalogue) {
        double per100 =
                100 / (brothMl + parts.stream().mapToDouble(SaucePart::ml).sum());
        return new Sauce(
                id,
                name,
                "your own recipe",
                Objects.requireNonNullElseGet(rawEgg, () -> holdsEgg(catalogue)),
                use,
                brothMl * per100,
                parts.stream()
                        .map(part -> new Sauce.Part(part.ingredient, part.ml * per100))
                        .toList(),
                minutes,
                Mark.HOST);
    }

    private boolean holdsEgg(Catalogue catalogue) {
        return parts.stream()
                .flatMap(part -> catalogue.findIngredient(part.ingredient).stream())
                .anyMatch(ingredient -> ingredient.allergens().contains(Allergen.EGGS));
    }
}
