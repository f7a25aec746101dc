package hiltboard.server.etch;

import hiltboard.core.etch.Current;
import hiltboard.core.etch.Electrolyte;
import hiltboard.core.etch.MarkClock;
import hiltboard.core.etch.MarkClock.Event;
import hiltboard.core.etch.MarkClock.Moment;
import hiltboard.core.route.Route.Step;
import hiltboard.core.route.Trait;
import hiltboard.server.Refusal;
import hiltboard.server.ShopClock;
import hiltboard.server.Typed;
import hiltboard.server.access.Person;
import hiltboard.server.etch.MarkRepository.MarkResult;
import hiltboard.server.etch.MarkRepository.MarkRow;
import hiltboard.server.etch.MarkRepository.NewMark;
import hiltboard.server.etch.MarkRepository.NewStencil;
import hiltboard.server.etch.MarkRepository.StencilFile;
import hiltboard.server.etch.MarkRepository.StencilRow;
import hiltboard.server.job.Photograph;
import hiltboard.server.job.PieceFile;
import hiltboard.server.job.PieceFiles;
import hiltboard.server.live.Changes;
import hiltboard.server.live.Command;
import hiltboard.server.live.Entry;
import hiltboard.server.live.Receipt;
import hiltboard.server.route.StepRepository.StepRow;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.util.Locale;
import java.util.Optional;
import org.springframework.stereotype.Service;

/** Stencils are asked for and used up, and marks are made with them. */
@Service
public class MarkService {
    private static final int LONGEST = 80;
    private static final Duration LONGEST_MARK = Duration.ofMinutes(30);
    private static final double SQUARE_CENTIMETRE = 100;
    private static final int BEGINNING = 2_000;

    private final MarkRepository marks;
    private final PieceFiles files;
    private final Changes changes;
    private final ShopClock clock;

    MarkService(MarkRepository marks, PieceFiles files, Changes changes, ShopClock clock) {
        this.marks = marks;
        this.files = files;
        this.changes = changes;
        this.clock = clock;
    }

    /**
     * A stencil as it was typed.
     *
     * @param marks that it is good for
     * @param askedOf who cuts it; empty where it is here already
     * @param wantedOn by which day; empty where that does not matter
     */
    public record AskedStencil(String name, String words, String marks, String askedOf, String wantedOn) {}

    public Receipt ask(AskedStencil asked, Person person, Command command) {
        Typed typed = new Typed(person.units());
        String name = typed.name("name", asked.name(), LONGEST);
        int count = typed.whole("marks", asked.marks(), 1, 500);
        String of = asked.askedOf().isBlank() ? "" : typed.name("askedOf", asked.askedOf(), LONGEST);
        Optional<String> on = asked.wantedOn().isBlank()
                ? Optional.empty()
                : Optional.of(typed.day("wantedOn", asked.wantedOn(), clock.today(), LocalDate.of(2100, 1, 1))
                        .toString());
        String words = Typed.words(asked.words());
        typed.mustBeUnderstood();
        return changes.make(command, () -> {
            long id = marks.ask(new NewStencil(name, words, count, of, on), person.id(), clock.nowMillis());
            if (of.isEmpty()) {
                marks.here(id, clock.nowMillis());
            }
            return Entry.ofShop(
                    Entry.Kind.STENCIL_KEPT,
                    "Stencil “" + name + "”" + (of.isEmpty() ? " is here" : " is asked of " + of),
                    id);
        });
    }

    /** What is to be cut. @throws Refusal if it is nothing that somebody cuts a stencil from */
    Receipt attach(long id, String fileName, byte[] original, Person person, Command command) {
        StencilFile file = read(fileName, original);
        return changes.make(command, () -> {
            StencilRow row = marks.stencil(id);
            marks.keep(id, file, person.id(), clock.nowMillis());
            return Entry.ofShop(
                    Entry.Kind.STENCIL_KEPT, "Stencil “" + row.name() + "”: " + fileName + " is to be cut", id);
        });
    }

    /** Drawings as lines are told by how they begin, whatever they are called. */
    private static StencilFile read(String fileName, byte[] original) {
        String begins =
                new String(original, 0, Math.min(original.length, BEGINNING), StandardCharsets.UTF_8).stripLeading();
        if (begins.startsWith("<") && begins.contains("<svg")) {
            return new StencilFile(fileName, "image/svg+xml", original);
        }
        if (begins.matches("(?s)0\\s+SECTION\\b.*") || begins.matches("(?s)999\\s.*\\b0\\s+SECTION\\b.*")) {
            return new StencilFile(fileName, "image/vnd.dxf", original);
        }
        return new StencilFile(fileName, Photograph.ofPaper(original).mediaType(), original);
    }

    Receipt here(long id, Command command) {
        return changes.make(command, () -> {
            StencilRow row = marks.stencil(id);
            marks.here(id, clock.nowMillis());
            return Entry.ofShop(Entry.Kind.STENCIL_KEPT, "Stencil “" + row.name() + "” is here", id);
        });
    }

    Receipt gone(long id, Command command) {
        return changes.make(command, () -> {
            StencilRow row = marks.stencil(id);
            marks.gone(id, clock.nowMillis());
            return Entry.ofShop(Entry.Kind.STENCIL_KEPT, "Stencil “" + row.name() + "” is used up", id);
        });
    }

    /** The step at which a piece is marked by current; empty where it is not. */
    static Optional<Step> marking(PieceFile file) {
        return file.route().steps().stream()
                .filter(step -> step.operation().key().equals("electro-mark"))
                .filter(step -> step.operation().is(Trait.MARKS))
                .findFirst();
    }

