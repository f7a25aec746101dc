package hiltboard.server.material;

import hiltboard.core.fire.MillSheet;
import hiltboard.core.material.Steel;
import hiltboard.core.measure.Units;
import hiltboard.server.Refusal;
import hiltboard.server.Table;
import hiltboard.server.TableIn;
import hiltboard.server.TableIn.TableLine;
import hiltboard.server.access.Person;
import hiltboard.server.live.Command;
import hiltboard.server.live.Receipt;
import io.swagger.v3.oas.annotations.Hidden;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;
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

    /** @param onlyGood whether steels that are not good are left out; otherwise one of them leaves out all */
    record TakenSheets(String text, boolean isJson, boolean onlyGood) {}

    @PostMapping("/api/steels")
    Receipt keep(@RequestBody Map<String, String> sheet, Person person, Command command) {
        return steels.keep(List.of(sheet), person, command);
    }

    /** What each steel of a table or of JSON is, before any is kept. */
    @PostMapping("/api/steels/table/preview")
    List<TableLine> preview(@RequestBody SheetText sheets, Person person) {
        return read(sheets.text(), sheets.isJson(), person.units()).lines();
    }

    @PostMapping("/api/steels/table")
    Receipt take(@RequestBody TakenSheets sheets, Person person, Command command) {
        return steels.keep(
                read(sheets.text(), sheets.isJson(), person.units()).taken(sheets.onlyGood()), person, command);
    }

    private TableIn<Map<String, String>> read(String text, boolean isJson, Units units) {
        if (text.length() > LONGEST_FILE) {
            throw Refusal.entry("text", "", "This file is too long", "up to " + MOST_SHEETS + " steels");
        }
        List<Line> read = isJson ? ofJson(text) : ofTable(text);
        if (read.isEmpty() || read.size() > MOST_SHEETS) {
            throw Refusal.entry(
                    "text",
                    "",
                    read.isEmpty() ? "There is no steel in it" : "So many steels are not taken at once",
                    "1 to " + MOST_SHEETS + " steels");
        }
        TableIn<Map<String, String>> table = new TableIn<>();
        for (Line line : read) {
            MillSheet.Answer answer = MillSheet.read(line.sheet(), units);
            String designation = line.sheet().getOrDefault("designation", "");
            table.add(
                    new TableLine(
                            line.number(), answer.steel().map(Steel::words).orElse(designation), "", answer.findings()),
                    answer.steel().map(steel -> line.sheet()));
        }
        return table;
    }

    /** A mill sheet as it stands in a file, and where. */
    private record Line(long number, Map<String, String> sheet) {}

    private List<Line> ofJson(String text) {
        List<Map<String, String>> sheets = sheets(text)
                .orElseThrow(() -> Refusal.entry(
                        "text",
                        "",
                        "This is no list of mill sheets in JSON",
                        "a list of objects with these keys, all in text: " + String.join(", ", Steels.columns())));
        sheets.forEach(sheet -> mustBeKnown(sheet.keySet()));
        return IntStream.range(0, sheets.size())
                .mapToObj(i -> new Line(i + 1, sheets.get(i)))
                .toList();
    }

    /** Nothing if it is anything else: {@code null} is well-formed, and no list either. */
    private Optional<List<Map<String, String>>> sheets(String text) {
        try {
            return Optional.ofNullable(json.readValue(text, SHEETS));
        } catch (JacksonException broken) {
            return Optional.empty();
        }
    }

    private static List<Line> ofTable(String text) {
        List<Line> sheets = new ArrayList<>();
        Table.read(text, record -> {
            mustBeKnown(record.getHeader());
            sheets.add(new Line(record.getStartingLineNumber(), record.getFieldsAsMap()));
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
