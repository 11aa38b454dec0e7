package org.livelyladle.server.exchange;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.springframework.http.MediaType.APPLICATION_JSON;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;

import java.time.LocalDate;
import java.util.List;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.livelyladle.server.ServerTest;
import org.livelyladle.server.demo.DemoBriefs;
import org.livelyladle.server.household.PriceList;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** The table on paper says what the plan says. */
class TableCardTest extends ServerTest {
    private ObjectNode brief;
    private String party;

    @BeforeEach
    void takeInTheDemo() throws Exception {
        brief = json.valueToTree(new DemoBriefs(json, new PriceList())
                .load(LocalDate.of(2026, 11, 24))
                .get(0));
        brief.putObject("ending").put("kind", "SOUP");
        take();
    }

    private void take() throws Exception {
        party = body(send(post("/api/parties/import")
                        .contentType(APPLICATION_JSON)
                        .content(json.writeValueAsBytes(brief))))
                .get("id")
                .asString();
    }

    private byte[] pdf(String name) throws Exception {
        return send(get("/api/parties/" + party + "/" + name)).getResponse().getContentAsByteArray();
    }

    private JsonNode table() throws Exception {
        return body(send(get("/api/parties/" + party + "/plan"))).get("table");
    }

    @Test
    void everyCueStandsOnItsMindersCard() throws Exception {
        byte[] pdf = pdf("table-card.pdf");
        String text = String.join(" ", PdfPages.of(pdf));

        assertThat(PdfPages.widthMm(pdf)).isCloseTo(210, within(1.0));
        assertThat(text).contains("Table: Bo", "Table: Ada");
        JsonNode cues = table().get("cues");
        assertThat(cues.size()).isGreaterThan(50);
        cues.forEach(cue -> assertThat(text).contains(cue.get("text").asString()));
        assertThat(text).contains("Ladle the soup");
    }

    @Test
    void eachGuestHasASmallCardWithWhatTheyEatAndNothingElse() throws Exception {
        byte[] pdf = pdf("guest-cards.pdf");
        List<String> pages = PdfPages.of(pdf);
        String ada = pages.stream()
                .filter(page -> page.contains("vegan"))
                .findFirst()
                .orElseThrow();

        assertThat(pages).hasSize(9);
        assertThat(PdfPages.widthMm(pdf)).isCloseTo(105, within(1.0));
        assertThat(String.join(" ", pages))
                .contains("Ada", "Bo", "Cleo", "Dario", "Edda", "Finn", "Gul", "Hal", "Ines");
        int forOthers = ada.indexOf("You cook");
        assertThat(ada.substring(0, forOthers)).contains("Tofu puffs").doesNotContain("Beef", "Lamb", "Prawns");
        assertThat(ada.substring(forOthers)).contains("for Finn, dip");
    }

    @Test
    void whatIsBrownedFirstSaysSo() throws Exception {
        ((ObjectNode) brief.get("pots").get(0)).put("kind", "PLATE_AND_MOAT");
        take();

        assertThat(String.join(" ", PdfPages.of(pdf("guest-cards.pdf")))).contains("1 min on the plate, then");
    }
}
