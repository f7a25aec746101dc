package hiltboard.acceptance;

import java.net.URI;
import java.net.http.HttpRequest;
import java.time.Duration;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.TreeMap;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

/**
 * Asks a shop at work everything that its interface describes, by bodies that fit the description, with values that the
 * shop itself has said, that fit, or that nobody should send. The same seed asks the same of the same shop.
 */
public final class Fuzz {
    private static final JsonNodeFactory JSON = JsonNodeFactory.instance;
    /** They end the program or the one who asks. */
    private static final Set<String> LEFT_OUT =
            Set.of("/api/backups/{name}/restore", "/api/sign-out", "/api/setup", "/api/live");

    private static final List<JsonNode> HOSTILE = List.of(
            JSON.nullNode(),
            JSON.stringNode(""),
            JSON.stringNode(" "),
            JSON.stringNode("\u0000"),
            JSON.stringNode("\u202egnp.exe"),
            JSON.stringNode("🔪".repeat(300)),
            JSON.stringNode("A".repeat(20_000)),
            JSON.stringNode("' OR 1=1; DROP TABLE piece; --"),
            JSON.stringNode("<script>alert(1)</script>"),
            JSON.stringNode("../../../etc/passwd"),
            JSON.stringNode("${jndi:ldap://x}"),
            JSON.stringNode("%s%n%x"),
            JSON.stringNode("1e309"),
            JSON.stringNode("-1 mm"),
            JSON.stringNode("0"),
            JSON.stringNode("NaN"),
            JSON.stringNode("1/0 in"),
            JSON.stringNode("999999999999999999999 mm"),
            JSON.stringNode("0.0000000001 in"),
            JSON.stringNode("2026-02-30"),
            JSON.stringNode("99999-01-01"),
            JSON.stringNode("{\"a\":1}"),
            JSON.numberNode(0),
            JSON.numberNode(-1),
            JSON.numberNode(Integer.MAX_VALUE),
            JSON.numberNode(Long.MAX_VALUE),
            JSON.numberNode(Long.MIN_VALUE),
            JSON.numberNode(1e308),
            JSON.numberNode(0.1),
            JSON.booleanNode(true),
            JSON.arrayNode(),
            JSON.objectNode());
    private static final int DEEPEST = 6;

    private final RunningShop shop;
    private final Random random;
    private final JsonNode description;
    /** What the shop has said under a name. */
    private final Map<String, List<JsonNode>> heard = new TreeMap<>();

    private final List<Operation> operations = new ArrayList<>();
    private final Map<Integer, Integer> statuses = new TreeMap<>();
    private final List<String> failures = new ArrayList<>();
    private final List<String> slow = new ArrayList<>();

    /** Whether the body that is being made may have values that nobody should send. */
    private boolean isHostile;

    private record Operation(String method, String path, JsonNode body) {}

    Fuzz(RunningShop shop, long seed) {
        this.shop = shop;
        this.random = new Random(seed);
        this.description = shop.owner().get("/api/openapi.json").isOk().json();
        description
                .path("paths")
                .forEachEntry((path, methods) -> methods.forEachEntry((method, operation) -> {
                    JsonNode body = operation
                            .path("requestBody")
                            .path("content")
                            .path("application/json")
                            .path("schema");
                    boolean isOfFiles = operation.has("requestBody") && body.isMissingNode();
                    if (!LEFT_OUT.contains(path) && !isOfFiles) {
                        operations.add(new Operation(method.toUpperCase(), path, body));
                    }
                }));
    }

