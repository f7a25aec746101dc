package hiltboard.acceptance;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** The racks over HTTP: nothing is negative, nothing is promised twice, what goes out comes in again. */
class StockTest {
    private static final Map<String, String> KNIFE =
            Map.of("steel", "1084", "stockThickness", "5/32", "handleMaterial", "MAPLE", "pinDiameter", "3/16");
    private RunningShop shop;
    private Client olwen;
    private Client bram;
    private Client cato;

    @BeforeEach
    void open() {
        shop = RunningShop.withTwoMakers();
        olwen = shop.signedIn("olwen");
        bram = shop.signedIn("bram");
        cato = shop.signedIn("cato");
    }

    @AfterEach
    void close() {
        shop.close();
    }

    @Test
    void what_comes_is_looked_at_and_what_is_broken_becomes_a_claim() {
        Map<String, Object> came = Store.came(bram, "BAR", "36 in", "3", "what=1084; thickness=.150; width=1-1/2");
        came.put("orderedThickness", "5/32");
        came.put("claimed", "1");
        came.put("claim", "bent in the post");
        assertThat(bram.post("/api/stock/lots", came).isRefused(422, "question").detail())
                .contains("0.0063 in thinner");
        came.put("isSure", true);
        long first =
                bram.post("/api/stock/lots", came).isOk().json().path("about").asLong();
        JsonNode page = Store.lot(bram, first);
        assertThat(page.path("lot").path("amount").asString()).isEqualTo("36 in");
        assertThat(page.path("claims").get(0).path("words").asString()).isEqualTo("bent in the post");
        assertThat(bram.get("/api/stock").json().path("racks").get(0).path("lots"))
                .as("each bar is a lot of its own")
                .hasSize(3);
        long claim = page.path("claims").get(0).path("id").asLong();
        bram.post("/api/stock/claims/" + claim + "/settle", Map.of("words", "replaced"))
                .isOk();
        bram.post("/api/stock/claims/" + claim + "/settle", Map.of("words", "again"))
                .isRefused(409, "out-of-turn");
        assertThat(bram.get("/api/stock").json().path("openClaims").asInt()).isZero();
    }

    @Test
    void everything_that_is_wrong_with_what_came_is_said_at_once() {
        JsonNode findings = bram.post(
                        "/api/stock/lots", Store.came(bram, "BAR", "long", "0", "what=lead; thickness=thick"))
                .isRefused(422, "entries")
                .json()
                .path("findings");
        assertThat(findings.valueStream().map(finding -> finding.path("field").asString()))
                .contains("what", "thickness", "width", "amount", "pieces");
    }

    @Test
    void stock_cannot_go_negative_nor_below_what_is_promised() {
        long bar = Store.bar(olwen, "20 in");
        long piece = Work.take(olwen, 1, KNIFE);
        Store.promise(bram, piece, "steel", bar).isOk();
        String free = Store.lot(bram, bar).path("lot").path("free").asString();
        assertThat(cato.post("/api/stock/lots/" + bar + "/take", Map.of("amount", "19 in", "words", ""))
                        .isRefused(422, "entries")
                        .detail())
                .contains("are promised");
        cato.post("/api/stock/lots/" + bar + "/count", Map.of("amount", "2 in", "words", ""))
                .isRefused(422, "entries");
        cato.post("/api/stock/lots/" + bar + "/take", Map.of("amount", free, "words", "a test piece"))
                .isOk();
        cato.post("/api/stock/lots/" + bar + "/take", Map.of("amount", "1/16", "words", ""))
                .isRefused(422, "entries");
        assertThat(Store.lot(bram, bar).path("movements").get(0).path("words").asString())
                .isEqualTo("a test piece");
    }

