package hiltboard.server.demo;

import hiltboard.core.fire.KilnCheck.Grain;
import hiltboard.core.fire.Treatment;
import hiltboard.core.fire.Warp;
import hiltboard.server.ShopClock;
import hiltboard.server.access.Person;
import hiltboard.server.device.KilnConnector;
import hiltboard.server.fire.AfterFireService;
import hiltboard.server.fire.AfterFireService.AskedWarp;
import hiltboard.server.fire.Firings;
import hiltboard.server.fire.KilnWatch;
import hiltboard.server.fire.Kilns;
import hiltboard.server.fire.Kilns.AskedCheck;
import hiltboard.server.fire.Kilns.AskedKiln;
import hiltboard.server.fire.LoadPlanning;
import hiltboard.server.fire.TreaterService;
import hiltboard.server.fire.TreaterService.AskedPiece;
import hiltboard.server.fire.TreaterService.AskedSheet;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Supplier;
import org.springframework.stereotype.Component;

/**
 * The demo shop's fire: two kilns, two knives that were hardened and tempered yesterday, a load that waits to be lit, a
 * blade at the treater's.
 */
@Component
class DemoFire {
    private static final Map<String, String> SMALL = Map.of(
            "bladeLength",
            "4-1/2",
            "heelWidth",
            "1",
            "stockThickness",
            "1/8",
            "notches",
            "NONE",
            "bevels",
            "AFTER_HARDENING");

    private final Kilns kilns;
    private final KilnWatch watch;
    private final LoadPlanning loads;
    private final Firings firings;
    private final AfterFireService after;
    private final TreaterService treater;
    private final ShopClock clock;

    DemoFire(
            Kilns kilns,
            KilnWatch watch,
            LoadPlanning loads,
            Firings firings,
            AfterFireService after,
            TreaterService treater,
            ShopClock clock) {
        this.kilns = kilns;
        this.watch = watch;
        this.loads = loads;
        this.firings = firings;
        this.after = after;
        this.treater = treater;
        this.clock = clock;
    }

    void light(DemoShop.Work shop, Person owner, List<Person> makers) {
        long herbs = shop.take(24, 26, "Herb knife", "Tilda Marsh", "Parsley by the bucket.", 1, List.of(), SMALL);
        long tomatoes =
                shop.take(23, 27, "Tomato knife", "Jory Penn", "Tomatoes, and the odd sausage.", 1, List.of(), cased());
        long cheese = shop.take(
                12, 44, "Cheese knife", "Sedge Row Dairy", "Hard cheese, cut thin for tasting.", 1, List.of(), SMALL);
        long skinner = shop.take(
                20,
                35,
                "Skinning knife",
                "Nessa Crowe",
                "Two deer a winter.",
                1,
                List.of(),
                Map.of("steel", "X46Cr13", "hardening", "OUTSIDE", "stockThickness", "1/8"));
        List.of(herbs, tomatoes).forEach(piece -> shop.work(piece, "harden", Duration.ofHours(30)));
        shop.work(cheese, "harden", Duration.ofHours(4));
        shop.work(skinner, "send-out", Duration.ofHours(50));
        Instant lit = clock.now().minus(Duration.ofHours(27));
        Hands hands = new Hands(lit, owner, makers);
        long kiln = at(
                lit,
                () -> kilns.keep(
                                new AskedKiln(
                                        "Long kiln",
                                        "3000",
                                        "1500 F",
                                        "70 min",
                                        "400 F",
                                        "5 h",
                                        "2100 F",
                                        "6 in",
                                        "5 in",
                                        "20 in",
                                        "6",
                                        KilnConnector.STAND_IN,
                                        ""),
                                owner,
                                Diary.command(owner))
                        .about());
        List.of("1452 F, 1450 F", "1502 F, 1500 F", "1553 F, 1550 F")
                .forEach(read -> at(
                        lit,
                        () -> kilns.check(
                                kiln,
                                new AskedCheck(read.split(", ")[0], read.split(", ")[1], Grain.FINE.name()),
                                makers.get(0),
                                Diary.command(makers.get(0)))));
        long oven = at(
                lit,
                () -> kilns.keep(
                                new AskedKiln(
                                        "Tempering oven",
                                        "1500",
                                        "450 F",
                                        "25 min",
                                        "200 F",
                                        "70 min",
                                        "600 F",
                                        "14 in",
                                        "10 in",
                                        "18 in",
                                        "12",
                                        KilnConnector.STAND_IN,
                                        ""),
                                owner,
                                Diary.command(owner))
                        .about());
        hands.harden(kiln, herbs, tomatoes);
        hands.temper(oven, herbs, tomatoes);
        List.of(herbs, tomatoes).forEach(piece -> shop.work(piece, "test-hardness", Duration.ofHours(18)));
        measured(herbs, tomatoes, makers.get(1));
        long next = loads.plan(kiln, Treatment.HARDEN.name(), makers.get(0), Diary.command(makers.get(0)))
                .about();
        loads.join(next, cheese, makers.get(0), Diary.command(makers.get(0)));
        AskedSheet sheet = new AskedSheet(
                "Heat treaters by the canal",
                "0.3 mm over the blade",
                true,
                "Thin at the point: hang it, please.",
                clock.today().plusDays(9).toString(),
                List.of(new AskedPiece(skinner, "NC 1")));
        at(clock.now().minus(Duration.ofHours(49)), () -> treater.send(sheet, owner, Diary.command(owner)));
    }

