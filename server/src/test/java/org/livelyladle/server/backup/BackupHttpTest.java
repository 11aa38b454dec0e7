package org.livelyladle.server.backup;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.http.MediaType.APPLICATION_JSON;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.delete;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;

import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.util.Arrays;
import java.util.HexFormat;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.function.Consumer;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import java.util.zip.ZipOutputStream;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.livelyladle.core.Parties;
import org.livelyladle.core.Seeds;
import org.livelyladle.server.ServerTest;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.http.HttpHeaders;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.test.web.servlet.MvcResult;
import org.springframework.test.web.servlet.request.MockMvcRequestBuilders;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** What was taken out comes back as it was, into an empty or a running copy; a damaged file changes nothing. */
class BackupHttpTest extends ServerTest {
    private static final String BEGINNING =
            "{\"sitDown\":\"2026-12-05T19:00:00\",\"zone\":\"Europe/Vienna\",\"guests\":[\"Ann\",\"Ben\"]}";

    @Autowired
    private JdbcTemplate database;

    private String party;

    @BeforeEach
    void aHouseholdWithAPast() throws Exception {
        empty();
        JsonNode view = create();
        party = view.get("id").asString();
        ObjectNode brief = (ObjectNode) view.get("brief");
        brief.put("title", "Twice saved");
        put("/api/parties/" + party + "/brief", 1, brief.toString());
        send(post("/api/parties/" + party + "/events")
                .contentType(APPLICATION_JSON)
                .content("""
                [{"id": "11111111-1111-4111-8111-111111111111", "at": "2026-11-24T15:00:00Z", "type": "TASK_DONE",
                  "subject": "table:lay"},
                 {"id": "22222222-2222-4222-8222-222222222222", "at": "2026-11-24T15:00:01Z", "type": "SOLD_OUT",
                  "subject": "store-udon"}]"""));
        put("/api/parties/" + party + "/journal", 0, """
                {"format": "lively-ladle/journal", "formatVersion": 1, "note": "more noodles", "mark": 5}""");
        String gone = create().get("id").asString();
        send(delete("/api/parties/" + gone));
        send(post("/api/household/kept")
                .contentType(APPLICATION_JSON)
                .content("{\"part\": \"PERSON\", \"id\": \"guest-1\", \"brief\": " + brief + "}"));
    }

    private JsonNode create() throws Exception {
        return body(send(post("/api/parties").contentType(APPLICATION_JSON).content(BEGINNING)));
    }

    private void put(String path, int revision, String content) throws Exception {
        MvcResult result = send(MockMvcRequestBuilders.put(path)
                .header(HttpHeaders.IF_MATCH, "\"" + revision + "\"")
                .contentType(APPLICATION_JSON)
                .content(content));
        assertThat(result.getResponse().getStatus()).as(path).isEqualTo(200);
    }

    /** As on a fresh machine. */
    private void empty() {
        for (String table : new String[] {
            "journal",
            "guest_answer",
            "party_event",
            "device",
            "invitation",
            "calendar_feed",
            "brief_revision",
            "party",
            "household_revision"
        }) {
            database.update("DELETE FROM " + table);
        }
    }

    private byte[] backup() throws Exception {
        MvcResult result = send(get("/api/backup"));
        assertThat(result.getResponse().getStatus()).isEqualTo(200);
        return result.getResponse().getContentAsByteArray();
    }

    private MvcResult restore(byte[] file) throws Exception {
        return send(MockMvcRequestBuilders.put("/api/backup")
                .contentType("application/zip")
                .content(file));
    }

    @Test
    void randomPartiesComeBackToTheByte() throws Exception {
        long[] seeds = Seeds.of(0, 200).toArray();
        for (long seed : seeds) {
            MvcResult taken = send(post("/api/parties/import")
                    .contentType(APPLICATION_JSON)
                    .content(json.writeValueAsBytes(Parties.random(seed))));
            assertThat(taken.getResponse().getStatus()).as("seed " + seed).isEqualTo(201);
        }
        byte[] taken = backup();
        empty();
        assertThat(body(restore(taken)).get("parties").asInt()).isEqualTo(2 + seeds.length);
        assertThat(backup()).isEqualTo(taken);
    }

