package org.livelyladle.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;

import com.networknt.schema.Schema;
import com.networknt.schema.SchemaRegistry;
import com.networknt.schema.SpecificationVersion;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayDeque;
import java.util.Comparator;
import java.util.Deque;
import java.util.List;
import java.util.Map;
import java.util.SortedSet;
import java.util.TreeMap;
import java.util.TreeSet;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.SerializationFeature;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/**
 * The committed description of the API and the schema of a party.json are those of this server. {@code ./ladle api}
 * runs this with {@code -Dapi.write=true} to write them anew.
 */
class ApiDescriptionTest extends ServerTest {
    private static final Path DESCRIPTION = Path.of("../web/src/api/openapi.json");
    private static final Path WORDS = Path.of("../web/src/api/words.json");
    private static final Path KEYS = Path.of("../web/src/api/keys.json");
    private static final Path PARTS = Path.of("../web/src/api/parts.json");
    private static final Comparator<List<String>> BY_ID = Comparator.comparing(
                    (List<String> way) -> !way.equals(List.of("id")))
            .thenComparing(List::toString);

    private static final Path SCHEMA = Path.of("../docs/formats/party.schema.json");
    private static final Path HOUSEHOLD = Path.of("../docs/formats/household.schema.json");
    private final JsonMapper pretty = JsonMapper.builder()
            .enable(SerializationFeature.INDENT_OUTPUT, SerializationFeature.ORDER_MAP_ENTRIES_BY_KEYS)
            .build();

    @Test
    void theCommittedDescriptionIsCurrent() throws Exception {
        JsonNode api = body(send(get("/v3/api-docs")));
        check(DESCRIPTION, sorted(api));
        check(SCHEMA, schemaOf("Brief", "A party of Lively Ladle (party.json)", api));
        check(HOUSEHOLD, schemaOf("Household", "A household of Lively Ladle (household.json)", api));
        check(WORDS, api.get("x-words"));
        JsonNode party = schemaOf("Brief", "", api);
        JsonNode household = schemaOf("Household", "", api);
        check(KEYS, keysOf(party, household, schemaOf("Journal", "", api)));
        JsonNode rehearsal = schemaOf("RehearsalControllerWanted", "", api);
        check(PARTS, partsOf(party, household, schemaOf("Journal", "", api), rehearsal));
    }

    @Test
    void theDemoPartiesFitTheSchema() throws Exception {
        Schema schema = SchemaRegistry.withDefaultDialect(SpecificationVersion.DRAFT_2020_12)
                .getSchema(Files.readString(SCHEMA), com.networknt.schema.InputFormat.JSON);
        for (String name : new String[] {"quad-supper", "quiet-evening"}) {
            String brief = Files.readString(Path.of("src/main/resources/demo/" + name + ".json"));

            assertThat(schema.validate(brief, com.networknt.schema.InputFormat.JSON))
                    .isEmpty();
            assertThat(schema.validate(brief.replace("\"guests\"", "\"gests\""), com.networknt.schema.InputFormat.JSON))
                    .isNotEmpty();
        }
    }

    private void check(Path file, JsonNode current) throws Exception {
        String text = pretty.writeValueAsString(current) + "\n";
        if (Boolean.getBoolean("api.write")) {
            Files.createDirectories(file.getParent());
            Files.writeString(file, text);
        }
        assertThat(Files.readString(file))
                .as("run ./ladle api and commit " + file)
                .isEqualTo(text);
    }

    /** By the names of lists, what makes an entry itself; one way for each kind of list of that name, an id first. */
    private JsonNode keysOf(JsonNode... documents) {
        TreeMap<String, SortedSet<List<String>>> keys = new TreeMap<>();
        for (JsonNode document : documents) {
            document.get("$defs")
                    .forEach(definition -> definition
                            .path("properties")
                            .properties()
                            .forEach(part -> {
                                JsonNode key = part.getValue().path("x-key");
                                if (key.isArray()) {
                                    keys.computeIfAbsent(part.getKey(), name -> new TreeSet<>(BY_ID))
                                            .add(key.valueStream()
                                                    .map(JsonNode::asString)
                                                    .toList());
                                }
                            }));
        }
        return pretty.valueToTree(keys);
    }

    /** By kind of entity, what is usual of what may be left out, and what its numbers may be. */
    private JsonNode partsOf(JsonNode... documents) {
        TreeMap<String, TreeMap<String, JsonNode>> usual = new TreeMap<>();
        TreeMap<String, TreeMap<String, JsonNode>> ranges = new TreeMap<>();
        for (JsonNode document : documents) {
            document.get("$defs")
                    .properties()
                    .forEach(entity -> entity.getValue()
                            .path("properties")
                            .properties()
                            .forEach(part -> {
                                if (part.getValue().has("default")) {
                                    usual.computeIfAbsent(entity.getKey(), name -> new TreeMap<>())
                                            .put(part.getKey(), part.getValue().get("default"));
                                }
                                if (part.getValue().has("maximum")) {
                                    ObjectNode range = pretty.createObjectNode();
                                    range.set("min", part.getValue().get("minimum"));
                                    range.set("max", part.getValue().get("maximum"));
                                    ranges.computeIfAbsent(entity.getKey(), name -> new TreeMap<>())
                                            .put(part.getKey(), range);
                                }
                            }));
        }
        return pretty.valueToTree(new TreeMap<>(Map.of("usual", usual, "ranges", ranges)));
    }

    /** The part of the description a document consists of, as a schema of its own. */
    private JsonNode schemaOf(String document, String title, JsonNode api) {
        JsonNode all = api.at("/components/schemas");
        TreeMap<String, JsonNode> used = new TreeMap<>();
        Deque<String> open = new ArrayDeque<>();
        open.add(document);
        while (!open.isEmpty()) {
            String name = open.pop();
            if (used.putIfAbsent(name, all.get(name)) == null) {
                all.get(name)
                        .findValuesAsString("$ref")
                        .forEach(ref -> open.add(ref.substring(ref.lastIndexOf('/') + 1)));
            }
        }
        ObjectNode schema = pretty.createObjectNode();
        schema.put("$schema", "https://json-schema.org/draft/2020-12/schema");
        schema.put("title", title);
        schema.put("$ref", "#/$defs/" + document);
        ObjectNode definitions = schema.putObject("$defs");
        used.forEach((name, definition) -> {
            ObjectNode closed = (ObjectNode) sorted(definition);
            if (closed.has("properties")) {
                closed.put("additionalProperties", false);
            }
            definitions.set(name, closed);
        });
        return pretty.readTree(pretty.writeValueAsString(schema).replace("#/components/schemas/", "#/$defs/"));
    }

    private JsonNode sorted(JsonNode node) {
        return pretty.valueToTree(pretty.convertValue(node, Object.class));
    }
}
