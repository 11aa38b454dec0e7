package org.livelyladle.server.exchange;

import static org.assertj.core.api.Assertions.assertThat;
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

/** Read back by a PDF library's own text extraction. */
class PrepSheetTest extends ServerTest {
    private String party;

    @BeforeEach
    void takeInTheDemo() throws Exception {
        byte[] brief = json.writeValueAsBytes(new DemoBriefs(json, new PriceList())
                .load(LocalDate.of(2026, 11, 24))
                .get(0));
        party = body(send(post("/api/parties/import")
                        .contentType(APPLICATION_JSON)
                        .content(brief)))
                .get("id")
                .asString();
    }

    private List<String> pages(String query) throws Exception {
        byte[] pdf = send(get("/api/parties/" + party + "/prep.pdf" + query))
                .getResponse()
                .getContentAsByteArray();
        return PdfPages.of(pdf);
    }

    @Test
    void aCooksSheetHoldsThatCooksTasksAndNoOthers() throws Exception {
        String text = String.join(" ", pages("?cook=edda"));
        assertThat(text).contains("Prep: Edda").doesNotContain("Prep: Bo");
        for (JsonNode task : body(send(get("/api/parties/" + party + "/plan"))).at("/prep/tasks")) {
            if (task.get("cook") != null && task.get("cook").asString().equals("edda")) {
                assertThat(text).contains(task.get("what").asString());
                assertThat(text).contains(task.get("startsAt").asString().substring(11, 16));
            }
        }
    }

    @Test
    void withoutACookEachWhoHasWorkBeginsAPage() throws Exception {
        List<String> pages = pages("");

        assertThat(pages.get(0)).startsWith("1 / " + pages.size() + " Prep: Bo");
        assertThat(pages).anyMatch(page -> page.matches("\\d+ / \\d+ Prep: Edda .*"));
        assertThat(pages).noneMatch(page -> page.contains("Prep: Finn"));
    }
}