    /** @param arguments the seed, and how often is asked */
    public static void main(String[] arguments) {
        long seed = arguments.length > 0 ? Long.parseLong(arguments[0]) : System.nanoTime();
        int count = arguments.length > 1 ? Integer.parseInt(arguments[1]) : 20_000;
        System.out.println("Seed " + seed + ", " + count + " questions");
        try (RunningShop shop = RunningShop.demo()) {
            Fuzz fuzz = new Fuzz(shop, seed);
            fuzz.ask(count);
            System.gc();
            Runtime memory = Runtime.getRuntime();
            System.out.println(fuzz.statuses());
            System.out.println("Heap afterwards: " + (memory.totalMemory() - memory.freeMemory()) / 1_000_000 + " MB");
            fuzz.slow().forEach(line -> System.out.println("SLOW " + line));
            fuzz.failures().forEach(line -> System.out.println("FAILED " + line));
            System.exit(fuzz.failures().isEmpty() ? 0 : 1);
        }
    }

    void ask(int count) {
        listen();
        for (int i = 0; i < count; i++) {
            ask(operations.get(random.nextInt(operations.size())));
        }
    }

    Map<Integer, Integer> statuses() {
        return statuses;
    }

    /** What was answered with a failure of the program. */
    List<String> failures() {
        return failures;
    }

    /** What took longer than two seconds. */
    List<String> slow() {
        return slow;
    }

    /** The shop's own values, so that what is asked goes deep. */
    private void listen() {
        for (Operation operation : operations) {
            if (operation.method().equals("GET") && !operation.path().contains("{")) {
                hear("", shop.owner().get(operation.path()));
            }
        }
        for (int piece = 1; piece <= 38; piece += 3) {
            hear("", shop.owner().get("/api/pieces/" + piece));
            hear("", shop.owner().get("/api/stock/lots/" + piece));
        }
    }

    private void hear(String name, Client.Answer answer) {
        if (answer.status() == 200 && answer.text().matches("(?s)[\\[{].*")) {
            hear(name, answer.json());
        }
    }

    private void hear(String name, JsonNode value) {
        if (value.isObject()) {
            value.forEachEntry(this::hear);
        } else if (value.isArray()) {
            value.forEach(each -> hear(name, each));
        } else if (!value.isNull()) {
            List<JsonNode> known = heard.computeIfAbsent(name, key -> new ArrayList<>());
            if (known.size() < 200) {
                known.add(value);
            }
        }
    }

    private void ask(Operation operation) {
        isHostile = random.nextBoolean();
        String path = path(operation.path());
        HttpRequest.Builder request;
        String body = "";
        if (operation.method().equals("GET")) {
            request = HttpRequest.newBuilder(URI.create(shop.address() + path)).GET();
        } else {
            body = operation.body().isMissingNode()
                    ? "{}"
                    : value("", operation.body(), 0).toString();
            request = shop.owner()
                    .withToken(path)
                    .header("Command-Id", "fuzz-" + Math.abs(random.nextLong()))
                    .header("Content-Type", "application/json")
                    .POST(HttpRequest.BodyPublishers.ofString(body));
        }
        long begun = System.nanoTime();
        Client.Answer answer = shop.owner().send(request);
        Duration took = Duration.ofNanos(System.nanoTime() - begun);
        statuses.merge(answer.status(), 1, Integer::sum);
        String said = operation.method() + " " + path + " " + (body.length() > 3_000 ? body.substring(0, 3_000) : body);
        if (answer.status() >= 500) {
            failures.add(answer.status() + " " + said);
        }
        if (took.toSeconds() >= 2) {
            slow.add(took.toMillis() + " ms " + said);
        }
        if (answer.status() == 401 || path.startsWith("/api/sign-in")) {
            shop.owner().post("/api/sign-in/demo", Map.of("personId", 1));
        }
        if (operation.method().equals("GET") && random.nextInt(8) == 0) {
            hear("", answer);
        }
    }

    private String path(String pattern) {
        StringBuilder path = new StringBuilder();
        for (String part : pattern.substring(1).split("/")) {
            path.append('/').append(part.startsWith("{") ? part(part.substring(1, part.length() - 1)) : part);
        }
        return path.toString();
    }

