package org.livelyladle.server.plan;

import java.time.LocalDateTime;
import java.util.Comparator;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.livelyladle.core.brief.Brief;
import org.livelyladle.core.catalogue.Catalogue;
import org.livelyladle.core.check.UnsolvableException;
import org.livelyladle.core.household.NewParty;
import org.livelyladle.core.plan.Plan;
import org.livelyladle.core.prep.PrepTask;
import org.livelyladle.core.table.Drop;
import org.livelyladle.server.access.SignedIn;
import org.livelyladle.server.party.HouseholdNews;
import org.livelyladle.server.party.PartyService;
import org.livelyladle.server.party.Start;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** What a party can begin with or take over from its household, each with what it comes to. */
@RestController
@RequestMapping("/api")
class BeginningController {
    private final PartyService parties;
    private final PlanService plans;
    private final Effects effects;
    private final Catalogue catalogue;

    BeginningController(PartyService parties, PlanService plans, Effects effects, Catalogue catalogue) {
        this.effects = effects;
        this.catalogue = catalogue;
        this.parties = parties;
        this.plans = plans;
    }

    /**
     * What a new party may begin as; nothing is stored.
     *
     * @param from a past party that is meant, in place of the last ones
     */
    @PostMapping("/starting-points")
    List<StartOffer> startingPoints(
            @AuthenticationPrincipal SignedIn host,
            @RequestParam(name = "from", required = false) @Nullable UUID from,
            @RequestBody NewParty wish) {
        return parties.starts(host, wish, from).stream().map(this::offer).toList();
    }

    private StartOffer offer(Start start) {
        return new StartOffer(
                start.start(),
                start.from(),
                start.label(),
                start.remark(),
                start.brief().guests().size(),
                start.brief().menu().size(),
                comesTo(start.brief()));
    }

    private StartOffer.@Nullable ComesTo comesTo(Brief brief) {
        Plan plan;
        try {
            plan = plans.plan(brief);
        } catch (UnsolvableException e) {
            return null;
        }
        LocalDateTime begins = plan.prep().tasks().stream()
                .map(PrepTask::startsAt)
                .min(Comparator.naturalOrder())
                .orElse(null);
        String first = plan.table().drops().stream()
                .filter(drop -> drop.putIn() >= 0)
                .min(Comparator.comparingInt(Drop::putIn))
                .map(drop -> nameOf(drop, brief))
                .orElse(null);
        return new StartOffer.ComesTo(
                plan.prep().handsOn().value(),
                plan.prep().handsOn().text(),
                plan.purchases().bill().text(),
                begins,
                first);
    }

    private String nameOf(Drop drop, Brief brief) {
        Catalogue known = brief.extend(catalogue);
        return known.ingredientOf(known.cut(drop.cut())).name();
    }

    /** What the household has otherwise now than when the party last took something over. */
    @GetMapping("/parties/{id}/household-news")
    List<HouseholdOffer> news(@AuthenticationPrincipal SignedIn host, @PathVariable UUID id) {
        return parties.news(host, id).stream().map(this::offer).toList();
    }

    private HouseholdOffer offer(HouseholdNews news) {
        return new HouseholdOffer(
                news.news().part(),
                news.news().id(),
                news.news().label(),
                effects.of(news.before(), news.after()),
                news.after());
    }

    /** The party stays as it is: what the household has now is not offered again. */
    @DeleteMapping("/parties/{id}/household-news")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void leave(@AuthenticationPrincipal SignedIn host, @PathVariable UUID id) {
        parties.seen(host, id);
    }
}
