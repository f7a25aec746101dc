package hiltboard.acceptance;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import tools.jackson.databind.JsonNode;

/** Somebody who works at the tank, over HTTP. */
record Tank(Client maker) {
    static final Map<String, String> TALL_TUBE = Map.of(
            "name", "Tall tube",
            "liquid", "FERRIC_WATER",
            "firstParts", "40",
            "secondParts", "60",
            "stock", "42 °Bé",
            "volume", "1 L",
            "across", "70 mm",
            "height", "360 mm");

    long bath(String... changes) {
        return mixed(changes).isOk().json().path("about").asLong();
    }

    Client.Answer mixed(String... changes) {
        Map<String, String> entries = new HashMap<>(TALL_TUBE);
        for (int i = 0; i < changes.length; i += 2) {
            entries.put(changes[i], changes[i + 1]);
        }
        return maker.post("/api/tank/baths", Map.of("entries", entries, "basedOn", 0));
    }

    JsonNode look(long bath) {
        return maker.get("/api/tank/baths/" + bath).isOk().json();
    }

    Client.Answer coupon(long bath, String steel, String fresh, String took) {
        return maker.post(
                "/api/tank/baths/" + bath + "/coupons",
                Map.of("steel", steel, "fresh", fresh, "took", took, "isRight", true, "words", ""));
    }

    Client.Answer begin(List<Long> pieces, long bath, String recipe, String noCoupon) {
        return maker.post(
                "/api/tank/runs", Map.of("pieces", pieces, "bath", bath, "recipe", recipe, "noCoupon", noCoupon));
    }

    /** @return the number of the first; the others follow it */
    long begun(List<Long> pieces, long bath, String recipe) {
        return begin(pieces, bath, recipe, "tried on scrap")
                .isOk()
                .json()
                .path("about")
                .asLong();
    }

    Client.Answer note(long run, String moment) {
        return maker.post("/api/tank/runs/" + run + "/moments", Map.of("moment", moment, "result", ""));
    }

    Client.Answer over(long run, String result) {
        return maker.post("/api/tank/runs/" + run + "/moments", Map.of("moment", "CYCLE_OVER", "result", result));
    }

    /** The blade on the clock, wherever it stands. */
    JsonNode run(long piece) {
        return maker.get("/api/tank/pieces/" + piece).isOk().json().path("run");
    }

    Client.Answer rate(long run, String rating, String words) {
        return maker.post("/api/tank/runs/" + run + "/rating", Map.of("rating", rating, "words", words, "depth", ""));
    }
}
