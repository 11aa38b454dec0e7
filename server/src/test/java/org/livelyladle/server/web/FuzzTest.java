package org.livelyladle.server.web;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.http.MediaType.APPLICATION_JSON;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;

import java.net.URI;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Random;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.livelyladle.core.Seeds;
import org.livelyladle.server.Cost;
import org.livelyladle.server.ServerTest;
import org.springframework.http.HttpMethod;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder;
import org.springframework.test.web.servlet.request.MockMvcRequestBuilders;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;
import tools.jackson.databind.node.StringNode;

/**
 * Every operation of the description is asked for with what it should be asked, spoiled at random: none may fail, keep
 * somebody waiting, or answer with anything but a problem in plain words. A new operation is asked too, by its schema.
 */
class FuzzTest extends ServerTest {
    private static final long SEED = 20261128;
    private static final int REQUESTS = Seeds.many(8000);
    private static final int SERVES = 20;
    private static final long MOST_NANOS = 5_000_000_000L;
    /** So long nothing waits, however busy the machine, unless it waits for what never comes. */
    private static final long LONGEST_NANOS = 60_000_000_000L;

    private static final Pattern JAVA_NAME = Pattern.compile(
            "(?:org|java|javax|jakarta|com|tools|net)\\.[a-z]+\\.|[A-Z][A-Za-z]*Exception|\\bat [a-z]+\\.[a-z]+|StreamReadConstraints|JsonToken");

    private static final String[] ODD_TEXTS = {
        "",
        " ",
        "a\u0000b",
        "a\rATTENDEE:mailto:x@y\rb",
        "\ud800",
        "\uffff",
        "\u202e\u200d",
        "x".repeat(100_000),
        "a.exact",
        "../../etc/passwd",
        "-1",
        "NaN",
        "0000-01-01T00:00:00",
        "-999999999-01-01T00:00:00",
        "+999999999-12-31T23:59:59",
        "1601-01-01T00:00:00",
        "2100-12-31T23:59:00",
        "1970-01-01T00:00:00Z",
        "9999-12-31",
        "Europe/Vienna ",
        "soy-sauce",
        "<script>alert(1)</script>"
    };
    private static final String[] ODD_NUMBERS = {
        "0",
        "-1",
        "1",
        "0.05",
        "2147483647",
        "2147483648",
        "-2147483649",
        "9223372036854775808",
        "1e308",
        "-1e308",
        "1e-320",
        "1e400",
        "50000",
        "1000000",
        "10000000",
        "0.1",
        "70.5"
    };
    private static final String[] FILES = {
        "",
        "\u0000",
        "name,needs\r\na\u0000b,vegan\r\n",
        "shop,ingredient,grams,price\r\nx,y,4294967.796 kg,1\r\n",
        "BEGIN:VCALENDAR\r\nBEGIN:VEVENT\r\nDTSTART:19700101T090000Z\r\nRRULE:FREQ=DAILY\r\nRRULE:FREQ=SECONDLY\r\nEND:VEVENT\r\nEND:VCALENDAR",
        "BEGIN:VCARD\r\nVERSION:4.0\r\nFN:A\u0000B\r\nEND:VCARD\r\n",
        "{\"@type\":\"Recipe\",\"name\":\"a\",\"recipeIngredient\":[\"1e400 kg salt\"]}",
        "[".repeat(3000)
    };

    private final Random random = new Random(SEED);
    private JsonNode description;
    private JsonNode brief;
    private String own = "";
    private int served;

    private record Operation(String method, String path, JsonNode said) {}

    @Test
    void nothingFailsHangsOrNamesItsInsides() throws Exception {
        description = body(send(get("/v3/api-docs")));
        brief = json.readTree(Files.readString(Path.of("src/main/resources/demo/quiet-evening.json")));
        List<Operation> operations = operations();
        List<String> faults = new ArrayList<>();
        Map<Integer, Integer> statuses = new java.util.TreeMap<>();
        for (int i = 0; i < REQUESTS; i++) {
            Operation operation = operations.get(i % operations.size());
            MockHttpServletRequestBuilder request = request(operation);
            long spent = Cost.nanos();
            long began = System.nanoTime();
            String said = operation.method() + " " + operation.path() + " (request " + i + ")";
            MockHttpServletResponse answer = send(request).getResponse();
            statuses.merge(answer.getStatus(), 1, Integer::sum);
            if (Cost.nanos() - spent > MOST_NANOS || System.nanoTime() - began > LONGEST_NANOS) {
                faults.add(said + " took too long");
            }
            check(said, answer, faults);
        }
        assertThat(faults).isEmpty();
        assertThat(statuses).as("some are accepted, or nothing was tried").containsKey(200);
    }

