package hiltboard.acceptance;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** Several makers at one fire, and pieces to which something happens while they are in it. */
class FireTogetherTest {
    private static RunningShop shop;
    private static Client owner;
    private static Client bram;
    private static Client cato;
    private static Fires fires;
    private static long kiln;

    @BeforeAll
    static void open() {
        shop = RunningShop.withTwoMakers();
        owner = shop.signedIn("olwen");
        bram = shop.signedIn("bram");
        cato = shop.signedIn("cato");
        fires = new Fires(shop, bram);
        kiln = fires.kiln(owner, "Kiln");
    }

    @AfterAll
    static void close() {
        shop.close();
    }

    private static List<String> whyNot(long load, long piece) {
        return fires.load(load)
                .path("candidates")
                .valueStream()
                .filter(each -> each.path("id").asLong() == piece)
                .findFirst()
                .orElseThrow()
                .path("whyNot")
                .valueStream()
                .map(JsonNode::asString)
                .toList();
    }

    @Test
    void two_who_say_at_once_who_stands_where_both_stay_said() {
        long load = fires.plan(kiln, "HARDEN", fires.ready(owner, Map.of(), "harden"));
        List<Long> people = fires.people();
        assertThat(fires.load(load).path("hands").path("doorBy").asLong())
                .as("as Bram's page has it still")
                .isZero();
        cato.post("/api/fire/loads/" + load + "/hands", Map.of("at", "DOOR", "person", people.get(1)))
                .isOk();
        bram.post("/api/fire/loads/" + load + "/hands", Map.of("at", "QUENCH", "person", people.get(2)))
                .isOk();
        JsonNode hands = fires.load(load).path("hands");
        assertThat(hands.path("doorBy").asLong()).isEqualTo(people.get(1));
        assertThat(hands.path("quenchBy").asLong()).isEqualTo(people.get(2));
        bram.post("/api/fire/loads/" + load + "/hands", Map.of("at", "DOOR", "person", 0))
                .isOk();
        assertThat(fires.load(load).path("hands").path("doorBy").asLong()).isZero();
        assertThat(fires.load(load).path("hands").path("quenchBy").asLong()).isEqualTo(people.get(2));
    }

    @Test
    void those_who_cannot_join_are_told_why_and_one_piece_waits_for_one_fire_of_a_kind() {
        long first = fires.ready(owner, Map.of(), "harden");
        long early = fires.ready(owner, Map.of(), "profile");
        long bare = fires.ready(owner, Map.of("steel", "440C"), "degrease-for-foil");
        long held = fires.ready(owner, Map.of(), "harden");
        bram.post("/api/pieces/" + held + "/hold", Map.of("words", "The client thinks it over"))
                .isOk();
        long load = fires.plan(kiln, "HARDEN", first);
        assertThat(String.join(" ", whyNot(load, early)))
                .contains("while the steel is soft")
                .contains("Open:");
        assertThat(String.join(" ", whyNot(load, bare))).contains("1900 °F").contains("foil");
        assertThat(whyNot(load, held)).contains("It is held: The client thinks it over");
        long other = bram.post("/api/fire/loads", Map.of("kiln", kiln, "treatment", "HARDEN"))
                .isOk()
                .json()
                .path("about")
                .asLong();
        assertThat(fires.tell(other, "join", Map.of("piece", first))
                        .isRefused(409, "out-of-turn")
                        .detail())
                .contains("another load of this kind");
        fires.tell(load, "leave", Map.of("piece", first)).isOk();
        fires.tell(other, "join", Map.of("piece", first)).isOk();
        assertThat(fires.tell(load, "light", Map.of())
                        .isRefused(409, "out-of-turn")
                        .detail())
                .contains("nothing in this load");
        assertThat(bram.post("/api/fire/loads", Map.of("kiln", kiln, "treatment", "ROAST"))
                        .status())
                .isEqualTo(422);
        assertThat(fires.tell(other, "ready", Map.of("line", "A brass band", "isReady", true))
                        .status())
                .isEqualTo(404);
        fires.tell(other, "give-up", Map.of("words", "Not today")).isOk();
        fires.tell(load, "give-up", Map.of("words", "Not today")).isOk();
        assertThat(fires.tell(load, "join", Map.of("piece", first))
                        .isRefused(409, "out-of-turn")
                        .detail())
                .contains("given up");
    }