    @Test
    @DisplayName(
            "two makers who promise the last pair at the same moment: one gets it, the other is told by whom and to what, however often")
    void the_last_one_is_never_promised_twice() throws Exception {
        ExecutorService both = Executors.newFixedThreadPool(2);
        for (int round = 0; round < 5; round++) {
            long pair = Store.receive(
                    olwen, "SCALES", "1", "1", "what=MAPLE; thickness=3/8; width=1-3/4; lengthEach=5-1/2");
            long first = Work.take(olwen, 1, KNIFE);
            long second = Work.take(olwen, 1, KNIFE);
            List<Callable<Client.Answer>> makers = List.of(
                    () -> Store.promise(bram, first, "handle", pair),
                    () -> Store.promise(cato, second, "handle", pair));
            List<Future<Client.Answer>> answers = both.invokeAll(makers);
            List<Client.Answer> refused = List.of(
                            answers.get(0).get(), answers.get(1).get())
                    .stream()
                    .filter(answer -> answer.status() != 200)
                    .toList();
            assertThat(refused).hasSize(1);
            assertThat(refused.get(0).isRefused(409, "out-of-turn").detail())
                    .containsAnyOf("Bram Holt has promised it to", "Cato Lind has promised it to");
            assertThat(Store.lot(olwen, pair).path("lot").path("promises")).hasSize(1);
        }
        both.shutdown();
    }

    @Test
    void a_step_takes_what_was_promised_and_consumables_count_down() {
        long bar = Store.bar(olwen, "30 in");
        long glue = Store.receive(olwen, "ADHESIVE", "60", "1", "what=SLOW_EPOXY; lowAt=50");
        Store.receive(olwen, "SCALES", "2", "1", "what=MAPLE; thickness=3/8; width=1-3/4; lengthEach=5-1/2");
        Store.receive(olwen, "ROD", "12 in", "1", "what=BRASS; diameter=3/16");
        long piece = Work.take(olwen, 1, KNIFE);
        bram.post("/api/pieces/" + piece + "/materials/promise-all", Map.of()).isOk();
        assertThat(Store.need(bram, piece, "steel").path("standing").asString()).isEqualTo("PROMISED");
        String cuts = Store.need(bram, piece, "steel").path("operation").asString();
        Work.workUpTo(shop, bram, piece, cuts);
        double before =
                Store.lot(bram, bar).path("lot").path("lengthMillimetres").asDouble();
        Work.doStep(shop, bram, piece, cuts);
        JsonNode lot = Store.lot(bram, bar);
        assertThat(lot.path("lot").path("lengthMillimetres").asDouble()).isLessThan(before - 150);
        assertThat(lot.path("movements").get(0).path("words").asString()).contains("Choose and measure the bar");
        assertThat(Store.need(bram, piece, "steel").path("standing").asString()).isEqualTo("TAKEN");
        Work.workUpTo(shop, bram, piece, "cure-handle");
        assertThat(Store.lot(bram, glue).path("lot").path("amount").asString()).isEqualTo("45 g");
        assertThat(bram.get("/api/stock/buying")
                        .json()
                        .valueStream()
                        .map(line -> line.path("why").asString()))
                .contains("45 g free, low below 50 g");
    }

    @Test
    @DisplayName(
            "a step taken back puts back what it took; a blade that is lost keeps nothing back, and what was glued wrong needs glue again")
    void promises_follow_what_becomes_of_the_piece() {
        long bar = Store.bar(olwen, "40 in");
        long glue = Store.receive(olwen, "ADHESIVE", "100", "1", "what=SLOW_EPOXY");
        long piece = Work.take(olwen, 1, KNIFE);
        Store.promise(bram, piece, "steel", bar).isOk();
        Store.promise(bram, piece, "adhesive", glue).isOk();
        String cuts = Store.need(bram, piece, "steel").path("operation").asString();
        Work.workUpTo(shop, bram, piece, cuts);
        String free = Store.lot(bram, bar).path("lot").path("free").asString();
        Work.doStep(shop, bram, piece, cuts);
        bram.post(Work.address(piece, cuts) + "/reopen", Map.of()).isOk();
        assertThat(Store.need(bram, piece, "steel").path("standing").asString()).isEqualTo("PROMISED");
        assertThat(Store.lot(bram, bar).path("lot").path("amount").asString()).isEqualTo("40 in");
        assertThat(Store.lot(bram, bar).path("lot").path("free").asString()).isEqualTo(free);
        assertThat(Store.lot(bram, bar).path("movements").get(0).path("what").asString())
                .isEqualTo("Put back");

        Work.workUpTo(shop, bram, piece, "cure-handle");
        assertThat(Store.need(bram, piece, "adhesive").path("standing").asString())
                .isEqualTo("TAKEN");
        bram.post(
                        Work.address(piece, "glue-handle") + "/went-wrong",
                        Map.of(
                                "kind",
                                "GLUE_FAILED",
                                "words",
                                "too dry",
                                "measured",
                                "",
                                "wayBack",
                                "REDO",
                                "from",
                                "glue-handle",
                                "sure",
                                false))
                .isOk();
        assertThat(Store.need(bram, piece, "adhesive").path("standing").asString())
                .isEqualTo("HERE");
        Store.promise(bram, piece, "adhesive", glue).isOk();
        assertThat(Store.lot(bram, glue).path("lot").path("free").asString()).isEqualTo("70 g");
        Work.scrap(bram, piece, "glue-handle", "dropped");
        assertThat(Store.lot(bram, glue).path("lot").path("free").asString())
                .as("a scrapped piece keeps nothing back")
                .isEqualTo("85 g");
        assertThat(Store.lot(bram, glue).path("lot").path("promises")).isEmpty();
    }

