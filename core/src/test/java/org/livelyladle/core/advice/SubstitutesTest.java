package org.livelyladle.core.advice;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.livelyladle.core.Briefs;
import org.livelyladle.core.brief.NeedKind;
import org.livelyladle.core.brief.Offer;
import org.livelyladle.core.edit.BriefEdit;
import org.livelyladle.core.facts.EventType;
import org.livelyladle.core.facts.Facts;
import org.livelyladle.core.facts.PartyEvent;

class SubstitutesTest {
    private final Briefs briefs = Briefs.plain();

    private static Offer offer(String ingredient) {
        return new Offer("o-" + ingredient, "shop", ingredient, ingredient, 1000, 900, null, null);
    }

    @BeforeEach
    void shelf() {
        List.of("prawn", "squid", "scallop", "white-fish").forEach(ingredient -> briefs.offers.add(offer(ingredient)));
    }

    private Unmet prawnsSoldOut() {
        Facts facts =
                Facts.fold(List.of(PartyEvent.of(UUID.randomUUID(), Instant.EPOCH, EventType.SOLD_OUT, "o-prawn")));
        return Briefs.PLANNER.plan(briefs.build(), facts, Briefs.NOW).plan().unmet().stream()
                .filter(unmet -> unmet.id().equals("unoffered.prawn"))
                .findFirst()
                .orElseThrow();
    }

    /** Prawns are springy and ready in 80 s: of squid rings (60 s), tentacles (60 s) and scallops (230 s) the rings. */
    @Test
    void theMostAlikeThingOnTheShelfIsProposed() {
        Unmet unmet = prawnsSoldOut();

        assertThat(unmet.severity()).isEqualTo(Unmet.Severity.SHORT);
        assertThat(unmet.text())
                .startsWith("Prawns: sold out, ")
                .endsWith("Squid, rings instead: cooks 60 s instead of 80 s; holds molluscs.");
        assertThat(unmet.remedy())
                .isEqualTo(Remedy.of("Take squid, rings", new BriefEdit.SwapCut("prawn.peeled", "squid.rings")));
    }

    @Test
    void whatMoreOfTheEatersMayEatGoesBeforeLikeness() {
        briefs.guests.set(0, Briefs.guest("ann", Briefs.medical(NeedKind.MOLLUSCS)));

        assertThat(prawnsSoldOut().remedy().edit())
                .isEqualTo(new BriefEdit.SwapCut("prawn.peeled", "white-fish.sliced"));
    }

    @Test
    void whoGoesWithoutIsNamed() {
        briefs.offers.removeIf(offer -> offer.ingredient().equals("white-fish"));
        briefs.guests.set(0, Briefs.guest("ann", Briefs.medical(NeedKind.MOLLUSCS)));

        assertThat(prawnsSoldOut().text()).endsWith("not for ann.");
    }

    @Test
    void withNothingLikeItOnTheShelfThereIsNoRemedyByOneTap() {
        briefs.offers.removeIf(offer -> !offer.ingredient().equals("prawn"));

        assertThat(prawnsSoldOut().remedy().edit()).isNull();
    }

    /** Whoever keeps no prices at all misses no offer. */
    @Test
    void withoutAnyPriceNothingIsSaidOfOffers() {
        briefs.offers.clear();
        briefs.shops.clear();

        assertThat(Briefs.PLANNER
                        .plan(briefs.build(), Facts.none(), Briefs.NOW)
                        .plan()
                        .unmet())
                .noneMatch(unmet -> unmet.id().startsWith("unoffered."));
    }
}
