package org.livelyladle.server.models;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.http.MediaType.APPLICATION_JSON;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.livelyladle.server.ServerTest;
import org.springframework.mock.web.MockHttpServletResponse;

class PacksHttpTest extends ServerTest {
    private static final String GOOD = """
            {"needs":[{"ingredient":"beef","grams":820}],
             "offers":[{"id":"beef-300","ingredient":"beef","grams":300,"priceCents":450},
                       {"id":"beef-loose","ingredient":"beef","stepGrams":50,"priceCentsPerKg":1290}],
             "wasteCentsPerKg":300, "covers":[]}""";

    /** Without session and token. */
    private MockHttpServletResponse answer(String body) throws Exception {
        return http.perform(post("/api/packs").contentType(APPLICATION_JSON).content(body))
                .andReturn()
                .getResponse();
    }

    @Test
    void theDocumentedExample() throws Exception {
        MockHttpServletResponse answer = answer(GOOD);

        assertThat(answer.getStatus()).isEqualTo(200);
        assertThat(json.readTree(answer.getContentAsByteArray())).isEqualTo(json.readTree("""
                        {"lines":[{"offer":"beef-loose","count":17}],"costCents":1097,"wasteGrams":30.0,
                         "objectiveCents":1105.5,"covered":[],"proven":true}"""));
    }

    @Test
    void aCoverIsAnswered() throws Exception {
        MockHttpServletResponse answer = answer("""
                {"needs":[{"ingredient":"beef","grams":120}],
                 "offers":[{"id":"pork-500","ingredient":"pork","grams":500,"priceCents":450}],
                 "wasteCentsPerKg":0, "covers":[{"shortOf":"beef","by":"pork","maxGrams":200}]}""");

        assertThat(json.readTree(answer.getContentAsByteArray()).get("covered"))
                .isEqualTo(json.readTree("[{\"ingredient\":\"beef\",\"by\":\"pork\",\"grams\":120.0}]"));
    }

    @Test
    void aNeedNobodySuppliesIsNamed() throws Exception {
        MockHttpServletResponse answer =
                answer(GOOD.replace("\"ingredient\":\"beef\",\"grams\":820", "\"ingredient\":\"lamb\",\"grams\":820"));

        assertThat(answer.getStatus()).isEqualTo(422);
        assertThat(answer.getContentType()).startsWith("application/problem+json");
        assertThat(json.readTree(answer.getContentAsByteArray()).get("field").asString())
                .isEqualTo("needs.lamb");
        assertThat(answer.getContentAsString()).contains("820.0 g of lamb");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "\"grams\":820 | \"grams\":-1 | needs[0].grams",
                "\"grams\":820 | \"grams\":1e12 | needs[0].grams",
                "\"grams\":820 | \"grams\":\"many\" | needs[0].grams",
                "\"grams\":820 | \"weight\":820 | needs[0].grams",
                ",\"grams\":820 | '' | needs[0].grams",
                "\"priceCents\":450 | \"priceCents\":-450 | offers[0].priceCents",
                "\"priceCents\":450 | \"stepGrams\":450 | offers[0].grams",
                "beef-loose | beef-300 | offers[1]",
                "\"wasteCentsPerKg\":300 | \"wasteCentsPerKg\":-1 | wasteCentsPerKg",
                "\"covers\":[] | \"covers\":[{\"shortOf\":\"beef\",\"by\":\"beef\",\"maxGrams\":1}] | covers[0].by",
                "\"needs\":[ | \"needs\":[{\"ingredient\":\"beef\",\"grams\":1}, | needs[1]",
                "\"needs\": | \"offers\": | offers",
            })
    void badFiguresAreNamed(String from, String to, String field) throws Exception {
        assertThat(GOOD).contains(from);
        MockHttpServletResponse answer = answer(GOOD.replaceFirst(java.util.regex.Pattern.quote(from), to));

        assertThat(answer.getStatus()).as(answer.getContentAsString()).isEqualTo(400);
        assertThat(answer.getContentAsString()).contains(field);
    }
}
