package hiltboard.acceptance;

import hiltboard.server.fire.KilnWatch;
import java.time.Duration;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import tools.jackson.databind.JsonNode;

/** Kilns and loads over HTTP, as the page's commands work them; time passes by the shop's clock. */
final class Fires {
    private final RunningShop shop;
    private final Client maker;

    Fires(RunningShop shop, Client maker) {
        this.shop = shop;
        this.maker = maker;
    }

    /** A kiln of 3 kW that is up at 1500 °F in 70 minutes and needs 5 hours down to 400 °F. */
    long kiln(Client owner, String name) {
        return owner.post("/api/fire/kilns", form(name))
                .isOk()
                .json()
                .path("about")
                .asLong();
    }

    static Map<String, String> form(String name) {
        Map<String, String> form = new HashMap<>(plate(name));
        form.putAll(Map.of("controller", "STAND_IN", "address", ""));
        return form;
    }

    /** What the page asks where there is one kind of controller. */
    static Map<String, String> plate(String name) {
        return Map.ofEntries(
                Map.entry("name", name),
                Map.entry("watts", "3000"),
                Map.entry("heatsTo", "1500 F"),
                Map.entry("heatsIn", "70 min"),
                Map.entry("coolsTo", "400 F"),
                Map.entry("coolsIn", "5 h"),
                Map.entry("most", "2100 F"),
                Map.entry("width", "6 in"),
                Map.entry("height", "5 in"),
                Map.entry("depth", "18 in"),
                Map.entry("slots", "6"));
    }

    long plan(long kiln, String treatment, long... pieces) {
        long load = maker.post("/api/fire/loads", Map.of("kiln", kiln, "treatment", treatment))
                .isOk()
                .json()
                .path("about")
                .asLong();
        for (long piece : pieces) {
            tell(load, "join", Map.of("piece", piece)).isOk();
        }
        return load;
    }

    Client.Answer tell(long load, String what, Object body) {
        return maker.post("/api/fire/loads/" + load + "/" + what, body);
    }

    JsonNode load(long load) {
        return maker.get("/api/fire/loads/" + load).isOk().json();
    }

    /** Everything on the list ready, somebody at the door and somebody at the quench. */
    void prepare(long load) {
        load(load)
                .path("ready")
                .forEach(line -> tell(
                                load, "ready", Map.of("line", line.path("line").asString(), "isReady", true))
                        .isOk());
        List<Long> people = people();
        tell(load, "hands", Map.of("at", "DOOR", "person", people.get(1))).isOk();
        tell(load, "hands", Map.of("at", "QUENCH", "person", people.get(2))).isOk();
    }

    /** Who works here, by number; the owner first. */
    List<Long> people() {
        return maker.get("/api/people")
                .json()
                .valueStream()
                .map(person -> person.path("id").asLong())
                .toList();
    }

    /** A piece that is worked up to a step of its route. */
    long ready(Client owner, Map<String, String> answers, String until) {
        long piece = Work.take(owner, 1, answers);
        Work.workUpTo(shop, maker, piece, until);
        return piece;
    }

    String standing(long piece, String operation) {
        return Work.step(Work.piece(maker, piece), operation).path("standing").asString();
    }

    /** A load of these pieces, lit, and in the kiln when it has had so long to come up. */
    long burn(long kiln, String treatment, Duration heating, long... pieces) {
        long load = plan(kiln, treatment, pieces);
        lightAndHeat(load, heating);
        in(kiln, load);
        return load;
    }

    /** Lights a load and lets the kiln come up. */
    void lightAndHeat(long load, Duration time) {
        prepare(load);
        tell(load, "light", Map.of()).isOk();
        pass(time);
    }

    /** In through the door, shut again after twenty seconds. */
    void in(long kiln, long load) {
        door(kiln, true);
        pass(Duration.ofSeconds(20));
        tell(load, "in", Map.of()).isOk();
        door(kiln, false);
    }

    void door(long kiln, boolean isOpen) {
        maker.post("/api/fire/kilns/" + kiln + "/door", Map.of("isOpen", isOpen))
                .isOk();
    }

    /** Lets time pass in the shop, with a look at the kilns now and then. */
    void pass(Duration time) {
        KilnWatch watch = shop.bean(KilnWatch.class);
        Duration step = time.compareTo(Duration.ofMinutes(20)) > 0 ? Duration.ofMinutes(10) : Duration.ofSeconds(20);
        for (Duration left = time; !left.isZero() && !left.isNegative(); left = left.minus(step)) {
            shop.clock().putForward(left.compareTo(step) < 0 ? left : step);
            watch.look();
        }
    }

    /** Until the soak of a load is up. */
    void soak(long load) {
        for (int i = 0; i < 200; i++) {
            JsonNode soaking = load(load).path("soaking");
            if (soaking.path("isRecovered").asBoolean()
                    && soaking.path("soakedSeconds").asLong()
                            >= soaking.path("wantedSeconds").asLong()) {
                return;
            }
            pass(Duration.ofSeconds(soaking.path("wantedSeconds").asLong() > 3600 ? 600 : 20));
        }
        throw new AssertionError("It never soaked: " + load(load).path("soaking"));
    }

    Client.Answer out(long load, long piece) {
        return tell(load, "out", Map.of("piece", piece, "sure", false));
    }

    JsonNode inLoad(long load, long piece) {
        return load(load)
                .path("pieces")
                .valueStream()
                .filter(each -> each.path("id").asLong() == piece)
                .findFirst()
                .orElseThrow();
    }

    /** Hardens these pieces together, every one of them hard, and ends the fire. */
    long harden(long kiln, long... pieces) {
        long load = burn(kiln, "HARDEN", Duration.ofMinutes(80), pieces);
        soak(load);
        for (long piece : pieces) {
            out(load, piece).isOk();
            tell(load, "file-test", Map.of("piece", piece, "skates", true)).isOk();
        }
        tell(load, "end", Map.of()).isOk();
        return load;
    }
}
