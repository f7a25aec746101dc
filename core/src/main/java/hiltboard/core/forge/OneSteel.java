package hiltboard.core.forge;

import hiltboard.core.field.Kind;
import hiltboard.core.field.Option;
import hiltboard.core.material.SteelLibrary;
import hiltboard.core.measure.Understood;
import hiltboard.core.measure.Units;
import java.util.List;

/** A steel that a smith of this shop can weld, by its designation; kept as that. */
record OneSteel(SteelLibrary steels) implements Kind<ForgeSteel> {

    @Override
    public Class<ForgeSteel> type() {
        return ForgeSteel.class;
    }

    @Override
    public Understood<ForgeSteel> read(String entry, Units units) {
        return ForgeSteel.named(entry, steels)
                .<Understood<ForgeSteel>>map(Understood.Value::new)
                .orElseGet(() -> Understood.unread(entry, accepted(units)));
    }

    @Override
    public String accepted(Units units) {
        return "a steel that is known here, such as 1084, 75Ni8 or mild steel";
    }

    @Override
    public String words(ForgeSteel steel, Units units) {
        return steel.words();
    }

    @Override
    public String kept(ForgeSteel steel) {
        return steel.key();
    }

    @Override
    public ForgeSteel restored(String kept) {
        return ForgeSteel.named(kept, steels).orElseThrow();
    }

    @Override
    public List<Option> options() {
        return ForgeSteel.all(steels).stream()
                .map(steel -> new Option(steel.key(), steel.words()))
                .toList();
    }
}
