package hiltboard.core.forge;

import hiltboard.core.field.OneNamed;
import hiltboard.core.field.Option;
import hiltboard.core.material.Density;
import hiltboard.core.material.EtchTone;
import hiltboard.core.material.FittingMaterial;
import hiltboard.core.material.Grade;
import hiltboard.core.material.SteelLibrary;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * A steel as the smith knows it at the fire.
 *
 * @param key its standard designation, or MILD_STEEL
 * @param tone how dark an etch leaves it
 */
public record ForgeSteel(String key, String words, Density density, EtchTone tone) {
    private static ForgeSteel of(String key, String words, Grade grade) {
        return new ForgeSteel(key, words, grade.density(), EtchTone.of(grade.composition()));
    }

    /** What a smith of this shop can weld: every steel that it hardens, and mild steel beside them. */
    public static List<ForgeSteel> all(SteelLibrary steels) {
        return Stream.concat(
                        steels.all().stream().map(steel -> of(steel.designation(), steel.designation(), steel.grade())),
                        Stream.of(of(FittingMaterial.MILD_STEEL.name(), "mild steel", Grade.mild())))
                .toList();
    }

    /** One of them, as an answer to a field. */
    static OneNamed<ForgeSteel> anyOf(SteelLibrary steels) {
        return new OneNamed<>(
                ForgeSteel.class,
                name -> named(name, steels),
                ForgeSteel::key,
                "a steel that is known here, such as 1084, 75Ni8 or mild steel",
                all(steels).stream()
                        .map(steel -> new Option(steel.key, steel.words))
                        .toList());
    }

    /** By its key, its words or its standard designation, whatever the case of the letters. */
    public static Optional<ForgeSteel> named(String name, SteelLibrary steels) {
        String asked = name.strip().toUpperCase(Locale.ROOT);
        return all(steels).stream()
                .filter(steel -> steel.key.toUpperCase(Locale.ROOT).equals(asked)
                        || steel.words.toUpperCase(Locale.ROOT).equals(asked)
                        || !steel.isHardened() && asked.equals(Grade.mild().designation()))
                .findFirst();
    }

    /** Whether it is hardened, and so a steel of the library. */
    public boolean isHardened() {
        return !key.equals(FittingMaterial.MILD_STEEL.name());
    }
}
