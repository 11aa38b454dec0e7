package org.livelyladle.e2e;

import com.google.gson.Gson;
import com.google.gson.JsonArray;
import com.google.gson.JsonObject;
import com.google.gson.JsonParser;
import com.microsoft.playwright.APIRequestContext;
import com.microsoft.playwright.options.RequestOptions;
import java.time.Instant;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;

/** Marks made at a table through the API. */
record Marks(APIRequestContext http, String party) {

    void tell(Instant at, String type, Map<String, Object> parts) {
        Map<String, Object> event = new HashMap<>(parts);
        event.put("id", UUID.randomUUID().toString());
        event.put("at", at.toString());
        event.put("type", type);
        String token =
                http.storageState().split("\"XSRF-TOKEN\",\"value\":\"")[1].split("\"")[0];
        int status = http.post(
                        party + "/events",
                        RequestOptions.create()
                                .setHeader("X-XSRF-TOKEN", token)
                                .setHeader("Content-Type", "application/json")
                                .setData(new Gson().toJson(List.of(event))))
                .status();
        if (status != 200) {
            throw new IllegalStateException("A mark was refused: " + status);
        }
    }

    /** What a cue asks for is done. */
    void done(Instant at, JsonObject cue) {
        String act = cue.get("act").getAsString();
        switch (act) {
            case "PUT_IN" -> tell(at, "PUT_IN", Map.of("drop", cue.get("drop").getAsString()));
            case "TAKE_OUT" ->
                tell(at, "TAKEN_OUT", Map.of("drop", cue.get("drop").getAsString()));
            default ->
                tell(at, "CUE_DONE", Map.of("act", act, "side", cue.get("side").getAsString()));
        }
    }

    JsonArray cues(Instant asOf) {
        return JsonParser.parseString(http.get(party + "/table?asOf=" + asOf).text())
                .getAsJsonObject()
                .getAsJsonObject("now")
                .getAsJsonArray("cues");
    }
}
