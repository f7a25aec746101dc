package hiltboard.server.exchange;

import hiltboard.core.design.Specification;
import hiltboard.core.design.SpecificationField;
import hiltboard.core.design.SpecificationReader;
import hiltboard.core.field.Choice;
import hiltboard.core.field.Finding;
import hiltboard.core.field.Kind;
import hiltboard.core.field.Option;
import hiltboard.core.field.TemperatureWithin;
import hiltboard.core.field.WholeNumber;
import hiltboard.core.measure.Units;
import hiltboard.server.Refusal;
import hiltboard.server.material.Specifications;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.springframework.stereotype.Component;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** The specification as a JSON file with a published schema, out and in again without loss. Lengths are millimetres. */
@Component
class SpecificationFile {
    private static final String FORMAT = "hilt-board specification";
    private static final int VERSION = 1;
    private static final String LENGTH = "-?\\d{1,6}(\\.\\d{1,6})? mm";
    private static final String TEMPERATURE = "-?\\d{1,4}(\\.\\d{1,2})? [CF]";
    private static final String ACCEPTED =
            "a file that was written here, or one that its schema at /api/specification.schema.json accepts";

    private final JsonMapper json;
    private final Specifications specifications;

    SpecificationFile(JsonMapper json, Specifications specifications) {
        this.specifications = specifications;
        this.json = json;
    }

    String write(Specification specification) {
        ObjectNode file = json.createObjectNode();
        file.put("format", FORMAT).put("version", VERSION);
        ObjectNode answers = file.putObject("answers");
        specification.entries().forEach(answers::put);
        return json.writerWithDefaultPrettyPrinter().writeValueAsString(file) + "\n";
    }

    /** @throws Refusal with everything that is wrong, each at its answer */
    Specification read(String text) {
        Map<String, String> entries = new LinkedHashMap<>();
        List<Finding> findings = new ArrayList<>();
        answers(text).forEachEntry((key, value) -> {
            if (SpecificationField.withKey(key).isEmpty() || !value.isString()) {
                findings.add(new Finding(
                        key,
                        "",
                        SpecificationField.withKey(key).isEmpty() ? "There is no such question" : "An answer is text",
                        ACCEPTED));
            } else {
                entries.put(key, value.asString());
            }
        });
        if (!findings.isEmpty()) {
            throw Refusal.entries(findings);
        }
        SpecificationReader.Answer answer = specifications.readCompleted(entries, Units.MILLIMETRE_CELSIUS);
        return answer.specification().orElseThrow(() -> Refusal.entries(answer.findings()));
    }

    private JsonNode answers(String text) {
        try {
            JsonNode file = json.readTree(text);
            if (file == null
                    || !file.path("format").asString("").equals(FORMAT)
                    || !file.path("answers").isObject()) {
                throw Refusal.entry("file", "", "This is not a specification", ACCEPTED);
            }
            if (file.path("version").asInt(0) != VERSION) {
                throw Refusal.entry(
                        "file",
                        file.path("version").asString(""),
                        "This version of the format is not known here",
                        "version " + VERSION);
            }
            return file.path("answers");
        } catch (JacksonException broken) {
            throw Refusal.entry("file", "", "This is not JSON", ACCEPTED);
        }
    }

    /** JSON Schema, draft 2020-12. */
    String schema() {
        ObjectNode schema = json.createObjectNode();
        schema.put("$schema", "https://json-schema.org/draft/2020-12/schema")
                .put("title", "Specification of a knife or an axe")
                .put("type", "object");
        schema.putArray("required").add("format").add("version").add("answers");
        ObjectNode properties = schema.putObject("properties");
        properties.putObject("format").put("const", FORMAT);
        properties.putObject("version").put("const", VERSION);
        ObjectNode answers = properties.putObject("answers");
        answers.put("type", "object").put("additionalProperties", false);
        ObjectNode each = answers.putObject("properties");
        for (SpecificationField field : SpecificationField.values()) {
            describe(each.putObject(field.key()), field);
        }
        return json.writerWithDefaultPrettyPrinter().writeValueAsString(schema) + "\n";
    }

    private void describe(ObjectNode property, SpecificationField field) {
        Kind<?> kind = specifications.kind(field);
        property.put("type", "string")
                .put("description", field.label() + ": " + kind.accepted(Units.MILLIMETRE_CELSIUS));
        if (kind instanceof Choice) {
            ArrayNode options = property.putArray("enum");
            kind.options().stream().map(Option::value).forEach(options::add);
        } else {
            property.put(
                    "pattern",
                    "^"
                            + (kind instanceof WholeNumber
                                    ? "\\d{1,3}"
                                    : kind instanceof TemperatureWithin ? TEMPERATURE : LENGTH)
                            + "$");
        }
    }
}