    @Test
    void two_who_press_at_once_take_it_out_once_and_a_command_sent_twice_counts_once() {
        long own = fires.kiln(owner, "Kiln for two");
        long piece = fires.ready(owner, Map.of("steel", "O1"), "harden");
        long load = fires.plan(own, "HARDEN", piece);
        fires.lightAndHeat(load, Duration.ofMinutes(80));
        assertThat(bram.post("/api/fire/kilns/" + own + "/drop", Map.of()).status())
                .as("not a maker’s")
                .isEqualTo(403);
        assertThat(owner.post("/api/fire/kilns/" + own + "/drop", Map.of())
                        .isRefused(409, "out-of-turn")
                        .detail())
                .contains("burning");
        long second = fires.plan(own, "HARDEN", fires.ready(owner, Map.of("steel", "O1"), "harden"));
        assertThat(fires.tell(second, "light", Map.of())
                        .isRefused(409, "out-of-turn")
                        .detail())
                .contains("burns for another load");
        fires.in(own, load);
        fires.soak(load);
        String command = UUID.randomUUID().toString();
        String address = "/api/fire/loads/" + load + "/out";
        bram.postAs(command, address, Map.of("piece", piece, "sure", false)).isOk();
        bram.postAs(command, address, Map.of("piece", piece, "sure", false)).isOk();
        assertThat(cato.post(address, Map.of("piece", piece, "sure", false))
                        .isRefused(409, "out-of-turn")
                        .detail())
                .contains("out already");
        fires.tell(load, "file-test", Map.of("piece", piece, "skates", true)).isOk();
        assertThat(cato.post("/api/fire/loads/" + load + "/file-test", Map.of("piece", piece, "skates", false))
                        .isRefused(409, "out-of-turn")
                        .detail())
                .contains("it skated");
        fires.tell(load, "end", Map.of()).isOk();
        assertThat(fires.tell(load, "end", Map.of())
                        .isRefused(409, "out-of-turn")
                        .detail())
                .contains("over");
    }

    @Test
    @DisplayName("[trade] the soak being up calls everybody, and whoever takes the first piece out has heard it")
    void the_soak_calls_and_is_answered_by_taking_out() {
        long own = fires.kiln(owner, "Kiln that calls");
        long piece = fires.ready(owner, Map.of("steel", "5160"), "harden");
        long load = fires.burn(own, "HARDEN", Duration.ofMinutes(85), piece);
        fires.soak(load);
        fires.pass(Duration.ofSeconds(40));
        assertThat(calls("Kiln that calls")).isEqualTo(1);
        fires.pass(Duration.ofMinutes(2));
        assertThat(calls("Kiln that calls")).as("once").isEqualTo(1);
        fires.out(load, piece).isOk();
        assertThat(calls("Kiln that calls")).isZero();
    }

    private static long calls(String of) {
        return cato.get("/api/alarms")
                .json()
                .valueStream()
                .filter(alarm -> alarm.path("words").asString().equals(of + ": the soak is up (harden)"))
                .count();
    }

    @Test
    void a_door_that_is_left_open_is_called_and_the_soak_stands_still() {
        long own = fires.kiln(owner, "Kiln by the window");
        long piece = fires.ready(owner, Map.of("steel", "O1"), "harden");
        long load = fires.burn(own, "HARDEN", Duration.ofMinutes(80), piece);
        fires.pass(Duration.ofMinutes(7));
        long before = fires.load(load).path("soaking").path("soakedSeconds").asLong();
        fires.door(own, true);
        fires.pass(Duration.ofMinutes(3));
        assertThat(cato.get("/api/alarms").json().toString())
                .contains("Kiln by the window: The door stands open")
                .contains("Shut the door");
        assertThat(fires.load(load).path("soaking").path("soakedSeconds").asLong() - before)
                .isLessThan(40);
        fires.door(own, false);
        fires.soak(load);
        fires.out(load, piece).isOk();
    }

    @Test
    void what_happens_to_a_piece_in_the_fire_does_not_hold_up_the_others() {
        long own = fires.kiln(owner, "Kiln of mishaps");
        long scrapped = fires.ready(owner, Map.of("steel", "80CrV2"), "harden");
        long byHand = fires.ready(owner, Map.of("steel", "80CrV2"), "harden");
        long held = fires.ready(owner, Map.of("steel", "80CrV2"), "harden");
        long load = fires.burn(own, "HARDEN", Duration.ofMinutes(85), scrapped, byHand, held);
        fires.soak(load);
        for (long piece : List.of(scrapped, byHand, held)) {
            fires.out(load, piece).isOk();
        }
        bram.post(
                        Work.address(scrapped, "harden") + "/went-wrong",
                        Map.of(
                                "kind",
                                "CRACKED",
                                "words",
                                "From the heel up",
                                "measured",
                                "",
                                "wayBack",
                                "SCRAP",
                                "from",
                                "",
                                "sure",
                                false))
                .isOk();
        Work.done(bram, byHand, "harden").isOk();
        bram.post("/api/pieces/" + held + "/hold", Map.of("words", "A line on the flat, looked at tomorrow"))
                .isOk();
        fires.tell(load, "file-test", Map.of("piece", scrapped, "skates", true)).isOk();
        fires.tell(load, "file-test", Map.of("piece", byHand, "skates", true)).isOk();
        fires.tell(load, "file-test", Map.of("piece", held, "skates", true)).isOk();
        fires.tell(load, "end", Map.of()).isOk();
        assertThat(fires.standing(byHand, "harden")).isEqualTo("DONE");
        assertThat(fires.standing(held, "harden"))
                .as("its step waits for its maker")
                .isEqualTo("RUNNING");
        assertThat(Work.piece(bram, scrapped).path("now").path("standing").asString())
                .isEqualTo("SCRAPPED");
    }

