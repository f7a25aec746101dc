package hiltboard.acceptance;

import java.time.Duration;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import tools.jackson.databind.JsonNode;

/** Takes jobs and does steps over HTTP, as the page's commands do. */
final class Work {
    private Work() {}

    /** Chooses what somebody reads, one unit after the other. */
    static void reads(Client client, String... units) {
        for (String unit : units) {
            client.post("/api/people/units", Map.of("unit", unit)).isOk();
        }
    }

    /** The form of a commission with the usual answers of every question, some of them changed. */
    static Map<String, Object> commission(Client owner, int pieces, Map<String, String> changed) {
        Map<String, String> specification = new LinkedHashMap<>();
        owner.get("/api/design/questions")
                .isOk()
                .json()
                .path("fields")
                .forEach(field -> specification.put(
                        field.path("key").asString(), field.path("usual").asString()));
        specification.putAll(changed);
        return new LinkedHashMap<>(Map.of(
                "kind",
                "COMMISSION",
                "clientName",
                "Greta Moss",
                "clientContact",
                "",
                "title",
                "Kitchen knife",
                "useWords",
                "Onions and herbs",
                "promisedOn",
                LocalDate.now().plusDays(30).toString(),
                "pieces",
                pieces,
                "ordered",
                pieces,
                "wishes",
                List.of(Map.of("words", "Blade length", "strength", "MUST", "asked", "5 in", "agreed", "4 in")),
                "specification",
                specification));
    }

    /** Takes a job and answers the number of its first piece. */
    static long take(Client owner, int pieces, Map<String, String> changed) {
        return owner.post("/api/jobs", commission(owner, pieces, changed))
                .isOk()
                .json()
                .path("about")
                .asLong();
    }

    /** A change of the specification that the client agrees to, as field, old and new answer by turns. */
    static Map<String, Object> decided(String... changes) {
        List<Map<String, String>> fields = new ArrayList<>();
        for (int i = 0; i < changes.length; i += 3) {
            fields.add(Map.of("field", changes[i], "from", changes[i + 1], "to", changes[i + 2]));
        }
        return Map.of(
                "changes",
                fields,
                "pieces",
                List.of(),
                "reason",
                "The client asked for it",
                "clientAgreed",
                true,
                "keep",
                List.of());
    }

    static JsonNode piece(Client client, long piece) {
        return client.get("/api/pieces/" + piece).isOk().json();
    }

    static JsonNode step(JsonNode piece, String operation) {
        for (JsonNode step : piece.path("steps")) {
            if (step.path("operation").asString().equals(operation)) {
                return step;
            }
        }
        throw new AssertionError("No step " + operation);
    }

    static JsonNode number(JsonNode piece, String key) {
        for (JsonNode number : piece.path("knife").path("numbers")) {
            if (number.path("key").asString().equals(key)) {
                return number;
            }
        }
        throw new AssertionError("No number " + key);
    }

    static Client.Answer start(Client maker, long piece, String operation) {
        return maker.post(address(piece, operation) + "/start", Map.of());
    }

    static Client.Answer read(Client maker, long piece, String operation, String dimension, String entry) {
        return read(maker, piece(maker, piece), operation, dimension, entry);
    }

    private static Client.Answer read(Client maker, JsonNode view, String operation, String dimension, String entry) {
        long basedOn = number(view, dimension).path("reading").path("id").asLong(0);
        return maker.post(
                address(view.path("id").asLong(), operation) + "/readings",
                Map.of("dimension", dimension, "entry", entry, "basedOn", basedOn, "sure", false, "reason", ""));
    }

    /** Scraps a piece at a step. */
    static void scrap(Client whoever, long piece, String operation, String words) {
        wentWrong(whoever, piece, operation, Map.of("kind", "OTHER", "words", words, "wayBack", "SCRAP"));
    }

    /** The blade cracked at a step, and another one is made for it. */
    static void remakeBlade(Client whoever, long piece, String operation) {
        wentWrong(whoever, piece, operation, Map.of("kind", "CRACKED", "words", "", "wayBack", "REMAKE"));
    }

    private static void wentWrong(Client whoever, long piece, String operation, Map<String, Object> what) {
        Map<String, Object> body = new HashMap<>(Map.of("measured", "", "from", "", "sure", false));
        body.putAll(what);
        whoever.post(address(piece, operation) + "/went-wrong", body).isOk();
    }

    static Client.Answer done(Client maker, long piece, String operation) {
        return done(maker, piece(maker, piece), operation);
    }

    private static Client.Answer done(Client maker, JsonNode view, String operation) {
        List<String> checks = step(view, operation)
                .path("told")
                .path("checks")
                .valueStream()
                .map(JsonNode::asString)
                .toList();
        return maker.post(address(view.path("id").asLong(), operation) + "/done", Map.of("checks", checks));
    }

    /**
     * Does one whole step: readings as expected, and the clock put forward through its rest. The client's yes is
     * written down by the owner, whoever works.
     */
    static void doStep(RunningShop shop, Client whoever, long piece, String operation) {
        Client maker = operation.equals("approve-outline") ? shop.owner() : whoever;
        start(maker, piece, operation).isOk();
        JsonNode view = piece(maker, piece);
        step(view, operation)
                .path("numbers")
                .path("readings")
                .forEach(key -> read(
                                maker,
                                view,
                                operation,
                                key.asString(),
                                number(view, key.asString()).path("expected").asString())
                        .isOk());
        long rest = step(view, operation).path("time").path("restMinutes").asLong();
        if (rest > 0) {
            maker.post(address(piece, operation) + "/rest", Map.of()).isOk();
            shop.clock().putForward(Duration.ofMinutes(rest));
        }
        done(maker, view, operation).isOk();
    }

    /** Does every step before one, in the order of the route. */
    static void workUpTo(RunningShop shop, Client maker, long piece, String until) {
        for (JsonNode step : piece(maker, piece).path("steps")) {
            if (step.path("operation").asString().equals(until)) {
                return;
            }
            if (!step.path("standing").asString().equals("DONE")) {
                doStep(shop, maker, piece, step.path("operation").asString());
            }
        }
    }

    static String address(long piece, String operation) {
        return "/api/pieces/" + piece + "/steps/" + operation;
    }
}
