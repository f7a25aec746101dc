package hiltboard.acceptance;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import java.util.Map;
import java.util.stream.Collectors;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;

/** The calculators over HTTP against values from outside the project. */
class PublishedValuesTest {
    private static RunningShop shop;
    private static Client maker;

    @BeforeAll
    static void open() {
        shop = RunningShop.withTwoMakers();
        maker = shop.signedIn("bram");
    }

    @AfterAll
    static void close() {
        shop.close();
    }

    @ParameterizedTest(name = "{5} {0} {1}: {2} = {3} {4}")
    @CsvSource({
        "drill, least=.2280, drill, 0.228, in, '[table, memory] #1'",
        "drill, least=.1405, drill, 0.1405, in, '[table, memory] #28'",
        "drill, least=.251, drill, 0.257, in, '[table, memory] F is the next over a quarter'",
        "spindle-speed, diameter=1/8;speed=100;teeth=2;chip=.0005, turns, 3056, RPM, '[worked] 12 V ÷ (π D)'",
        "spindle-speed, diameter=1/8;speed=100;teeth=2;chip=.0005, feed, 3.06, in/min, '[worked] RPM · teeth · chip'",
        "grit-ladder, start=P36;finish=P400;reached=P36, steps, 5, grits, '[trade] 36 60 120 220 400'",
        "edge-from-bevel, width=.030;angle=20, thickness, 0.0205, in, '[worked] 2 w sin θ'",
        "surface-grinding, now=.170;wanted=.160;downfeed=.001;cleanUp=.003;width=1.5;crossfeed=.050, passes, 5, "
                + "passes a side, '[worked]'",
        "two-stations, parts=12, loads, 13, loads, '[worked] n + 1'",
        "any-scale-fits, pin=.250;hole=.251;place=.001;holes=2, worst, 0.003, in, '[worked]'",
        "finishing-allowance, wanted=.020;taken=.005, cut, 0.025, in, '[trade]'",
        "inside-curve, radius=1/2;paper=.040, wheel, 0.92, in, '[trade] form radius + paper = radius'",
        "distal-taper, heel=.2;point=.1;blade=8, at 102 mm, 0.15, in, '[worked]'",
        "length, length=#28, length, 0.1405, in, '[table, memory]'",
        "length, length=F, length, 0.257, in, '[table, memory]'",
        "length, length=1-1/2 in, length, 1.5, in, '[worked]'",
        "length, length=163 thou, length, 0.163, in, '[worked]'",
        "length, length=4.2 mm, length, 0.1654, in, '[NIST SP 811] 4.2 / 25.4'",
        "centre-line, thickness=0.163, height, 0.0815, in, '[worked]'",
        "pin-hole, pin=1/4, drill, 0.257, in, '[trade]'",
        "guard-slot, tangWidth=0.690;tangThickness=0.163;guardThickness=0.366, width, 0.170, in, '[trade]'",
        "guard-slot, tangWidth=0.690;tangThickness=0.163;guardThickness=0.366, cutter, 0.125, in, '[trade]'",
        "guard-slot, tangWidth=0.690;tangThickness=0.163;guardThickness=0.366, length, 0.815, in, '[trade]'",
        "guard-slot, tangWidth=0.690;tangThickness=0.163;guardThickness=0.366, pocketDepth, 0.346, in, '[trade]'",
        "bevel-angle, stock=0.156;edge=0.020;height=1, angle, 3.89, °, '[worked]'",
        "hollow-depth, wheel=8;width=1, depth, 0.0314, in, '[worked]'",
        "two-tones, first=210 s;second=30 s, alone, 180, s, '[worked] 210 − 30'",
        "two-tones, first=210 s;second=30 s, together, 30, s, '[worked]'",
        "electro-etch, amperes=2;area=20;efficiency=100;time=180 s, density, 0.10, A/cm², '[worked] 2 ÷ 20'"
    })
    void calculators_give_published_values(
            String name, String inputs, String result, double value, String unit, String source) {
        Map<String, String> body = Arrays.stream(inputs.split(";"))
                .map(pair -> pair.split("="))
                .collect(Collectors.toMap(pair -> pair[0], pair -> pair[1]));
        JsonNode answer = maker.post("/api/calc/" + name, body).isOk().json();
        JsonNode found = answer.path("results")
                .valueStream()
                .filter(each -> each.path("name").asString().equals(result))
                .findFirst()
                .orElseThrow();
        assertThat(Double.parseDouble(found.path("value").asString())).isEqualTo(value);
        assertThat(found.path("unit").asString()).isEqualTo(unit);
        assertThat(found.path("working")).isNotEmpty();
    }

    @Test
    void a_quantity_may_also_go_in_as_value_and_unit() {
        JsonNode answer = maker.post("/api/calc/centre-line", Map.of("thickness", Map.of("value", 4, "unit", "mm")))
                .isOk()
                .json();
        assertThat(answer.path("understood").path("thickness").asString()).isEqualTo("≈ 0.1575 in");
        assertThat(answer.path("results").get(0).path("value").asString()).isEqualTo("0.0787");
    }

    @Test
    void a_bad_entry_is_named_with_what_was_given_and_what_is_accepted() {
        JsonNode problem = maker.post("/api/calc/guard-slot", Map.of("tangWidth", "wide", "tangThickness", ".163"))
                .isRefused(422, "entries")
                .json();
        assertThat(problem.path("findings")
                        .valueStream()
                        .map(finding -> finding.path("field").asString()))
                .containsExactly("tangWidth", "guardThickness");
        assertThat(problem.path("findings").get(0).path("given").asString()).isEqualTo("wide");
        assertThat(problem.path("findings").get(0).path("accepted").asString()).contains("3/16");
        maker.post("/api/calc/bevel-angle", Map.of("stock", "0.1", "edge", "0.2", "height", "1"))
                .isRefused(422, "entries");
        maker.post("/api/calc/no-such", Map.of()).isRefused(404, "not-there");
    }
}