    private static void check(String said, MockHttpServletResponse answer, List<String> faults) throws Exception {
        String text = answer.getContentAsString(StandardCharsets.UTF_8);
        if (answer.getStatus() >= 500) {
            faults.add(said + " answered " + answer.getStatus() + ": " + start(text));
        } else if (answer.getStatus() >= 400) {
            String type = String.valueOf(answer.getContentType());
            if (!type.startsWith("application/problem+json")) {
                faults.add(said + " answered " + answer.getStatus() + " as " + type);
            } else if (JAVA_NAME.matcher(text).find()) {
                faults.add(said + " names its insides: " + start(text));
            }
        }
    }

    private static String start(String text) {
        return text.substring(0, Math.min(300, text.length()));
    }

    private List<Operation> operations() {
        List<Operation> all = new ArrayList<>();
        description
                .get("paths")
                .properties()
                .forEach(path -> path.getValue()
                        .properties()
                        .forEach(method -> all.add(new Operation(
                                method.getKey().toUpperCase(Locale.ROOT), path.getKey(), method.getValue()))));
        return all;
    }

    private MockHttpServletRequestBuilder request(Operation operation) throws Exception {
        String path = operation.path().replace("{id}", id(operation));
        while (path.contains("{")) {
            path = path.replaceFirst("\\{[^}]*}", encoded(pick(ODD_TEXTS)));
        }
        StringBuilder query = new StringBuilder();
        for (JsonNode parameter : operation.said().path("parameters")) {
            if (parameter.path("in").asString().equals("query") && random.nextInt(4) > 0) {
                query.append(query.isEmpty() ? "?" : "&")
                        .append(parameter.path("name").asString())
                        .append('=')
                        .append(encoded(pick(ODD_TEXTS)));
            }
        }
        MockHttpServletRequestBuilder request =
                MockMvcRequestBuilders.request(HttpMethod.valueOf(operation.method()), URI.create(path + query));
        if (random.nextInt(8) > 0) {
            request.header("If-Match", random.nextInt(6) == 0 ? pick(ODD_NUMBERS) : "\"1\"");
        }
        JsonNode content = operation.said().at("/requestBody/content");
        if (!content.isMissingNode() && !content.isEmpty()) {
            String type = content.propertyNames().iterator().next();
            if (type.contains("json")
                    && !content.get(type)
                            .path("schema")
                            .path("format")
                            .asString("")
                            .equals("binary")) {
                request.contentType(APPLICATION_JSON)
                        .content(spoiled(content.get(type).path("schema")));
            } else {
                request.contentType(type.contains("*") ? "application/octet-stream" : type)
                        .content(pick(FILES).getBytes(StandardCharsets.UTF_8));
            }
        }
        return request;
    }

    /** A party of this request's own, nobody's, or nonsense. */
    private String id(Operation operation) throws Exception {
        return switch (random.nextInt(8)) {
            case 0 -> "8d7ff0a4-1c1e-4ff1-9a51-7a3f4e2f1a11";
            case 1 -> encoded(pick(ODD_TEXTS));
            default -> operation.path().contains("{id}") ? ownParty() : "";
        };
    }

    /** One serves a few requests, whatever they did to it. */
    private String ownParty() throws Exception {
        if (served++ % SERVES == 0) {
            own = newParty();
        }
        return own;
    }

    private String newParty() throws Exception {
        return body(send(post("/api/parties/import")
                        .contentType(APPLICATION_JSON)
                        .content(json.writeValueAsBytes(brief))))
                .get("id")
                .asString();
    }

    private static String encoded(String text) {
        String plain = text.isEmpty() ? "-" : text.substring(0, Math.min(200, text.length()));
        return java.net.URLEncoder.encode(plain, StandardCharsets.UTF_8).replace("+", "%20");
    }

    private String pick(String[] from) {
        return from[random.nextInt(from.length)];
    }