    /** It goes along to picnics. */
    private static Map<String, String> cased() {
        Map<String, String> answers = new HashMap<>(SMALL);
        answers.put("sheath", "FORMED");
        answers.put("carry", "NONE");
        return answers;
    }

    private void measured(long herbs, long tomatoes, Person maker) {
        at(
                clock.now().minus(Duration.ofHours(17)),
                () -> after.test(herbs, List.of("60", "60.5", "60.5"), true, maker, Diary.command(maker)));
        at(
                clock.now().minus(Duration.ofHours(17)),
                () -> after.test(tomatoes, List.of("59.5", "60", "60"), true, maker, Diary.command(maker)));
        at(
                clock.now().minus(Duration.ofHours(16)),
                () -> after.warped(
                        tomatoes,
                        new AskedWarp(Warp.Place.BELLY.name(), Warp.Direction.LEFT.name(), ".012 in"),
                        maker,
                        Diary.command(maker)));
    }

    private <T> T at(Instant then, Supplier<T> work) {
        List<T> result = new ArrayList<>();
        clock.at(then, () -> result.add(work.get()));
        return result.get(0);
    }

    /** Who stood at the fire yesterday, and when. */
    private final class Hands {
        private final Person owner;
        private final Person door;
        private final Person quench;
        private Instant now;

        Hands(Instant lit, Person owner, List<Person> makers) {
            this.now = lit;
            this.owner = owner;
            this.door = makers.get(1);
            this.quench = makers.get(0);
        }

        void harden(long kiln, long first, long second) {
            long load = planned(kiln, Treatment.HARDEN, first, second);
            doNow(() -> loads.hand(load, LoadPlanning.Place.DOOR, door.id(), quench, Diary.command(quench)));
            doNow(() -> loads.hand(load, LoadPlanning.Place.QUENCH, quench.id(), quench, Diary.command(quench)));
            doNow(() -> firings.light(load, quench, Diary.command(quench)));
            pass(Duration.ofMinutes(78), Duration.ofMinutes(6));
            open(kiln, Duration.ofSeconds(20));
            doNow(() -> firings.in(load, quench, Diary.command(quench)));
            pass(Duration.ofMinutes(9), Duration.ofSeconds(30));
            for (long piece : List.of(first, second)) {
                open(kiln, Duration.ofSeconds(10));
                doNow(() -> firings.out(load, piece, true, quench, Diary.command(quench)));
                pass(Duration.ofMinutes(2), Duration.ofSeconds(30));
                doNow(() -> firings.fileTest(load, piece, true, quench, Diary.command(quench)));
            }
            doNow(() -> firings.end(load, quench, Diary.command(quench)));
        }

        void temper(long oven, long first, long second) {
            long load = planned(oven, Treatment.FIRST_TEMPER, first, second);
            doNow(() -> firings.light(load, door, Diary.command(door)));
            pass(Duration.ofMinutes(24), Duration.ofMinutes(4));
            open(oven, Duration.ofSeconds(15));
            doNow(() -> firings.in(load, door, Diary.command(door)));
            pass(Duration.ofMinutes(140), Duration.ofMinutes(5));
            doNow(() -> firings.out(load, first, true, door, Diary.command(door)));
            doNow(() -> firings.end(load, door, Diary.command(door)));
        }

        private long planned(long kiln, Treatment treatment, long first, long second) {
            long load = at(
                    now,
                    () -> loads.plan(kiln, treatment.name(), quench, Diary.command(quench))
                            .about());
            doNow(() -> loads.join(load, first, quench, Diary.command(quench)));
            doNow(() -> loads.join(load, second, quench, Diary.command(quench)));
            at(now, () -> loads.readyLines(load, owner.units()))
                    .forEach(line -> doNow(() -> loads.ready(load, line, true, quench, Diary.command(quench))));
            return load;
        }

        private void open(long kiln, Duration time) {
            doNow(() -> kilns.door(kiln, true, door, Diary.command(door)));
            now = now.plus(time);
            doNow(() -> kilns.door(kiln, false, door, Diary.command(door)));
        }

        private void doNow(Supplier<?> work) {
            at(now, () -> {
                watch.look();
                return work.get();
            });
        }

        private void pass(Duration time, Duration step) {
            for (Instant end = now.plus(time); now.isBefore(end); now = now.plus(step)) {
                clock.at(now, watch::look);
            }
        }
    }
}
