package hiltboard.server.material;

import hiltboard.server.Refusal;
import hiltboard.server.Table;
import hiltboard.server.access.Person;
import hiltboard.server.live.Command;
import hiltboard.server.live.Receipt;
import io.swagger.v3.oas.annotations.Hidden;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import tools.jackson.core.JacksonException;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.json.JsonMapper;

/**
 * The shop's own steels: from a mill sheet, and as CSV and JSON in and out. What goes out comes in again as exactly the
 * same.
 */
@RestController
class SteelFileController {
    private static final TypeReference<List<Map<String, String>>> SHEETS = new TypeReference<>() {};
    private static final int MOST_SHEETS = 200;
    private static final int LONGEST_FILE = 1_000_000;

    private final Steels steels;
    private final JsonMapper json;

    SteelFileController(Steels steels, JsonMapper json) {
        this.steels = steels;
        this.json = json;
    }

    record SheetText(String text, boolean isJson) {}

    @PostMapping("/api/steels")
    Receipt keep(@RequestBody Map<String, String> sheet, Person person, Command command) {
        return steels.keep(List.of(sheet), person, command);
    }

    /** Steels of a table or of JSON: all, or none with every reason. */
    @PostMapping("/api/steels/table")
    Receipt take(@RequestBody SheetText sheets, Person person, Command command) {
        if (sheets.text().length() > LONGEST_FILE) {
            throw Refusal.entry("text", "", "This file is too long", "up to " + MOST_SHEETS + " steels");
        }
        List<Map<String, String>> read = sheets.isJson() ? ofJson(sheets.text()) : ofTable(sheets.text());
        if (read.isEmpty() || read.size() > MOST_SHEETS) {
            throw Refusal.entry(
                    "text",
                    "",
                    read.isEmpty() ? "There is no steel in it" : "So many steels are not taken at once",
                    "1 to " + MOST_SHEETS + " steels");
        }
        return steels.keep(read, person, command);
    }

    private List<Map<String, String>> ofJson(String text) {
        try {
            List<Map<String, String>> sheets = json.readValue(text, SHEETS);
            sheets.forEach(sheet -> mustBeKnown(sheet.keySet()));
            return sheets;
        } catch (JacksonException broken) {
            throw Refusal.entry(
                    "text",
                    "",
                    "This is no list of mill sheets in JSON",
                    "a list of objects with these keys, all in text: " + String.join(", ", Steels.columns()));
        }
    }

    private static List<Map<String, String>> ofTable(String text) {
        List<Map<String, String>> sheets = new ArrayList<>();
        Table.read(text, record -> {
            mustBeKnown(record.getHeader());
            sheets.add(record.getFieldsAsMap());
        });
        return sheets;
    }

    private static void mustBeKnown(Iterable<String> columns) {
        for (String column : columns) {
            if (!Steels.columns().contains(column)) {
                throw Refusal.entry(
                        "text",
                        column,
                        "“" + column + "” is not known of a steel",
                        String.join(", ", Steels.columns()));
            }
        }
    }

    @Hidden
    @GetMapping("/api/steels/files/steels.csv")
    @Transactional(readOnly = true)
    ResponseEntity<byte[]> table() {
        String table = Table.written(csv -> {
            csv.writeRecord(Steels.columns());
            steels.own()
                    .forEach(steel -> csv.writeRecord(Steels.columns().stream()
                            .map(column -> steel.entries().getOrDefault(column, ""))
                            .toList()));
        });
        return file("steels.csv", "text/csv;charset=UTF-8", table);
    }

    @Hidden
    @GetMapping("/api/steels/files/steels.json")
    @Transactional(readOnly = true)
    ResponseEntity<byte[]> sheets() {
        return file(
                "steels.json",
                "application/json",
                json.writerWithDefaultPrettyPrinter()
                                .writeValueAsString(steels.own().stream()
                                        .map(SteelRepository.OwnSteel::entries)
                                        .toList())
                        + "\n");
    }

    private static ResponseEntity<byte[]> file(String name, String type, String text) {
        return ResponseEntity.ok()
                .contentType(MediaType.parseMediaType(type))
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.attachment().filename(name).build().toString())
                .body(text.getBytes(StandardCharsets.UTF_8));
    }
}