    @Test
    void stress_relief_needs_no_step_of_the_route_and_a_hard_blade_is_kept_from_it() {
        long own = fires.kiln(owner, "Kiln for relief");
        long soft = fires.ready(owner, Map.of(), "harden");
        long hard = fires.ready(owner, Map.of(), "temper-first");
        long load = fires.plan(own, "STRESS_RELIEF", soft);
        assertThat(fires.tell(load, "join", Map.of("piece", hard))
                        .isRefused(409, "out-of-turn")
                        .detail())
                .contains("would soften it");
        fires.prepare(load);
        fires.tell(load, "light", Map.of()).isOk();
        fires.tell(load, "in", Map.of()).isOk();
        fires.pass(Duration.ofMinutes(60));
        fires.soak(load);
        fires.pass(Duration.ofSeconds(20));
        JsonNode face = bram.get("/api/fire")
                .isOk()
                .json()
                .path("kilns")
                .valueStream()
                .filter(each -> each.path("id").asLong() == own)
                .findFirst()
                .orElseThrow();
        assertThat(face.path("isLit").asBoolean())
                .as("it goes out by itself when the soak is up, not before")
                .isFalse();
        fires.out(load, soft).isOk();
        fires.tell(load, "end", Map.of()).isOk();
        assertThat(fires.standing(soft, "harden")).isEqualTo("READY");
        assertThat(bram.get("/api/fire/pieces/" + soft)
                        .json()
                        .path("fires")
                        .get(0)
                        .path("left")
                        .asString())
                .isEqualTo("done");
    }

    @Test
    void a_bar_of_the_shops_own_steel_serves_the_knife_that_is_made_of_it() {
        owner.post(
                        "/api/steels",
                        Map.ofEntries(
                                Map.entry("designation", "Shop 7"),
                                Map.entry("family", "carbon steel"),
                                Map.entry("source", "Sheet 7"),
                                Map.entry("C", "0.9"),
                                Map.entry("density", "7.85"),
                                Map.entry("hardening", "1480 F"),
                                Map.entry("soak", "5 min"),
                                Map.entry("quench", "fast oil"),
                                Map.entry("asQuenched", "65"),
                                Map.entry("tempering", "400 F"),
                                Map.entry("curve", "300 F = 64; 500 F = 58")))
                .isOk();
        long piece = Work.take(owner, 1, Map.of("steel", "Shop 7"));
        Store.receive(
                owner,
                "BAR",
                "36 in",
                "1",
                "what=OTHER; name=shop 7; section=FLAT; thickness=0.165 in; width=1-1/2 in");
        JsonNode need = Store.need(bram, piece, "steel");
        assertThat(need.path("words").asString()).isEqualTo("Shop 7 bar for the blade");
        assertThat(need.path("standing").asString())
                .as("a bar of it lies there")
                .isEqualTo("HERE");
    }

    @Test
    void a_curve_is_drawn_of_a_possible_stretch_and_a_day_is_a_day() {
        assertThat(bram.get("/api/fire/kilns/" + kiln + "/curve?from=10&to=5").status())
                .isEqualTo(422);
        assertThat(bram.get("/api/fire/kilns/" + kiln + "/curve?from=0").status())
                .as("since 1970")
                .isEqualTo(422);
        assertThat(bram.get("/api/fire/kilns/99/curve?from=0&to=5").status()).isEqualTo(404);
        assertThat(bram.get("/api/fire/kilns/" + kiln + "/day?day=someday")
                        .isRefused(422, "entries")
                        .detail())
                .contains("not a day");
        JsonNode day = bram.get("/api/fire/kilns/" + kiln + "/day").isOk().json();
        assertThat(day.path("toMillis").asLong() - day.path("fromMillis").asLong())
                .isBetween(23 * 3_600_000L - 1, 25 * 3_600_000L);
        assertThat(bram.get("/api/fire/kilns/" + kiln + "/day?day="
                                + day.path("before").asString())
                        .isOk()
                        .json()
                        .path("after")
                        .asString())
                .isEqualTo(day.path("day").asString());
    }
}