    /**
     * A mark as it was typed.
     *
     * @param stencil zero for one that is not written down
     * @param area open steel of the stencil in cm²
     * @param efficiency in percent of the current
     */
    public record AskedMark(
            long stencil,
            String place,
            String electrolyte,
            String current,
            String volts,
            String amperes,
            String area,
            String efficiency,
            String goal) {}

    public Receipt begin(long piece, AskedMark asked, Person person, Command command) {
        Electrolyte electrolyte = Typed.choice(
                Electrolyte.class,
                "electrolyte",
                asked.electrolyte(),
                "What carries the current is not said",
                "one of the choices");
        Current current = Typed.choice(
                Current.class, "current", asked.current(), "Which current it is is not said", "one of the choices");
        Typed typed = new Typed(person.units());
        String place = typed.name("place", asked.place(), LONGEST);
        double volts = positive(typed, "volts", asked.volts(), 60);
        double amperes = positive(typed, "amperes", asked.amperes(), 60);
        double area = positive(typed, "area", asked.area(), 400) * SQUARE_CENTIMETRE;
        double efficiency = positive(typed, "efficiency", asked.efficiency(), 100) / 100;
        Duration goal = typed.time("goal", asked.goal());
        if (goal.compareTo(LONGEST_MARK) > 0) {
            typed.find("goal", asked.goal(), "So long does nobody mark", "up to 30 min in all");
        }
        typed.mustBeUnderstood();
        return changes.make(command, () -> {
            PieceFile file = files.openAlive(piece);
            Step step = marking(file).orElseThrow(() -> Refusal.outOfTurn(file.name() + " is not marked by current."));
            if (file.row(step).filter(StepRow::isUnderWay).isEmpty()) {
                throw Refusal.outOfTurn("Start “" + step.operation().title() + "” on " + file.name()
                        + " first: its gate says what is missing.");
            }
            if (asked.stencil() != 0) {
                mustBeUsable(marks.stencil(asked.stencil()));
            }
            long id = marks.begin(
                    new NewMark(
                            piece,
                            asked.stencil(),
                            place,
                            electrolyte,
                            current,
                            volts,
                            amperes,
                            area,
                            efficiency,
                            goal.toSeconds()),
                    person.id(),
                    clock.nowMillis());
            return entry(file, id, "a mark at the " + place + " is begun");
        });
    }

    private static double positive(Typed typed, String field, String entry, long most) {
        double number = typed.number(field, entry, 0, most);
        if (number <= 0) {
            typed.find(field, entry, "Nothing flows then", "more than 0, up to " + most);
        }
        return number;
    }

    private static void mustBeUsable(StencilRow stencil) {
        if (!stencil.isHere()) {
            throw Refusal.entry("stencil", stencil.name(), "This stencil is not here yet", "one that is here");
        }
    }

    private static Entry entry(PieceFile file, long mark, String words) {
        return new Entry(
                Entry.Kind.MARK_MOMENT,
                Optional.of(file.jobId()),
                Optional.of(file.id()),
                file.name() + ": " + words,
                mark);
    }

    public record AskedSwitch(String moment) {}

    Receipt note(long id, AskedSwitch asked, Person person, Command command) {
        Moment moment =
                Typed.choice(Moment.class, "moment", asked.moment(), "What happened is not said", "one of the choices");
        return changes.make(command, () -> {
            MarkRow mark = open(id);
            Instant now = clock.now();
            if (!mark.clock().canFollow(moment, now)) {
                throw Refusal.outOfTurn(
                        moment == Moment.ON && mark.clock().mustCool(now)
                                ? "It has had a minute of current: cool it in water first, or the stencil lifts."
                                : "That has been noted already: look at the clock.");
            }
            marks.note(id, new Event(moment, now), person.id());
            return entry(
                    files.open(mark.mark().piece()),
                    id,
                    switch (moment) {
                        case ON -> "current on";
                        case OFF -> "current off";
                        case COOLED -> "cooled in water";
                    });
        });
    }

    private MarkRow open(long id) {
        MarkRow mark = marks.mark(id);
        if (mark.result().isPresent()) {
            throw Refusal.outOfTurn("This mark is made, and its result is said.");
        }
        return mark;
    }

    public record AskedMarkResult(String result, String words) {}

    Receipt end(long id, AskedMarkResult asked, Command command) {
        MarkResult result = Typed.choice(
                MarkResult.class, "result", asked.result(), "How it came out is not said", "one of the choices");
        String words = Typed.words(asked.words());
        return changes.make(command, () -> {
            // Said once more, it was a slip of the finger.
            MarkRow mark = marks.mark(id);
            MarkClock tank = mark.clock();
            if (tank.isOn()) {
                throw Refusal.outOfTurn("The current is still on.");
            }
            if (tank.inAll(clock.now()).isZero()) {
                throw Refusal.outOfTurn("No current has flowed yet: strike it out instead.");
            }
            marks.end(id, result, words, clock.nowMillis());
            return entry(
                    files.open(mark.mark().piece()),
                    id,
                    "the mark is made: " + result.words().toLowerCase(Locale.ROOT));
        });
    }

    Receipt strike(long id, Command command) {
        return changes.make(command, () -> {
            MarkRow mark = open(id);
            marks.strike(id, clock.nowMillis());
            return entry(files.open(mark.mark().piece()), id, "a mark is struck out");
        });
    }
}
