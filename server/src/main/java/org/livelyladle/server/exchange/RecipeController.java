package org.livelyladle.server.exchange;

import java.util.Map;
import java.util.UUID;
import org.livelyladle.core.catalogue.Catalogue;
import org.livelyladle.server.access.SignedIn;
import org.livelyladle.server.party.PartyService;
import org.livelyladle.server.plan.PlanService;
import org.livelyladle.server.web.RefusedException;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import tools.jackson.databind.JsonNode;

/** Broth recipes in and out as schema.org Recipe JSON-LD. */
@RestController
@RequestMapping("/api/parties/{id}")
class RecipeController {
    private static final String LD_JSON = "application/ld+json";

    private final PartyService parties;
    private final PlanService plans;
    private final Catalogue catalogue;

    RecipeController(PartyService parties, PlanService plans, Catalogue catalogue) {
        this.parties = parties;
        this.plans = plans;
        this.catalogue = catalogue;
    }

    /** A preview against the saved party. */
    @PostMapping(
            value = "/import-recipe",
            consumes = {LD_JSON, MediaType.APPLICATION_JSON_VALUE})
    RecipePreview preview(
            @AuthenticationPrincipal SignedIn host, @PathVariable UUID id, @RequestBody JsonNode document) {
        return new RecipeReader(parties.get(host, id).brief(), catalogue).read(document);
    }

    /** A broth of this party, in the amounts it is made in. */
    @GetMapping(value = "/broths/{broth}/recipe.jsonld", produces = LD_JSON)
    ResponseEntity<Map<String, Object>> recipe(
            @AuthenticationPrincipal SignedIn host, @PathVariable UUID id, @PathVariable String broth) {
        Map<String, Object> recipe = plans.plan(host, id).broths().needs().stream()
                .filter(need -> need.broth().equals(broth))
                .findFirst()
                .map(RecipeWriter::write)
                .orElseThrow(
                        () -> new RefusedException(HttpStatus.NOT_FOUND, "This party makes no broth '" + broth + "'."));
        return Attachment.of("recipe.jsonld", MediaType.parseMediaType(LD_JSON), recipe);
    }
}