    @Test
    void two_who_describe_one_lot_see_both_and_neither_loses_the_other_fields() {
        long bar = Store.bar(olwen, "30 in");
        Map<String, String> seen = new HashMap<>();
        Store.lot(bram, bar)
                .path("entries")
                .properties()
                .forEach(each -> seen.put(each.getKey(), each.getValue().asString()));
        Map<String, String> brams = new HashMap<>(seen);
        brams.put("place", "Top rack");
        bram.post("/api/stock/lots/" + bar + "/describe", Map.of("entries", brams, "before", seen))
                .isOk();
        Map<String, String> catos = new HashMap<>(seen);
        catos.put("condition", "NORMALISED");
        cato.post("/api/stock/lots/" + bar + "/describe", Map.of("entries", catos, "before", seen))
                .isOk();
        assertThat(Store.lot(bram, bar).path("entries").path("place").asString())
                .isEqualTo("Top rack");
        catos.put("place", "Floor");
        JsonNode both = cato.post("/api/stock/lots/" + bar + "/describe", Map.of("entries", catos, "before", seen))
                .isRefused(409, "both-changed")
                .json()
                .path("both");
        assertThat(both).hasSize(1);
        assertThat(both.get(0).path("theirs").asString()).isEqualTo("Top rack");
    }

    @Test
    void what_a_design_misses_is_known_at_once_and_its_lead_time_is_in_the_day() {
        Map<String, Object> wanted = Map.of("entries", KNIFE, "before", KNIFE, "useWords", "");
        Store.receive(olwen, "SCALES", "2", "1", "what=MAPLE; thickness=3/8; width=1-3/4; lengthEach=5-1/2");
        long bar = Store.receive(
                olwen, "BAR", "40 in", "1", "what=1084; thickness=5/32; width=2; supplier=Steelyard; leadDays=45");
        JsonNode there = olwen.post("/api/design/read", wanted).isOk().json();
        olwen.post("/api/stock/lots/" + bar + "/take", Map.of("amount", "39 in", "words", ""))
                .isOk();
        JsonNode gone = olwen.post("/api/design/read", wanted).isOk().json();
        assertThat(missing(there)).noneMatch(words -> words.contains("1084"));
        assertThat(missing(gone)).anyMatch(words -> words.contains("1084 bar"));
        assertThat(LocalDate.parse(gone.path("earliestDay").asString()))
                .isAfter(LocalDate.parse(there.path("earliestDay").asString()))
                .isAfterOrEqualTo(LocalDate.now().plusDays(45));
    }

    private static List<String> missing(JsonNode reading) {
        return reading.path("missing")
                .valueStream()
                .map(each -> each.path("words").asString())
                .toList();
    }

