package hiltboard.core.design;

import hiltboard.core.blade.Fault;
import hiltboard.core.design.SpecificationClashes.Clash;
import hiltboard.core.field.Finding;
import hiltboard.core.field.Form;
import hiltboard.core.field.LengthWithin;
import hiltboard.core.folder.BearingStack;
import hiltboard.core.folder.NailNick;
import hiltboard.core.material.HandleMaterial;
import hiltboard.core.material.SteelLibrary;
import hiltboard.core.measure.Length;
import hiltboard.core.measure.LengthRange;
import hiltboard.core.measure.Span;
import hiltboard.core.measure.Units;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;

/** Reads a form of entries in shop notation into a {@link Specification}, collecting every finding first. */
public final class SpecificationReader {
    private final Units units;
    private final SteelLibrary steels;
    private final List<Finding> findings = new ArrayList<>();
    /** What is there already: a knife is not refused for what it was before anybody looked. */
    private final Optional<Specification> before;

    private final boolean isKept;

    private SpecificationReader(Units units, SteelLibrary steels, Optional<Specification> before, boolean isKept) {
        this.units = units;
        this.steels = steels;
        this.before = before;
        this.isKept = isKept;
    }

    /**
     * What came of the form.
     *
     * @param asked keys of the questions that belong to such a knife, in order
     * @param understood what each good entry was taken to mean, in the reader's units
     * @param doubts what is possible and unlikely, by field; nothing is kept back for it
     * @param findings what is wrong, by field; empty exactly when there is a specification
     */
    public record Answer(
            List<String> asked,
            Map<String, String> understood,
            Map<String, String> doubts,
            List<Finding> findings,
            Optional<Specification> specification) {
        public Answer {
            doubts = Map.copyOf(doubts);
            asked = List.copyOf(asked);
            understood = Map.copyOf(understood);
            findings = List.copyOf(findings);
        }
    }

    /** As {@link #read(Map, Units, SteelLibrary)} with the known grades alone. */
    public static Answer read(Map<String, String> entries, Units units) {
        return read(entries, units, SteelLibrary.KNOWN);
    }

    /** Reads the entries; fields that do not belong to the construction are ignored, missing ones are findings. */
    public static Answer read(Map<String, String> entries, Units units, SteelLibrary steels) {
        return new SpecificationReader(units, steels, Optional.empty(), false).answer(entries);
    }

    /**
     * As {@link #read(Map, Units, SteelLibrary)} for a knife that is changed: too little room that was there before is
     * not found again.
     */
    public static Answer reread(Map<String, String> entries, Specification before, Units units, SteelLibrary steels) {
        return new SpecificationReader(units, steels, Optional.of(before), false).answer(entries);
    }

    /**
     * The entries with the usual answer of each question that nobody has answered: what a form shows before anything is
     * typed.
     */
    public static Map<String, String> completed(Map<String, String> entries, Units units) {
        Map<String, String> complete = new LinkedHashMap<>(entries);
        String construction =
                entries.getOrDefault(SpecificationField.CONSTRUCTION.key(), SpecificationField.CONSTRUCTION.usual());
        Arrays.stream(Construction.values())
                .filter(kind -> kind.name().equals(construction))
                .forEach(kind -> {
                    complete.putIfAbsent(
                            SpecificationField.STEEL_FORM.key(),
                            (kind.isForged() ? SteelForm.FORGED : SteelForm.BAR).name());
                    complete.putIfAbsent(
                            SpecificationField.FINISH.key(),
                            kind.isAxe() ? Finish.BELT_SATIN.name() : SpecificationField.FINISH.usual());
                    complete.putIfAbsent(
                            SpecificationField.HANDLE_MATERIAL.key(),
                            kind.isAxe() ? HandleMaterial.HICKORY.name() : SpecificationField.HANDLE_MATERIAL.usual());
                });
        for (SpecificationField field : SpecificationField.values()) {
            if (!field.isUsuallyByRule()) {
                complete.putIfAbsent(field.key(), field.usualIn(units));
            }
        }
        return complete;
    }

    /** As {@link #restore(Map, SteelLibrary)} with the known grades alone. */
    public static Specification restore(Map<String, String> entries) {
        return restore(entries, SteelLibrary.KNOWN);
    }

    /**
     * Reads entries that {@link Specification#entries} wrote; a question that was not asked when they were written has
     * its usual answer.
     */
    public static Specification restore(Map<String, String> entries, SteelLibrary steels) {
        Answer answer = new SpecificationReader(Units.MILLIMETRE_CELSIUS, steels, Optional.empty(), true)
                .answer(completed(entries, Units.MILLIMETRE_CELSIUS));
        return answer.specification()
                .orElseThrow(
                        () -> new IllegalStateException("Kept specification cannot be read: " + answer.findings()));
    }

