package hiltboard.server.demo;

import hiltboard.core.stock.StockField;
import hiltboard.core.stock.StockKind;
import hiltboard.server.ShopClock;
import hiltboard.server.access.Person;
import hiltboard.server.job.PieceFile;
import hiltboard.server.stock.PromiseService;
import hiltboard.server.stock.StockService;
import hiltboard.server.stock.StockService.NewLot;
import java.time.Duration;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.springframework.stereotype.Component;

/**
 * What lies on the racks of the demo shop: bars for its jobs, blocks, a gift, something that came broken, something
 * that runs out.
 */
@Component
class DemoStock {
    private static final String STEELYARD = "Steelyard at the Weir";
    private static final String WOOD = "Hollow Oak Timber";
    private static final String SUPPLY = "Bench Supply";
    private static final Set<String> PROMISED = Set.of("Wedding bowie", "Yanagi with a line");

    private final StockService stock;
    private final PromiseService promising;
    private final ShopClock clock;

    DemoStock(StockService stock, PromiseService promising, ShopClock clock) {
        this.stock = stock;
        this.promising = promising;
        this.clock = clock;
    }

    void fill(Person person) {
        bars(person);
        handles(person);
        fittings(person);
        consumables(person);
    }

    /** Two jobs have been promised what lies there for them. */
    void promise(List<PieceFile> pieces, Person person) {
        pieces.stream()
                .filter(file -> PROMISED.contains(file.jobTitle()))
                .forEach(file -> promising.promiseAll(file.id(), person, Diary.command(person)));
    }

    private void bars(Person person) {
        String[][] bars = {
            {"1095", "5/32", "1-1/2", "48 in", "2"},
            {"1095", "5/32", "1-1/2", "17 in", "1"},
            {"1084", "5/32", "1-1/2", "36 in", "2"},
            {"1084", "3/32", "1", "36 in", "2"},
            {"1084", "3/32", "2", "24 in", "1"},
            {"1075", "1/8", "1-1/2", "48 in", "1"},
            {"52100", "1/8", "1-1/2", "60 in", "1"},
            {"W2", "5/32", "2", "30 in", "1"},
            {"440C", ".140", "1-1/2", "48 in", "2"},
            {"75Ni8", "1/16", "1-1/2", "36 in", "3"},
            {"1084", "1/8", "1-1/2", "36 in", "5"},
            {"MILD_STEEL", "1/8", "1-1/2", "48 in", "2"},
            {"W2", "5/32", "1-1/2", "24 in", "1"},
            {"BRASS", "3/8", "1", "18 in", "1"},
            {"NICKEL_SILVER", "1/4", "1", "12 in", "1"}
        };
        for (String[] bar : bars) {
            put(
                    person,
                    40,
                    StockKind.BAR,
                    bar[3],
                    bar[4],
                    "what=" + (bar[0]) + "; section=FLAT; thickness=" + (bar[1]) + "; width=" + (bar[2])
                            + "; place=Bar rack; supplier=" + STEELYARD + "; leadDays=6; lowAt=12 in; cost=19");
        }
        put(
                person,
                30,
                StockKind.BAR,
                "20 in",
                "1",
                "what=5160; section=ROUND; diameter=1-1/4; place=Bar rack, forging; supplier=" + STEELYARD
                        + "; leadDays=6");
    }

    private void handles(Person person) {
        put(
                person,
                300,
                StockKind.BLOCK,
                "3",
                "1",
                "what=WALNUT; thickness=1; thicknessIs=NOMINAL; width=2; lengthEach=18; place=Wood shelf; supplier="
                        + WOOD + "; leadDays=10; cost=14");
        put(
                person,
                3650,
                StockKind.BLOCK,
                "1",
                "1",
                "what=BURL; thickness=1-1/2; width=2; lengthEach=5-1/2; voids=OPEN; grain=FIGURED; owner=GIFT; "
                        + "whose=Wenna’s grandfather, to become one knife for the family; place=Wood shelf, top");
        put(
                person,
                90,
                StockKind.SCALES,
                "4",
                "1",
                "what=MAPLE; thickness=3/8; width=1-3/4; lengthEach=5-1/2; place=Wood shelf; supplier=" + WOOD
                        + "; leadDays=10; cost=11; lowAt=2");
        put(
                person,
                90,
                StockKind.SCALES,
                "1",
                "1",
                "what=DENSE_OILY_WOOD; thickness=3/8; width=1-1/2; lengthEach=5; papers=HELD; papersNumber=in the "
                        + "blue folder; place=Wood shelf; supplier="
                        + WOOD + "; leadDays=21; cost=28; lowAt=2");
        put(
                person,
                25,
                StockKind.SCALES,
                "2",
                "1",
                "what=ANTLER; thickness=3/8; width=1-3/8; lengthEach=5; owner=CLIENT; whose=Carrow and Finch, from "
                        + "their own wood; place=Client shelf");
    }