    @Test
    @DisplayName(
            "[trade] what is low, past its day, or waited for is on the buying list of its supplier, and as a table")
    void buying_by_supplier() {
        String past = LocalDate.now().minusDays(1).toString();
        Store.receive(
                olwen,
                "ADHESIVE",
                "200",
                "1",
                "what=SLOW_EPOXY; useBy=" + past + "; supplier=Bench Supply; leadDays=4; lowAt=50");
        Store.receive(olwen, "STENCIL", "3", "1", "what=MARK; name=Shop mark; supplier=Stencil cutter; lowAt=15");
        Store.receive(olwen, "STENCIL", "40", "1", "what=MARK; name=Second mark; supplier=Stencil cutter; lowAt=15");
        long piece = Work.take(olwen, 1, KNIFE);
        Work.doStep(shop, olwen, piece, "approve-outline");
        JsonNode lines = bram.get("/api/stock/buying").isOk().json();
        List<String> said = lines.valueStream()
                .map(line -> line.path("supplier").asString() + ": "
                        + line.path("words").asString() + ": "
                        + line.path("why").asString())
                .toList();
        assertThat(said).anyMatch(line -> line.startsWith("Bench Supply: Slow epoxy: past its day"));
        assertThat(said)
                .as("what is past its day does not count")
                .anyMatch(line -> line.startsWith("Bench Supply: Slow epoxy: 0 g free"));
        assertThat(said)
                .anyMatch(line -> line.startsWith("Stencil cutter: Maker's mark, Shop mark: 3 marks free"))
                .noneMatch(line -> line.contains("Second mark"));
        assertThat(said).anyMatch(line -> line.contains("1084 bar for the blade: for 001"));
        JsonNode bar = lines.valueStream()
                .filter(line -> line.path("why").asString().startsWith("for 001"))
                .findFirst()
                .orElseThrow();
        assertThat(bar.path("amount").asString()).isEqualTo("1");
        assertThat(lines.valueStream()
                        .filter(line -> line.path("words").asString().contains("Shop mark"))
                        .map(line -> line.path("amount").asString()))
                .as("3 lie there, 15 are to lie there")
                .containsExactly("at least 12 marks");
        List<String> suppliers = lines.valueStream()
                .map(line -> line.path("supplier").asString())
                .filter(name -> !name.isEmpty())
                .toList();
        assertThat(suppliers).isSorted();
        String table = bram.get("/api/stock/files/buying.csv").isOk().text();
        assertThat(table.lines().count()).isEqualTo(lines.size() + 1);
        assertThat(table).startsWith("supplier,what,amount,why,days,ordered\r\n");
    }

    @Test
    void what_is_ordered_stays_on_its_way_until_it_has_come() {
        long piece = Work.take(olwen, 1, Map.of());
        Work.doStep(shop, olwen, piece, "approve-outline");
        String words =
                bram.get("/api/stock/buying").isOk().json().get(0).path("words").asString();
        Map<String, String> order = Map.of("words", words, "amount", "2", "supplier", "Steelyard", "leadDays", "10");
        long id = bram.post("/api/stock/orders", order)
                .isOk()
                .json()
                .path("about")
                .asLong();
        assertThat(ordered(words)).isEqualTo(LocalDate.now().plusDays(10).toString());
        olwen.post("/api/stock/orders", order).isRefused(409, "out-of-turn");
        bram.post("/api/stock/orders", Map.of("words", "x", "amount", "", "supplier", "", "leadDays", "soon"))
                .isRefused(422, "entries");
        olwen.post("/api/stock/orders/" + id + "/close", Map.of("hasCome", true))
                .isOk();
        assertThat(ordered(words)).isEmpty();
        olwen.post("/api/stock/orders/" + id + "/close", Map.of("hasCome", true))
                .isRefused(409, "out-of-turn");
        bram.post("/api/stock/orders", Map.of("words", "Wax", "amount", "", "supplier", "", "leadDays", ""))
                .isOk();
        assertThat(bram.get("/api/stock/buying").isOk().text())
                .as("what nobody waits for any more is ordered all the same")
                .contains("nobody waits for it");
    }

    private String ordered(String words) {
        return bram.get("/api/stock/buying")
                .isOk()
                .json()
                .valueStream()
                .filter(line -> line.path("words").asString().equals(words))
                .map(line -> line.path("order").path("expectedOn").asString(""))
                .findFirst()
                .orElse("");
    }