    /** A body as the schema has it, with up to three things spoiled; sometimes torn off or no JSON at all. */
    private byte[] spoiled(JsonNode schema) {
        JsonNode good = made(schema, 0);
        int times = random.nextInt(4);
        for (int i = 0; i < times; i++) {
            spoil(good);
        }
        String text = json.writeValueAsString(good);
        return switch (random.nextInt(20)) {
            case 0 -> text.substring(0, text.length() / 2).getBytes(StandardCharsets.UTF_8);
            case 1 -> pick(FILES).getBytes(StandardCharsets.UTF_8);
            case 2 -> text.replaceFirst("\\d+", pick(ODD_NUMBERS)).getBytes(StandardCharsets.UTF_8);
            case 3 -> "null".getBytes(StandardCharsets.UTF_8);
            // halves of letters as JSON writes them
            case 4 -> text.replaceFirst(":\"[^\"]*\"", ":\"\\\\ud800\"").getBytes(StandardCharsets.UTF_8);
            default -> text.getBytes(StandardCharsets.UTF_8);
        };
    }

    private JsonNode made(JsonNode schema, int depth) {
        String ref = schema.path("$ref").asString("");
        if (ref.endsWith("/Brief")) {
            return brief.deepCopy();
        }
        if (!ref.isEmpty()) {
            return made(description.at(ref.substring(1)), depth + 1);
        }
        if (schema.has("enum")) {
            return schema.get("enum").get(random.nextInt(schema.get("enum").size()));
        }
        return switch (typeOf(schema)) {
            case "object" -> {
                ObjectNode object = json.createObjectNode();
                schema.path("properties").properties().forEach(property -> {
                    if (depth < 8) {
                        object.set(property.getKey(), made(property.getValue(), depth + 1));
                    }
                });
                yield object;
            }
            case "array" -> {
                ArrayNode list = json.createArrayNode();
                for (int i = random.nextInt(3); i >= 0 && depth < 8; i--) {
                    list.add(made(schema.path("items"), depth + 1));
                }
                yield list;
            }
            case "integer" -> json.getNodeFactory().numberNode(1 + random.nextInt(200));
            case "number" -> json.getNodeFactory().numberNode(1 + random.nextInt(1000) / 10.0);
            case "boolean" -> json.getNodeFactory().booleanNode(random.nextBoolean());
            default ->
                StringNode.valueOf(
                        switch (schema.path("format").asString("")) {
                            case "date-time" -> "2026-11-28T19:00:00";
                            case "date" -> "2026-11-24";
                            case "uuid" -> new java.util.UUID(random.nextLong(), random.nextLong()).toString();
                            default -> "a" + random.nextInt(3);
                        });
        };
    }

    private static String typeOf(JsonNode schema) {
        JsonNode type = schema.path("type");
        if (type.isArray()) {
            return type.get(0).asString();
        }
        return type.asString(schema.has("properties") ? "object" : "string");
    }

    /** Replaces, removes or adds at a random place. */
    private void spoil(JsonNode root) {
        List<JsonNode> places = new ArrayList<>();
        collect(root, places);
        if (places.isEmpty()) {
            return;
        }
        JsonNode place = places.get(random.nextInt(places.size()));
        JsonNode odd = odd();
        if (place instanceof ObjectNode object && !object.isEmpty()) {
            List<String> names = List.copyOf(object.propertyNames());
            String name = names.get(random.nextInt(names.size()));
            switch (random.nextInt(8)) {
                case 0 -> object.remove(name);
                case 1 -> object.set("colour", odd);
                default -> object.set(name, odd);
            }
        } else if (place instanceof ArrayNode list) {
            switch (random.nextInt(4)) {
                case 0 -> list.removeAll();
                case 1 -> list.add(list.isEmpty() ? odd : list.get(0).deepCopy());
                default -> list.add(odd);
            }
        }
    }

    private static void collect(JsonNode node, List<JsonNode> places) {
        if (node.isContainer()) {
            places.add(node);
            node.forEach(child -> collect(child, places));
        }
    }

    private JsonNode odd() {
        return switch (random.nextInt(6)) {
            case 0 -> json.getNodeFactory().nullNode();
            case 1, 2 -> StringNode.valueOf(pick(ODD_TEXTS));
            case 3 -> json.getNodeFactory().numberNode(Double.parseDouble(pick(ODD_NUMBERS)) % 1e300);
            case 4 -> json.getNodeFactory().numberNode((int) Double.parseDouble(pick(ODD_NUMBERS)));
            default -> random.nextBoolean() ? json.createArrayNode() : json.createObjectNode();
        };
    }
}
