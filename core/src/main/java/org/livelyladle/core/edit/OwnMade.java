package org.livelyladle.core.edit;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.livelyladle.core.brief.Course;
import org.livelyladle.core.brief.Deal;
import org.livelyladle.core.brief.Offer;
import org.livelyladle.core.brief.OwnBroth;
import org.livelyladle.core.brief.OwnSauce;
import org.livelyladle.core.brief.PriceSnapshot;
import org.livelyladle.core.brief.Side;
import org.livelyladle.core.catalogue.Catalogue;

/** What parties and households keep of their own, without what refers to something nobody knows. */
public final class OwnMade {
    /** What fills a side whose own broth is gone. */
    private static final String PLAIN_BROTH = "kelp-water";

    private OwnMade() {}

    /** A broth of which nothing is left, or the broth it stood on, is none. */
    public static List<OwnBroth> broths(List<OwnBroth> own, Catalogue food) {
        List<OwnBroth> left = new ArrayList<>();
        for (OwnBroth broth : own) {
            List<OwnBroth.OwnPart> parts = broth.parts().stream()
                    .filter(part -> food.findIngredient(part.ingredient()).isPresent())
                    .toList();
            if (!parts.isEmpty() || broth.base() != null) {
                left.add(broth.of(parts));
            }
        }
        Set<String> made = left.stream().map(OwnBroth::id).collect(Collectors.toSet());
        return left.stream()
                .filter(broth -> broth.base() == null
                        || made.contains(broth.base().broth())
                        || food.findBroth(broth.base().broth()).isPresent())
                .toList();
    }

    public static List<OwnSauce> sauces(List<OwnSauce> own, Catalogue food) {
        List<OwnSauce> left = new ArrayList<>();
        for (OwnSauce sauce : own) {
            List<OwnSauce.SaucePart> parts = sauce.parts().stream()
                    .filter(part -> food.findIngredient(part.ingredient()).isPresent())
                    .toList();
            if (!parts.isEmpty()) {
                left.add(sauce.of(parts));
            }
        }
        return left;
    }

    public static List<Side> filled(List<Side> sides, Catalogue known) {
        return sides.stream()
                .map(side -> known.findBroth(side.broth()).isPresent() ? side : side.holding(PLAIN_BROTH))
                .toList();
    }

    /** Empty where nothing is eaten in it any more. */
    public static Optional<Course> course(Course course, Catalogue known) {
        List<String> cuts = course.cuts().stream()
                .filter(cut -> known.findCut(cut).isPresent())
                .toList();
        return course.kinds().isEmpty() && cuts.isEmpty()
                ? Optional.empty()
                : Optional.of(new Course(course.kinds(), cuts, course.share()));
    }

    /** Of these shops, for what is known. */
    public static PriceSnapshot prices(PriceSnapshot prices, Set<String> shops, Catalogue known) {
        List<Offer> offers = prices.offers().stream()
                .filter(offer -> shops.contains(offer.shop())
                        && known.findIngredient(offer.ingredient()).isPresent())
                .toList();
        Set<String> ids = offers.stream().map(Offer::id).collect(Collectors.toSet());
        List<Deal> deals = prices.deals().stream()
                .filter(deal -> ids.contains(deal.offer()))
                .toList();
        return new PriceSnapshot(prices.asOf(), offers, deals);
    }
}