    @Test
    void what_is_past_its_day_without_papers_hard_or_a_gift_is_not_kept_back_by_itself() {
        Store.receive(
                olwen,
                "ADHESIVE",
                "200",
                "1",
                "what=SLOW_EPOXY; useBy=" + LocalDate.now().minusDays(1).toString());
        long hard = Store.receive(olwen, "BAR", "40 in", "1", "what=1084; thickness=5/32; width=2; condition=HARD");
        long gift = Store.receive(
                olwen,
                "SCALES",
                "1",
                "1",
                "what=MAPLE; thickness=3/8; width=1-3/4; lengthEach=5-1/2; owner=GIFT; whose=Ada, for her own knife");
        Store.receive(olwen, "ROD", "12 in", "1", "what=BRASS; diameter=3/16");
        long piece = Work.take(olwen, 1, KNIFE);
        bram.post("/api/pieces/" + piece + "/materials/promise-all", Map.of()).isOk();
        assertThat(Store.need(bram, piece, "pins").path("standing").asString()).isEqualTo("PROMISED");
        assertThat(Store.need(bram, piece, "adhesive").path("standing").asString())
                .isEqualTo("MISSING");
        assertThat(Store.need(bram, piece, "steel")
                        .path("notServing")
                        .get(0)
                        .path("why")
                        .asString())
                .contains("anneal");
        assertThat(Store.need(bram, piece, "handle").path("standing").asString())
                .as("a gift waits for its own knife")
                .isEqualTo("HERE");
        assertThat(Store.promise(bram, piece, "steel", hard)
                        .isRefused(409, "out-of-turn")
                        .detail())
                .contains("hard");
        Store.promise(bram, piece, "handle", gift).isOk();
        assertThat(Store.promise(bram, piece, "handle", gift)
                        .isRefused(409, "out-of-turn")
                        .detail())
                .contains("promised this for 001 already");
        bram.post(
                        "/api/stock/promises/"
                                + Store.need(bram, piece, "handle")
                                        .path("promiseId")
                                        .asLong() + "/release",
                        Map.of())
                .isOk();
        assertThat(Store.need(bram, piece, "handle").path("standing").asString())
                .isEqualTo("HERE");
    }

    @Test
    void how_an_item_is_bought_is_about_all_lots_of_it_and_a_command_sent_twice_receives_once() {
        Map<String, Object> came = Store.came(bram, "ROD", "12 in", "2", "what=BRASS; diameter=1/4");
        String id = UUID.randomUUID().toString();
        long first = bram.postAs(id, "/api/stock/lots", came)
                .isOk()
                .json()
                .path("about")
                .asLong();
        assertThat(bram.postAs(id, "/api/stock/lots", came)
                        .isOk()
                        .json()
                        .path("about")
                        .asLong())
                .isEqualTo(first);
        assertThat(bram.get("/api/stock").json().path("racks").get(0).path("lots"))
                .hasSize(2);
        long item = Store.lot(bram, first).path("lot").path("itemId").asLong();
        bram.post(
                        "/api/stock/items/" + item + "/supply",
                        Map.of(
                                "entries",
                                Map.of("supplier", "Bench Supply", "leadDays", "4", "lowAt", "36 in"),
                                "before",
                                Map.of("supplier", "", "leadDays", "", "lowAt", "")))
                .isOk();
        assertThat(Store.lot(bram, first + 1).path("entries").path("supplier").asString())
                .isEqualTo("Bench Supply");
        assertThat(bram.get("/api/stock/buying")
                        .json()
                        .valueStream()
                        .map(line -> line.path("why").asString()))
                .contains("24 in free, low below 36 in");
        bram.post(
                        "/api/stock/items/" + item + "/supply",
                        Map.of("entries", Map.of("leadDays", "soon"), "before", Map.of()))
                .isRefused(422, "entries");
        bram.get("/api/stock/lots/9999").isRefused(404, "not-there");
    }

