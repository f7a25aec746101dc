package hiltboard.core.fire;

import hiltboard.core.material.Quench;
import hiltboard.core.material.Steel;
import hiltboard.core.measure.Length;
import hiltboard.core.measure.Mass;
import hiltboard.core.measure.Temperature;
import java.time.Duration;
import java.util.List;

/** Kilns and pieces to try them with. */
final class Kilns {
    private Kilns() {}

    static Kiln usual() {
        return new Kiln(
                3000,
                12_000,
                1.0,
                12,
                12,
                Temperature.ofCelsius(1150),
                Duration.ofSeconds(30),
                new Kiln.Space(mm("150"), mm("130"), mm("450"), 6));
    }

    static Length mm(String millimetres) {
        return Length.ofMillimetres(millimetres);
    }

    static LoadPiece piece(long id, String steel) {
        return piece(id, steel, LoadPiece.Cover.BARE);
    }

    static LoadPiece piece(long id, String name, LoadPiece.Cover cover) {
        Steel steel = Steel.named(name).orElseThrow();
        return new LoadPiece(
                id,
                "P" + id,
                need(steel, steel.soak(), steel.quench()),
                mm("260"),
                mm("32"),
                mm("4"),
                Mass.ofGrams(180),
                cover,
                List.of());
    }

    static HeatNeed need(Steel steel, Duration soak, Quench quench) {
        return new HeatNeed(steel, steel.hardening(), soak, quench, steel.tempering(), false);
    }
}
