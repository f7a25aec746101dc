package hiltboard.acceptance;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import tools.jackson.databind.JsonNode;

/** Puts things on the racks over HTTP and looks at them. */
final class Store {
    private Store() {}

    /** Written as {@code key=value; key=value}. */
    static Map<String, String> answers(String written) {
        return Stream.of(written.split("; "))
                .map(each -> each.split("=", 2))
                .collect(Collectors.toMap(each -> each[0], each -> each[1]));
    }

    /** What came, with the usual answers of its kind and these on top of them, as {@link #answers} reads them. */
    static Map<String, Object> came(Client client, String kind, String amount, String pieces, String answers) {
        Map<String, String> entries = new LinkedHashMap<>();
        for (JsonNode known : client.get("/api/stock/kinds").isOk().json()) {
            if (known.path("kind").asString().equals(kind)) {
                known.path("fields").forEach(field -> {
                    if (field.path("isNeeded").asBoolean()
                            && !field.path("choices").isEmpty()) {
                        entries.put(
                                field.path("key").asString(),
                                field.path("choices").get(0).path("value").asString());
                    }
                });
            }
        }
        entries.putAll(answers(answers));
        return new LinkedHashMap<>(Map.of(
                "kind",
                kind,
                "entries",
                entries,
                "amount",
                amount,
                "pieces",
                pieces,
                "orderedThickness",
                "",
                "claimed",
                "",
                "claim",
                "",
                "isSure",
                false));
    }

    /** Receives it and answers the number of its first lot. */
    static long receive(Client client, String kind, String amount, String pieces, String answers) {
        return client.post("/api/stock/lots", came(client, kind, amount, pieces, answers))
                .isOk()
                .json()
                .path("about")
                .asLong();
    }

    /** A flat bar that most knives can be cut from. */
    static long bar(Client client, String length) {
        return receive(
                client, "BAR", length, "1", "what=1084; thickness=5/32; width=2; supplier=Steelyard; leadDays=6");
    }

    static JsonNode lot(Client client, long lot) {
        return client.get("/api/stock/lots/" + lot).isOk().json();
    }

    static JsonNode need(Client client, long piece, String key) {
        for (JsonNode need :
                client.get("/api/pieces/" + piece + "/materials").isOk().json().path("needs")) {
            if (need.path("key").asString().equals(key)) {
                return need;
            }
        }
        throw new AssertionError("No need " + key);
    }

    static Client.Answer promise(Client client, long piece, String need, long lot) {
        return client.post("/api/pieces/" + piece + "/materials/promise", Map.of("need", need, "lot", lot));
    }
}
