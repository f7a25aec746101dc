package hiltboard.server.stock;

import hiltboard.server.TableIn.TableLine;
import hiltboard.server.access.Person;
import hiltboard.server.live.Command;
import hiltboard.server.live.Receipt;
import io.swagger.v3.oas.annotations.Hidden;
import java.nio.charset.StandardCharsets;
import java.util.List;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** The rack and the buying list as tables. */
@RestController
class StockFileController {
    private final StockFile files;
    private final BuyingList buying;

    StockFileController(StockFile files, BuyingList buying) {
        this.files = files;
        this.buying = buying;
    }

    record Table(String text) {}

    /** @param onlyGood whether lines that are not good are left out; otherwise one of them leaves out all */
    record TakenTable(String text, boolean onlyGood) {}

    @GetMapping("/api/stock/buying")
    @Transactional(readOnly = true)
    List<BuyingList.Buy> buying(Person person) {
        return buying.lines(person.units());
    }

    @Hidden
    @GetMapping("/api/stock/files/buying.csv")
    ResponseEntity<byte[]> buyingTable(Person person) {
        return table("buying.csv", files.buying(person.units()));
    }

    @Hidden
    @GetMapping("/api/stock/files/rack.csv")
    ResponseEntity<byte[]> rackTable() {
        return table("rack.csv", files.rack());
    }

    @PostMapping("/api/stock/table/preview")
    List<TableLine> preview(@RequestBody Table table, Person person) {
        return files.preview(table.text(), person.units());
    }

    @PostMapping("/api/stock/table")
    Receipt take(@RequestBody TakenTable table, Person person, Command command) {
        return files.take(table.text(), table.onlyGood(), person, command);
    }

    private static ResponseEntity<byte[]> table(String name, String text) {
        return ResponseEntity.ok()
                .contentType(MediaType.parseMediaType("text/csv;charset=UTF-8"))
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.attachment().filename(name).build().toString())
                .body(text.getBytes(StandardCharsets.UTF_8));
    }
}