    @Test
    @DisplayName("what goes out as a table comes in again as exactly the same, in another shop and other units; bad "
            + "lines are named and left out")
    void tables_out_and_in() {
        Store.bar(olwen, "36.3 in");
        Store.receive(
                olwen,
                "BLOCK",
                "2",
                "1",
                "what=BURL; name=from “the old tree”, cut 1998; thickness=1-1/2; width=2; lengthEach=5-1/2; "
                        + "voids=OPEN; owner=GIFT; whose=a friend, \"for one knife\"");
        Store.receive(olwen, "LEATHER", "4.3 sq ft", "1", "what=VEGETABLE; thickness=1/8; cost=84,50");
        String table = olwen.get("/api/stock/files/rack.csv").isOk().text();
        try (RunningShop other = RunningShop.withTwoMakers()) {
            Client there = other.signedIn("bram");
            Work.reads(there, "MILLIMETRE", "CELSIUS");
            JsonNode lines = there.post("/api/stock/table/preview", Map.of("text", table))
                    .isOk()
                    .json();
            assertThat(lines)
                    .hasSize(3)
                    .allSatisfy(line -> assertThat(line.path("findings")).isEmpty());
            there.post("/api/stock/table", Map.of("text", table, "onlyGood", false))
                    .isOk();
            assertThat(there.get("/api/stock/files/rack.csv").isOk().text()).isEqualTo(table);
        }
        String bad = "kind,amount,what,thickness,width,section,condition,owner\r\nBAR,12 "
                + "in,1084,5/32,1-1/2,Flat,Annealed,The shop's\r\nBAR,short,1084,5/32,1-1/2,Flat,Annealed,The "
                + "shop's\r\nDOOR,1,,,,,,\r\n";
        JsonNode lines = bram.post("/api/stock/table/preview", Map.of("text", bad))
                .isOk()
                .json();
        assertThat(lines.get(0).path("findings")).isEmpty();
        assertThat(lines.get(1).path("number").asInt()).isEqualTo(3);
        assertThat(lines.get(1).path("findings").get(0).path("field").asString())
                .isEqualTo("amount");
        assertThat(lines.get(2).path("findings").get(0).path("field").asString())
                .isEqualTo("kind");
        assertThat(bram.post("/api/stock/table", Map.of("text", bad, "onlyGood", false))
                        .isRefused(422, "entries")
                        .text())
                .as("all or none, with the line")
                .contains("Line ");
        bram.post("/api/stock/table", Map.of("text", bad, "onlyGood", true)).isOk();
        assertThat(bram.get("/api/stock").json().path("racks").get(0).path("lots"))
                .hasSize(2);
        bram.post("/api/stock/table/preview", Map.of("text", "kind,amount,colour\r\nBAR,1,red\r\n"))
                .isRefused(422, "entries");
        bram.post("/api/stock/table/preview", Map.of("text", "")).isRefused(422, "entries");
    }

    @Test
    @DisplayName(
            "[worked] a block of 1 in sawn into 3/8 in scales gives a bookmatched pair for 0.8125 in of it; its scales inherit what it is")
    void a_block_becomes_scales() {
        long block = Store.receive(
                olwen,
                "BLOCK",
                "2",
                "1",
                "what=WALNUT; thickness=1; width=2; lengthEach=11; cost=20; owner=GIFT; whose=Ada");
        Map<String, String> scale = Map.of("thickness", "3/8", "width", "1-1/2", "length", "5", "kerf", "1/16");
        assertThat(bram.post("/api/stock/lots/" + block + "/sawn", scale)
                        .isOk()
                        .json()
                        .path("bookmatched")
                        .asInt())
                .isEqualTo(2);
        long scales = bram.post("/api/stock/lots/" + block + "/saw", scale)
                .isOk()
                .json()
                .path("about")
                .asLong();
        JsonNode page = Store.lot(bram, scales);
        assertThat(page.path("lot").path("amount").asString()).isEqualTo("2 pairs");
        assertThat(page.path("entries").path("cost").asString()).isEqualTo("10.00");
        assertThat(page.path("entries").path("owner").asString()).isEqualTo("GIFT");
        assertThat(Store.lot(bram, block).path("lot").path("amount").asString()).isEqualTo("1 piece");
        assertThat(bram.post(
                                "/api/stock/lots/" + block + "/sawn",
                                Map.of("thickness", "3/8", "width", "1-1/2", "length", "5", "kerf", "0"))
                        .status())
                .isEqualTo(422);
    }