    private Answer answer(Map<String, String> entries) {
        Form<SpecificationField> form = Form.read(
                List.of(SpecificationField.values()), entries, units, answers -> Specification.soFar(answers, steels));
        findings.addAll(form.findings());
        Specification read = new Specification(form.answers(), steels);
        compare(read, entries, form.unfollowed());
        if (findings.isEmpty() && !isKept) {
            room(read, entries);
        }
        return new Answer(
                form.asked(),
                form.understood(),
                doubts(read),
                findings,
                findings.isEmpty() ? Optional.of(read) : Optional.empty());
    }

    /**
     * What can be drawn and still ruins the knife: common practice, which a piece that is there already is not held to.
     */
    private void room(Specification read, Map<String, String> entries) {
        Map<SpecificationField, Clash> known = before.map(this::tooLittle).orElse(Map.of());
        tooLittle(read).forEach((field, clash) -> {
            if (!clash.equals(known.get(field))) {
                find(field, entries.getOrDefault(field.key(), ""), clash.problem(), clash.accepted());
            }
        });
    }

    private Map<SpecificationField, Clash> tooLittle(Specification spec) {
        Map<SpecificationField, Clash> all = new EnumMap<>(SpecificationField.class);
        all.putAll(RoomAroundHoles.tooLittle(spec, units));
        if (spec.isSlipJoint()) {
            NailNick nick = new NailNick(
                    spec.length(SpecificationField.STOCK_THICKNESS),
                    spec.length(SpecificationField.EDGE_THICKNESS),
                    spec.length(SpecificationField.HEEL_WIDTH),
                    spec.bevelHeight());
            nick.doubt(spec.length(SpecificationField.NICK_DEPTH), units)
                    .ifPresent(doubt -> all.put(SpecificationField.NICK_DEPTH, new Clash(doubt, depths(nick))));
        }
        return all;
    }

    /** What is made, as far as this stock and bevel bear it. */
    private String depths(NailNick nick) {
        LengthRange made = ((LengthWithin) SpecificationField.NICK_DEPTH.kind(steels)).range();
        Length least = Collections.max(List.of(made.least(), nick.least(units).value()));
        Length most = Collections.min(List.of(made.most(), nick.most(units).value()));
        return least.upIn(units) + " to " + most.downIn(units);
    }

    private Map<String, String> doubts(Specification read) {
        Map<String, String> doubts = new LinkedHashMap<>();
        if (read.answersAll(
                        SpecificationField.WASHER_THICKNESS,
                        SpecificationField.BALL_DIAMETER,
                        SpecificationField.ACTION_CLEARANCE)
                && findings.stream()
                        .noneMatch(finding -> finding.field().equals(SpecificationField.ACTION_CLEARANCE.key()))) {
            Length clearance = read.length(SpecificationField.ACTION_CLEARANCE);
            new BearingStack(
                            read.length(SpecificationField.WASHER_THICKNESS),
                            read.length(SpecificationField.BALL_DIAMETER),
                            clearance)
                    .question(clearance, units)
                    .ifPresent(question -> doubts.put(SpecificationField.ACTION_CLEARANCE.key(), question));
        }
        if (read.answers(SpecificationField.SHARPENED_WITH)
                && read.sharpenedWith() == SharpenedWith.WHEEL
                && !read.isAxe()
                && !read.hasChoil()) {
            doubts.put(
                    SpecificationField.SHARPENED_WITH.key(),
                    "A wheel’s edge runs into the plunge where no choil ends the edge: is another way of sharpening, or a choil, better?");
        }
        if (read.answersAll(SpecificationField.STEEL, SpecificationField.HARDENING)
                && read.hardening() == Hardening.BY_EYE
                && read.steel().wantsSoak()) {
            doubts.put(
                    SpecificationField.HARDENING.key(),
                    read.steel().designation() + " has to stay at heat for "
                            + Span.words(read.steel().soak())
                            + ": colour and hand cannot hold it there. A kiln, an outside treater, or a steel that needs no "
                            + "soak is better.");
        }
        if (read.answersAll(SpecificationField.CONSTRUCTION, SpecificationField.HANDLE_MATERIAL)
                && read.isAxe()
                && read.handleMaterial() == HandleMaterial.WALNUT) {
            doubts.put(
                    SpecificationField.HANDLE_MATERIAL.key(),
                    "Walnut is light and splits sooner under blows than hickory or ash: is it for show, or for light work?");
        }
        return doubts;
    }

