package hiltboard.acceptance.bench;

import hiltboard.core.fire.Kiln;
import hiltboard.core.fire.KilnState;
import hiltboard.core.fire.Segment;
import hiltboard.core.measure.Length;
import hiltboard.core.measure.Temperature;
import hiltboard.server.Program;
import hiltboard.server.device.ConnectedKiln.Shown;
import hiltboard.server.fire.KilnLog;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.time.Duration;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import org.springframework.transaction.support.TransactionTemplate;

/**
 * Ten years of a kiln's log: a fire on every day, a reading every five seconds, as a thermocouple gives them, with its
 * flicker.
 */
final class KilnYears {
    private static final int YEARS = 10;
    private static final int DAYS = YEARS * 365;
    /** Of a day, eight hours less a little: 20 million readings in ten years. */
    private static final int READINGS_A_DAY = 5_480;

    private static final int SECONDS = 5;
    private static final int KINDS_OF_DAYS = 24;
    private static final double FLICKER_KELVIN = 0.15;

    private KilnYears() {}

    /** @param bytes by which the file of data grew */
    record Filled(long readings, long bytes, LocalDate last) {}

    static Filled fill(Path folder) throws Exception {
        long before = Files.size(folder.resolve("shop.db"));
        LocalDate last = LocalDate.now().minusDays(30);
        try (Program shop = new Program(
                Clock.systemDefaultZone(),
                Map.of("server.port", 0, "hilt.data", folder, "hilt.demo", true),
                started -> {})) {
            KilnLog log = shop.context().getBean(KilnLog.class);
            TransactionTemplate transactions = shop.context().getBean(TransactionTemplate.class);
            List<double[]> days = days();
            Random chance = new Random(10);
            for (int i = 0; i < DAYS; i++) {
                List<Shown> shown = day(days.get(i % KINDS_OF_DAYS), last.minusDays(DAYS - 1L - i), chance);
                transactions.executeWithoutResult(status -> log.append(1, shown));
            }
        }
        return new Filled((long) DAYS * READINGS_A_DAY, Files.size(folder.resolve("shop.db")) - before, last);
    }

    /** By the model of the stand-in: up, held, the door a few times, down. */
    private static List<double[]> days() {
        Length mm = Length.ofMillimetres("400");
        Kiln kiln = Kiln.measured(
                3000,
                Temperature.ofCelsius(815),
                Duration.ofMinutes(70),
                Temperature.ofCelsius(205),
                Duration.ofHours(5),
                Temperature.ofCelsius(1150),
                new Kiln.Space(mm, mm, mm, 6));
        List<double[]> days = new ArrayList<>();
        for (int kind = 0; kind < KINDS_OF_DAYS; kind++) {
            Random chance = new Random(kind);
            double heat = 200 + chance.nextInt(850);
            KilnState state = KilnState.cold(kiln)
                    .lit(List.of(new Segment(
                            Temperature.ofCelsius(heat),
                            0,
                            Optional.of(Duration.ofMinutes(20 + chance.nextInt(120))))));
            double[] shown = new double[READINGS_A_DAY];
            for (int i = 0; i < READINGS_A_DAY; i++) {
                state = chance.nextInt(400) == 0 ? state.door(true) : state.isDoorOpen() ? state.door(false) : state;
                state = state.after(SECONDS);
                shown[i] = state.reading().orElseThrow();
            }
            days.add(shown);
        }
        return days;
    }

    private static List<Shown> day(double[] curve, LocalDate day, Random chance) {
        long from = day.atTime(8, 0).atZone(ZoneId.systemDefault()).toInstant().toEpochMilli();
        List<Shown> shown = new ArrayList<>(curve.length);
        for (int i = 0; i < curve.length; i++) {
            shown.add(new Shown(
                    from + i * SECONDS * 1000L,
                    Optional.of(curve[i] + chance.nextGaussian() * FLICKER_KELVIN),
                    curve[0] > 0 ? 815 : 0));
        }
        return shown;
    }
}