    @Test
    void a_bar_is_laid_out_promised_and_cut_and_its_offcut_stays() {
        long bar = Store.bar(olwen, "48 in");
        long first = Work.take(olwen, 3, KNIFE);
        for (long piece = first; piece < first + 3; piece++) {
            Work.doStep(shop, olwen, piece, "approve-outline");
        }
        JsonNode yield = bram.get("/api/stock/lots/" + bar + "/yield?piece=" + first)
                .isOk()
                .json();
        assertThat(yield.path("count").asInt()).isGreaterThanOrEqualTo(3);
        assertThat(yield.path("bar").path("blanks")).hasSize(yield.path("count").asInt());
        long thin = Store.receive(olwen, "BAR", "48 in", "1", "what=1084; thickness=1/16; width=2");
        assertThat(bram.get("/api/stock/lots/" + thin + "/yield?piece=" + first)
                        .isOk()
                        .json()
                        .path("why")
                        .asString())
                .contains("thinner");
        bram.post("/api/stock/lots/" + thin + "/take", Map.of("amount", "48 in", "words", ""))
                .isOk();
        JsonNode cutting = bram.get("/api/stock/cutting").isOk().json();
        assertThat(cutting.path("waiting")).hasSize(3);
        long run = bram.post(
                        "/api/stock/cutting",
                        Map.of(
                                "kerf", "1/16", "edge", "1/32", "clamp", "1", "useful", "6", "thicker", "1/32",
                                "seconds", 5))
                .isOk()
                .json()
                .path("id")
                .asLong();
        JsonNode plan = found(run);
        assertThat(plan.path("bars")).hasSize(1);
        assertThat(plan.path("notPlaced")).isEmpty();
        assertThat(plan.path("bars").get(0).path("blanks")).hasSize(3);
        double used = plan.path("bars").get(0).path("used").asDouble();
        bram.post("/api/stock/cutting/" + run + "/accept", Map.of("lot", bar)).isOk();
        cato.post("/api/stock/cutting/" + run + "/accept", Map.of("lot", bar)).isRefused(409, "out-of-turn");
        long cut = bram.get("/api/stock/cutting")
                .json()
                .path("planned")
                .get(0)
                .path("id")
                .asLong();
        assertThat(bram.get("/api/stock/cuts/" + cut + "/files/list.csv")
                        .isOk()
                        .text()
                        .lines())
                .hasSize(4);
        assertThat(bram.get("/api/stock/cuts/" + cut + "/files/template.svg")
                        .isOk()
                        .text())
                .contains("<svg");
        assertThat(bram.bytes("/api/stock/cuts/" + cut + "/files/template.pdf?paper=A4"))
                .startsWith("%PDF".getBytes());
        bram.post("/api/stock/cuts/" + cut + "/cut", Map.of()).isOk();
        assertThat(Store.lot(bram, bar).path("lot").path("lengthMillimetres").asDouble())
                .isCloseTo(48 * 25.4 - used, org.assertj.core.api.Assertions.within(0.1));
        assertThat(Store.need(bram, first, "steel").path("standing").asString()).isEqualTo("TAKEN");
        assertThat(bram.get("/api/stock/cutting").json().path("waiting")).isEmpty();
        bram.post("/api/stock/cuts/" + cut + "/cut", Map.of()).isRefused(409, "out-of-turn");
    }

    private JsonNode found(long run) {
        for (int i = 0; i < 200; i++) {
            JsonNode answer = bram.get("/api/stock/cutting/" + run).isOk().json();
            if (answer.path("plan").isObject()) {
                return answer.path("plan");
            }
            try {
                Thread.sleep(100);
            } catch (InterruptedException stopped) {
                throw new IllegalStateException(stopped);
            }
        }
        throw new AssertionError("The search did not end");
    }
}