    @Test
    void anEmptyCopyIsAsItWasToTheByte() throws Exception {
        byte[] taken = backup();
        empty();
        MvcResult restored = restore(taken);

        assertThat(body(restored).toString()).isEqualTo("{\"parties\":2,\"revisions\":3,\"events\":2}");
        assertThat(backup()).isEqualTo(taken);
        assertThat(body(send(get("/api/parties/" + party))).at("/brief/title").asString())
                .isEqualTo("Twice saved");
        assertThat(body(send(get("/api/parties/" + party + "/journal")))
                        .at("/journal/note")
                        .asString())
                .isEqualTo("more noodles");
        assertThat(body(send(get("/api/parties"))).size())
                .as("a deleted one stays deleted")
                .isEqualTo(1);
        assertThat(body(send(get("/api/household")))
                        .at("/household/people/0/name")
                        .asString())
                .isEqualTo("Ann");
    }

    /** Nothing doubles, what was there besides stays, and whoever edits the party goes on from a revision of its own. */
    @Test
    void aRunningCopyGoesBackToWhatItWas() throws Exception {
        byte[] taken = backup();
        JsonNode view = body(send(get("/api/parties/" + party)));
        put(
                "/api/parties/" + party + "/brief",
                view.get("revision").asInt(),
                ((ObjectNode) view.get("brief")).put("title", "Spoilt").toString());
        String other = create().get("id").asString();

        assertThat(restore(taken).getResponse().getStatus()).isEqualTo(200);
        JsonNode back = body(send(get("/api/parties/" + party)));
        assertThat(back.at("/brief/title").asString()).isEqualTo("Twice saved");
        assertThat(back.get("revision").asInt())
                .isGreaterThan(view.get("revision").asInt() + 1);
        assertThat(send(get("/api/parties/" + other)).getResponse().getStatus()).isEqualTo(200);
        send(delete("/api/parties/" + other));
        assertThat(restore(taken).getResponse().getStatus()).as("once more").isEqualTo(200);
        assertThat(body(send(get("/api/parties"))).size()).isEqualTo(1);
    }

    @Test
    void aDamagedFileChangesNothing() throws Exception {
        byte[] taken = backup();
        String name = "parties/" + party + ".json";
        refused(Arrays.copyOf(taken, taken.length / 2), "cut off");
        refused("no zip at all".getBytes(StandardCharsets.UTF_8), "no zip file");
        refused(changed(taken, parts -> parts.put(name, parts.get("household.json"))), name);
        refused(changed(taken, parts -> parts.remove(name)), name);
        refused(changed(taken, parts -> parts.put("../../etc/passwd", new byte[] {1})), "../../etc/passwd");
        refused(changed(taken, parts -> parts.put("parties/" + party + ".json/../x", new byte[] {1})), "parties/");
        refused(changed(taken, parts -> parts.remove("manifest.json")), "manifest.json");
        refused(
                changed(
                        taken,
                        parts -> parts.put("parties/00000000-0000-4000-8000-000000000000.json", parts.get(name))),
                "00000000-0000-4000-8000-000000000000");
    }

    /** A few kilobytes that unpack to more than a part may be, and are what the manifest says. */
    @Test
    void aBombIsNotUnpacked() throws Exception {
        ByteArrayOutputStream file = new ByteArrayOutputStream();
        MessageDigest digest = MessageDigest.getInstance("SHA-256");
        byte[] blank = " ".repeat(1 << 20).getBytes(StandardCharsets.UTF_8);
        try (ZipOutputStream zip = new ZipOutputStream(file)) {
            zip.putNextEntry(new ZipEntry("household.json"));
            for (int i = 0; i < 257; i++) {
                zip.write(blank);
                digest.update(blank);
            }
            zip.closeEntry();
            entry(
                    zip,
                    "manifest.json",
                    manifest(Map.of("household.json", HexFormat.of().formatHex(digest.digest()))));
        }
        assertThat(file.size()).isLessThan(1_000_000);
        refused(file.toByteArray(), "household.json");
    }