    private void fittings(Person person) {
        put(
                person,
                60,
                StockKind.ROD,
                "12 in",
                "4",
                "what=BRASS; diameter=3/16; place=Drawer 3; supplier=" + SUPPLY
                        + "; leadDays=4; lowAt=12 in; cost=3.20");
        put(
                person,
                60,
                StockKind.ROD,
                "6 in",
                "1",
                "what=MOSAIC; diameter=1/4; place=Drawer 3; supplier=" + SUPPLY + "; leadDays=14; cost=21");
        put(
                person,
                50,
                StockKind.ROD,
                "12 in",
                "2",
                "what=BRASS; diameter=1/4; place=Drawer 3; supplier=" + SUPPLY
                        + "; leadDays=4; lowAt=12 in; cost=4.10");
        put(
                person,
                80,
                StockKind.FASTENER,
                "14",
                "1",
                "what=SCREW; diameter=3/16; lengthEach=3/8; place=Drawer 4; supplier=" + SUPPLY
                        + "; leadDays=4; lowAt=20; cost=0.90");
        clock.at(
                clock.now().minus(Duration.ofDays(3)),
                () -> stock.receive(
                        new NewLot(
                                StockKind.ROD.name(),
                                entries(
                                        StockKind.ROD,
                                        "what=MOSAIC; diameter=3/16; place=Drawer 3; supplier=" + SUPPLY
                                                + "; leadDays=14; cost=17"),
                                "6 in",
                                "2",
                                "",
                                "1",
                                "snapped in the post, the tube is crushed",
                                true),
                        person,
                        Diary.command(person)));
    }

    private void consumables(Person person) {
        String soon = clock.today().plusDays(12).toString();
        put(
                person,
                200,
                StockKind.ADHESIVE,
                "180",
                "1",
                "what=SLOW_EPOXY; openedOn=" + clock.today().minusDays(120).toString() + "; useBy=" + soon
                        + "; place=Cupboard; supplier=" + SUPPLY + "; leadDays=4; lowAt=100; cost=19");
        put(
                person,
                45,
                StockKind.BATH,
                "2 l",
                "1",
                "what=FERRIC_CHLORIDE; mixedOn=" + clock.today().minusDays(45).toString()
                        + "; strength=40:60 with water; place=Tank; cost=16");
        put(
                person,
                30,
                StockKind.STENCIL,
                "12",
                "1",
                "what=MARK; name=Shop mark, 3/8 in; place=Drawer 1; supplier=Stencil cutter; leadDays=9; lowAt=15; cost=1.40");
        put(
                person,
                20,
                StockKind.ABRASIVE,
                "14",
                "1",
                "what=BELT; grit=36; width=2 in; lengthEach=72 in; place=Belt wall; supplier=" + SUPPLY
                        + "; leadDays=4; lowAt=6; cost=5.60");
        put(
                person,
                20,
                StockKind.ABRASIVE,
                "3",
                "1",
                "what=BELT; grit=120; width=2 in; lengthEach=72 in; place=Belt wall; supplier=" + SUPPLY
                        + "; leadDays=4; lowAt=6; cost=5.60");
        put(
                person,
                20,
                StockKind.ABRASIVE,
                "5",
                "1",
                "what=BELT; grit=120; width=2 in; lengthEach=72 in; wear=STAINLESS_ONLY; place=Belt wall, right; cost=5.60");
        put(
                person,
                70,
                StockKind.CUTTER,
                "2",
                "1",
                "what=END_MILL; diameter=1/8; name=carbide; place=Mill drawer; supplier=" + SUPPLY
                        + "; leadDays=4; lowAt=2; cost=12");
        put(
                person,
                50,
                StockKind.CUTTER,
                "1",
                "1",
                "what=END_MILL; diameter=3/16; name=carbide; place=Mill drawer; supplier=" + SUPPLY
                        + "; leadDays=4; lowAt=1; cost=15");
        put(
                person,
                70,
                StockKind.CUTTER,
                "1",
                "1",
                "what=DRILL; diameter=F; sharpness=TIRED; place=Mill drawer; cost=4");
        put(
                person,
                120,
                StockKind.LEATHER,
                "9 sq ft",
                "1",
                "what=VEGETABLE; thickness=1/8; place=Leather roll; supplier=Tannery at the bridge; leadDays=12; lowAt=4 sq ft; cost=84");
        put(person, 400, StockKind.GAUGE, "1", "1", "what=GAUGE; name=Centre scribe; place=Bench 2");
    }

    private void put(Person person, int daysAgo, StockKind kind, String amount, String pieces, String answers) {
        clock.at(
                clock.now().minus(Duration.ofDays(daysAgo)),
                () -> stock.receive(
                        new NewLot(kind.name(), entries(kind, answers), amount, pieces, "", "", "", true),
                        person,
                        Diary.command(person)));
    }

    /** The usual answers, and these on top of them, written as {@code key=value; key=value}. */
    private static Map<String, String> entries(StockKind kind, String answers) {
        Map<String, String> entries = new LinkedHashMap<>();
        StockField.of(kind).stream()
                .filter(field -> field.isRequired() && !field.choices(kind).isEmpty())
                .forEach(field ->
                        entries.put(field.key(), field.choices(kind).get(0).value()));
        for (String answer : answers.split("; ")) {
            entries.put(answer.substring(0, answer.indexOf('=')), answer.substring(answer.indexOf('=') + 1));
        }
        return entries;
    }
}
