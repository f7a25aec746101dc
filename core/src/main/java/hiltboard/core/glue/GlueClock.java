package hiltboard.core.glue;

import hiltboard.core.glue.AdhesiveSheet.Times;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalTime;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * What an adhesive does from the moment its parts met, by the least and the most that its times may be.
 *
 * @param mixed when its parts met
 * @param isBedded whether the handle is pulled again before it sets
 */
public record GlueClock(Instant mixed, Times times, boolean isBedded) {
    private static final LocalTime EVENING = LocalTime.of(18, 0);
    private static final LocalTime MORNING = LocalTime.of(7, 0);

    /** Where it stands. */
    public enum Phase {
        WORKED,
        GELLING,
        PULLED,
        SETTING,
        HANDLED,
        CURED
    }

    /** From when, to when it is so at the longest. */
    public record Stretch(Phase phase, Instant from, Optional<Instant> to) {}

    /** Everything that is waited for, in its order. */
    public List<Stretch> stretches() {
        List<Stretch> all = new ArrayList<>();
        Instant gels = mixed.plus(times.working().range().least());
        all.add(new Stretch(Phase.WORKED, mixed, Optional.of(gels)));
        Optional<Pull> pull = pull();
        Instant setting =
                pull.map(Pull::to).orElse(mixed.plus(times.working().range().most()));
        if (pull.isPresent()) {
            all.add(new Stretch(Phase.GELLING, gels, Optional.of(pull.get().from())));
            all.add(new Stretch(
                    Phase.PULLED, pull.get().from(), Optional.of(pull.get().to())));
        } else {
            all.add(new Stretch(Phase.GELLING, gels, Optional.of(setting)));
        }
        Instant cured = mixed.plus(times.cured().usual());
        Optional<Instant> handled = times.handled()
                .map(handles -> mixed.plus(handles.usual()))
                .filter(at -> at.isAfter(setting) && at.isBefore(cured));
        all.add(new Stretch(Phase.SETTING, setting, Optional.of(handled.orElse(cured))));
        handled.ifPresent(at -> all.add(new Stretch(Phase.HANDLED, at, Optional.of(cured))));
        all.add(new Stretch(Phase.CURED, cured, Optional.empty()));
        return List.copyOf(all);
    }

    /** Which of them it is in. */
    public Stretch at(Instant now) {
        List<Stretch> all = stretches();
        for (int i = all.size() - 1; i > 0; i--) {
            if (!now.isBefore(all.get(i).from())) {
                return all.get(i);
            }
        }
        return all.get(0);
    }

    /**
     * When a bedded handle can be pulled whatever the adhesive is like: from the usual grip to the least that it sets
     * in.
     */
    public record Pull(Instant from, Instant to) {
        /** Whether somebody would have to be there outside the day's hours. */
        public boolean isAtNight(ZoneId zone) {
            LocalTime begins = from.atZone(zone).toLocalTime();
            LocalTime ends = to.atZone(zone).toLocalTime();
            return ends.isAfter(EVENING) || ends.isBefore(MORNING) || begins.isBefore(MORNING);
        }

        public Duration open() {
            return Duration.between(from, to);
        }
    }

    /** Empty where it is not bedded, or where its sheet says neither. */
    public Optional<Pull> pull() {
        if (!isBedded || times.grips().isEmpty() || times.sets().isEmpty()) {
            return Optional.empty();
        }
        return Optional.of(new Pull(
                mixed.plus(times.grips().get().usual()),
                mixed.plus(times.sets().get().usual())));
    }
}