    private String part(String name) {
        if (isHostile && random.nextInt(6) == 0) {
            return List.of("0", "-1", "9999999999999999999", "x", "%00", "1%2F2", "..%2F..", "%F0%9F%94%AA")
                    .get(random.nextInt(8));
        }
        List<JsonNode> known = heard.getOrDefault(name, List.of());
        if (!known.isEmpty() && !name.equals("id")) {
            return java.net.URLEncoder.encode(
                            known.get(random.nextInt(known.size())).asString(), java.nio.charset.StandardCharsets.UTF_8)
                    .replace("+", "%20");
        }
        return String.valueOf(1 + random.nextInt(30));
    }

    private JsonNode value(String name, JsonNode schema, int depth) {
        JsonNode resolved = resolved(schema);
        if (isHostile && depth > 0 && random.nextInt(20) == 0) {
            return HOSTILE.get(random.nextInt(HOSTILE.size()));
        }
        if (resolved.has("properties")) {
            ObjectNode object = JSON.objectNode();
            resolved.path("properties")
                    .forEachEntry((key, property) -> object.set(key, value(key, property, depth + 1)));
            return object;
        }
        if (resolved.has("items")) {
            ArrayNode array = JSON.arrayNode();
            int size = depth > DEEPEST ? 0 : random.nextInt(4);
            for (int i = 0; i < size; i++) {
                array.add(value(name, resolved.path("items"), depth + 1));
            }
            return array;
        }
        if (resolved.has("additionalProperties")) {
            return answers(resolved.path("additionalProperties"), depth);
        }
        if (resolved.has("enum")) {
            JsonNode choices = resolved.path("enum");
            return choices.get(random.nextInt(choices.size()));
        }
        List<JsonNode> known = heard.getOrDefault(name, List.of());
        if (!known.isEmpty() && random.nextInt(4) > 0) {
            return known.get(random.nextInt(known.size()));
        }
        return switch (resolved.path("type").asString("")) {
            case "integer" -> JSON.numberNode(random.nextInt(60));
            case "number" -> JSON.numberNode(random.nextInt(4_000) / 10.0);
            case "boolean" -> JSON.booleanNode(random.nextBoolean());
            default -> JSON.stringNode(typed());
        };
    }

    /** A map of answers to the questions that the shop asks. */
    private ObjectNode answers(JsonNode schema, int depth) {
        ObjectNode object = JSON.objectNode();
        List<JsonNode> keys = heard.getOrDefault("key", List.of());
        for (int i = random.nextInt(12); i > 0 && !keys.isEmpty(); i--) {
            String key = keys.get(random.nextInt(keys.size())).asString();
            List<JsonNode> usual = heard.getOrDefault(random.nextBoolean() ? "usual" : "value", List.of());
            object.set(
                    key,
                    usual.isEmpty() || random.nextInt(3) == 0
                            ? value(key, schema, depth + 1)
                            : usual.get(random.nextInt(usual.size())));
        }
        return object;
    }

    private JsonNode resolved(JsonNode schema) {
        JsonNode resolved = schema;
        while (resolved.has("$ref")) {
            String name = resolved.path("$ref").asString();
            resolved = description.path("components").path("schemas").path(name.substring(name.lastIndexOf('/') + 1));
        }
        return resolved;
    }

    /** What makers type. */
    private String typed() {
        List<String> words = List.of(
                "4 in",
                ".125",
                "3.2 mm",
                "1500 F",
                "815 C",
                "60",
                "59.5",
                "2 h",
                "15 min",
                "3",
                "1/8",
                "oil",
                "note",
                "2026-12-24",
                "12 EUR",
                "8 oz",
                "0.020 in",
                "1095",
                "36 in",
                "2%",
                "GENERAL",
                "x y");
        return words.get(random.nextInt(words.size()));
    }

    /** For the message of a test. */
    Map<String, Object> told() {
        Map<String, Object> told = new LinkedHashMap<>();
        told.put("statuses", statuses);
        told.put("failures", failures.stream().limit(20).toList());
        return told;
    }
}
