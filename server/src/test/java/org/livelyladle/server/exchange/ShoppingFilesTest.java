package org.livelyladle.server.exchange;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.http.MediaType.APPLICATION_JSON;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.put;

import java.io.StringReader;
import java.nio.charset.StandardCharsets;
import java.util.List;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVRecord;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.livelyladle.server.ServerTest;
import org.springframework.mock.web.MockHttpServletResponse;
import tools.jackson.databind.JsonNode;

class ShoppingFilesTest extends ServerTest {
    private String party;

    @BeforeEach
    void make() throws Exception {
        party = body(send(post("/api/parties").contentType(APPLICATION_JSON).content("""
                                {"title":"*Feast* for two","sitDown":"2026-12-05T19:00:00","zone":"UTC","guests":["Ann","Ben"]}""")))
                .get("id")
                .asString();
    }

    private MockHttpServletResponse file(String name) throws Exception {
        MockHttpServletResponse answer =
                send(get("/api/parties/" + party + "/" + name)).getResponse();
        assertThat(answer.getStatus()).isEqualTo(200);
        assertThat(answer.getHeader("Content-Disposition")).isEqualTo("attachment; filename=\"" + name + "\"");
        return answer;
    }

    /** Read back by another reader, line by line against the plan. */
    @Test
    void theCsvHoldsEveryLineOfThePlan() throws Exception {
        String csv = file("shopping.csv").getContentAsString(StandardCharsets.UTF_8);
        List<CSVRecord> rows = CSVFormat.RFC4180
                .builder()
                .setHeader()
                .setSkipHeaderRecord(true)
                .get()
                .parse(new StringReader(csv))
                .getRecords();
        JsonNode trips = body(send(get("/api/parties/" + party + "/plan"))).at("/purchases/trips");
        int at = 0;
        for (JsonNode trip : trips) {
            for (JsonNode line : trip.get("lines")) {
                CSVRecord row = rows.get(at++);
                assertThat(row.get("shop")).isEqualTo(trip.get("name").asString());
                assertThat(row.get("item")).isEqualTo(line.get("name").asString());
                assertThat((double) Math.round(Double.parseDouble(row.get("cost")) * 100))
                        .isEqualTo(line.at("/cost/value").asDouble());
                assertThat(row.get("bought")).isEqualTo("no");
            }
        }
        assertThat(at).isEqualTo(rows.size()).isGreaterThan(10);
        assertThat(csv).contains("\r\n");
    }

    @Test
    void theMarkdownHasABoxForEachLineAndNoStrayMarks() throws Exception {
        String markdown = file("shopping.md").getContentAsString(StandardCharsets.UTF_8);

        assertThat(markdown).startsWith("# Shopping for \\*Feast\\* for two\n");
        assertThat(markdown.lines().filter(line -> line.startsWith("- [ ] "))).hasSizeGreaterThan(10);
        assertThat(markdown).contains("## Lock Hall Market, Sat 5 Dec, 09:30").contains("### Meat counter");
    }

    @ParameterizedTest
    @CsvSource(
            quoteCharacter = '"',
            value = {
                "=1+1,'=1+1",
                "+41,'+41",
                "-5 kg,'-5 kg",
                "@cmd,'@cmd",
                "\"\t=x\",\"'\t=x\"",
                "Tofu,Tofu",
                "\"\",\"\""
            })
    void aCellIsNoFormula(String cell, String written) {
        assertThat(CsvCell.harmless(cell)).isEqualTo(written);
    }

    @Test
    void anotherPartysListIsNotThere() throws Exception {
        assertThat(send(get("/api/parties/8d7ff0a4-1c1e-4ff1-9a51-7a3f4e2f1a11/shopping.csv"))
                        .getResponse()
                        .getStatus())
                .isEqualTo(404);
    }

    /** Read back by a PDF library's own text extraction: every line of the plan is on paper, letters beyond Latin too. */
    @Test
    void thePdfHoldsEveryLineOfThePlan() throws Exception {
        JsonNode brief = body(send(get("/api/parties/" + party))).get("brief");
        ((tools.jackson.databind.node.ObjectNode) brief).put("title", "<b>Šárka & Ωmega</b>");
        send(put("/api/parties/" + party + "/brief")
                .header("If-Match", "\"1\"")
                .contentType(APPLICATION_JSON)
                .content(json.writeValueAsBytes(brief)));
        String text;
        try (PDDocument document = Loader.loadPDF(file("shopping.pdf").getContentAsByteArray())) {
            text = new PDFTextStripper().getText(document);
        }
        assertThat(text).contains("Shopping for <b>Šárka & Ωmega</b>").contains("Lock Hall Market, Sat 5 Dec, 09:30");
        JsonNode trips = body(send(get("/api/parties/" + party + "/plan"))).at("/purchases/trips");
        for (JsonNode trip : trips) {
            for (JsonNode line : trip.get("lines")) {
                assertThat(text)
                        .contains(line.get("name").asString())
                        .contains(line.at("/cost/text").asString());
            }
        }
        assertThat(text).contains("Pairs of chopsticks to eat with");
    }
}
