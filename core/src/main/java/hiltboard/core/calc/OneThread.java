package hiltboard.core.calc;

import hiltboard.core.field.Kind;
import hiltboard.core.measure.ThreadSize;
import hiltboard.core.measure.Understood;
import hiltboard.core.measure.Units;

/** A thread by its usual name. */
record OneThread() implements Kind<ThreadSize> {

    @Override
    public Class<ThreadSize> type() {
        return ThreadSize.class;
    }

    @Override
    public Understood<ThreadSize> read(String entry, Units units) {
        return ThreadSize.named(entry)
                .<Understood<ThreadSize>>map(Understood.Value::new)
                .orElseGet(() -> Understood.unread(entry, accepted(units)));
    }

    @Override
    public String accepted(Units units) {
        return "a thread such as 6-32, 1/4-20, M5 or M2.5×0.45";
    }

    @Override
    public String words(ThreadSize thread, Units units) {
        return thread.name();
    }

    @Override
    public String kept(ThreadSize thread) {
        return thread.name();
    }

    @Override
    public ThreadSize restored(String kept) {
        return ThreadSize.named(kept).orElseThrow();
    }
}