    /** Values that are possible alone and impossible together. */
    private void compare(Specification read, Map<String, String> entries, List<SpecificationField> unfollowed) {
        mustBeLess(read, entries, SpecificationField.EDGE_THICKNESS, SpecificationField.STOCK_THICKNESS);
        mustBeLess(read, entries, SpecificationField.TANG_WIDTH, SpecificationField.HEEL_WIDTH);
        mustBeLess(read, entries, SpecificationField.STOCK_THICKNESS, SpecificationField.TANG_WIDTH);
        mustBeLess(read, entries, SpecificationField.TIP_THICKNESS, SpecificationField.STOCK_THICKNESS);
        mustBeLess(read, entries, SpecificationField.EDGE_THICKNESS, SpecificationField.TIP_THICKNESS);
        mustBeLess(read, entries, SpecificationField.BUTT_THICKNESS, SpecificationField.STOCK_THICKNESS);
        mustBeLess(read, entries, SpecificationField.NICK_DEPTH, SpecificationField.STOCK_THICKNESS);
        mustBeLess(read, entries, SpecificationField.EYE_WIDTH, SpecificationField.HEAD_THICKNESS);
        mustBeLess(read, entries, SpecificationField.EDGE_THICKNESS, SpecificationField.CHEEK_THICKNESS);
        if (!isKept) {
            mustBeLess(read, entries, SpecificationField.CHEEK_THICKNESS, SpecificationField.HEAD_THICKNESS);
        }
        mustBeLess(read, entries, SpecificationField.EYE_LENGTH, SpecificationField.HEAD_LENGTH);
        mustBeLess(read, entries, SpecificationField.HANDLE_HOLLOW, SpecificationField.SCALE_THICKNESS);
        mustBeLess(read, entries, SpecificationField.WASHER_THICKNESS, SpecificationField.PLATE_THICKNESS);
        clashes(read, entries);
        if (read.answers(SpecificationField.BEVEL_HEIGHT)
                && read.answers(SpecificationField.HEEL_WIDTH)
                && read.length(SpecificationField.BEVEL_HEIGHT).compareTo(read.length(SpecificationField.HEEL_WIDTH))
                        > 0) {
            tooLarge(read, entries, SpecificationField.BEVEL_HEIGHT, SpecificationField.HEEL_WIDTH, "at most ");
        }
        mustBeLess(read, entries, SpecificationField.BEVEL_HEIGHT, SpecificationField.HEAD_LENGTH);
        mustBeLess(read, entries, SpecificationField.CORE_THICKNESS, SpecificationField.STOCK_THICKNESS);
        if (findings.isEmpty()) {
            List<Fault> faults = unfollowed.isEmpty() ? KnifeShape.faults(read) : KnifeShape.faultsOfWhatIsThere(read);
            faults.forEach(fault -> find(
                    SpecificationField.withKey(fault.number()).orElseThrow(),
                    entries.getOrDefault(fault.number(), ""),
                    fault.problem(),
                    fault.accepted(units)));
        }
        if (findings.isEmpty()) {
            unfollowed.forEach(field -> find(
                    field, "", field.label() + " does not follow from the other sizes", field.accepted(read, units)));
        }
    }

    /** A knife that is there already keeps what it was made to before anybody knew better; what is new is refused. */
    private void clashes(Specification read, Map<String, String> entries) {
        if (isKept) {
            return;
        }
        Map<SpecificationField, Clash> known =
                before.map(spec -> SpecificationClashes.of(spec, units)).orElse(Map.of());
        SpecificationClashes.of(read, units).forEach((field, clash) -> {
            if (!clash.equals(known.get(field))) {
                find(field, entries.getOrDefault(field.key(), ""), clash.problem(), clash.accepted());
            }
        });
    }

    private void mustBeLess(
            Specification read, Map<String, String> entries, SpecificationField small, SpecificationField large) {
        if (read.answers(small) && read.answers(large) && read.length(small).compareTo(read.length(large)) >= 0) {
            tooLarge(read, entries, small, large, "less than ");
        }
    }

    private void tooLarge(
            Specification read,
            Map<String, String> entries,
            SpecificationField small,
            SpecificationField large,
            String limit) {
        String bound = read.words(large, units);
        find(
                small,
                entries.getOrDefault(small.key(), ""),
                small.label() + " " + read.words(small, units) + " does not fit "
                        + large.label().toLowerCase(Locale.ROOT) + " " + bound,
                limit + bound);
    }

    private void find(SpecificationField field, String given, String problem, String accepted) {
        findings.add(new Finding(field.key(), given, problem, accepted));
    }
}