    /** What is in order by itself and of no use here: a menu of a food nobody knows, a household of a later format. */
    @Test
    void whatDoesNotFitIsRefusedAsAWhole() throws Exception {
        byte[] taken = backup();
        String name = "parties/" + party + ".json";
        refused(
                signed(taken, parts -> parts.compute(name, (part, json) -> replaced(json, "udon.fresh", "moon.dust"))),
                "menu");
        refused(
                signed(
                        taken,
                        parts -> parts.compute(
                                "household.json",
                                (part, json) -> replaced(json, "\"formatVersion\":1", "\"formatVersion\":9"))),
                "formatVersion");
        refused(signed(taken, parts -> parts.put(name, "{\"half\": ".getBytes(StandardCharsets.UTF_8))), name);
    }

    private static byte[] replaced(byte[] json, String what, String by) {
        return new String(json, StandardCharsets.UTF_8).replace(what, by).getBytes(StandardCharsets.UTF_8);
    }

    private void refused(byte[] file, String named) throws Exception {
        byte[] before = backup();
        MvcResult result = restore(file);

        assertThat(result.getResponse().getStatus()).as(named).isEqualTo(400);
        assertThat(result.getResponse().getContentAsString()).contains(named);
        assertThat(backup()).as("unchanged").isEqualTo(before);
    }

    private static byte[] changed(byte[] zip, Consumer<Map<String, byte[]>> change) throws IOException {
        Map<String, byte[]> parts = parts(zip);
        change.accept(parts);
        return zip(parts);
    }

    /** The same with a manifest that is right. */
    private static byte[] signed(byte[] zip, Consumer<Map<String, byte[]>> change) throws Exception {
        Map<String, byte[]> parts = parts(zip);
        parts.remove("manifest.json");
        change.accept(parts);
        Map<String, String> hashes = new LinkedHashMap<>();
        for (Map.Entry<String, byte[]> part : parts.entrySet()) {
            hashes.put(
                    part.getKey(),
                    HexFormat.of()
                            .formatHex(MessageDigest.getInstance("SHA-256").digest(part.getValue())));
        }
        parts.put("manifest.json", manifest(hashes));
        return zip(parts);
    }

    private static byte[] manifest(Map<String, String> hashes) {
        StringBuilder text = new StringBuilder();
        hashes.forEach((name, hash) -> text.append(text.isEmpty() ? "" : ",")
                .append("{\"name\":\"" + name + "\",\"sha256\":\"" + hash + "\"}"));
        return ("{\"format\":\"lively-ladle/backup\",\"formatVersion\":1,\"parts\":[" + text + "]}")
                .getBytes(StandardCharsets.UTF_8);
    }

    private static Map<String, byte[]> parts(byte[] file) throws IOException {
        Map<String, byte[]> parts = new LinkedHashMap<>();
        try (ZipInputStream zip = new ZipInputStream(new ByteArrayInputStream(file))) {
            for (ZipEntry entry = zip.getNextEntry(); entry != null; entry = zip.getNextEntry()) {
                parts.put(entry.getName(), zip.readAllBytes());
            }
        }
        return parts;
    }

    private static byte[] zip(Map<String, byte[]> parts) throws IOException {
        ByteArrayOutputStream file = new ByteArrayOutputStream();
        try (ZipOutputStream zip = new ZipOutputStream(file)) {
            for (Map.Entry<String, byte[]> part : parts.entrySet()) {
                entry(zip, part.getKey(), part.getValue());
            }
        }
        return file.toByteArray();
    }

    private static void entry(ZipOutputStream zip, String name, byte[] content) throws IOException {
        zip.putNextEntry(new ZipEntry(name));
        zip.write(content);
        zip.closeEntry();
    }
}
