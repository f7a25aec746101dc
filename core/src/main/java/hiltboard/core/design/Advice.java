package hiltboard.core.design;

import hiltboard.core.material.HandleMaterial;
import hiltboard.core.material.Steel;
import hiltboard.core.measure.Length;
import hiltboard.core.measure.LengthRange;
import hiltboard.core.measure.Units;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/**
 * What a master would say in the talk about a knife as it is drawn: how steel, hardness, finish and handle fit the use,
 * the care, the hand and the place. Nothing is refused for it; the client's word sets it aside. Common practice, from
 * memory; makers differ, and where law is spoken of, local law decides.
 *
 * @param field the answer that would be another one
 * @param card what the client is told on the care card when the knife is made so all the same; empty where nothing
 */
public record Advice(Matter matter, SpecificationField field, String words, String card) {
    /** What is spoken of. The names stay the same for ever: the client's word is kept under them. */
    public enum Matter {
        LEFT_HAND("the left hand"),
        POSTED("the post"),
        ABROAD("a border"),
        MINOR("somebody under age"),
        RUST("rust"),
        BRITTLE("brittle steel under blows"),
        TOO_HARD("hardness under blows"),
        TOO_SOFT("hardness of a thin edge"),
        THICK_EDGE("a thick edge"),
        THIN_EDGE("a thin edge"),
        NO_CHOIL("a plunge without a choil"),
        COLD("cold treatment"),
        MIRROR("a mirror on a knife that works"),
        DISHWASHER("the dishwasher"),
        WET_HANDLE("a wet handle"),
        PROTECTED("papers of the material"),
        PROTECTED_ABROAD("the material at a border");

        private final String words;

        Matter(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }

        public static Optional<Matter> named(String name) {
            return Arrays.stream(values())
                    .filter(each -> each.name().equals(name))
                    .findFirst();
        }
    }

    private static final int HARDEST_FOR_BLOWS = 58;
    /** What a maker's hand and calliper may be off before it is pointed out. */
    private static final Length A_HAND = Length.ofInches("0.003");

    private static final int SOFTEST_FOR_A_THIN_EDGE = 60;

    /** Everything that is to be said of such a knife, in the order of its questions. */
    public static List<Advice> of(Specification spec) {
        List<Advice> all = new ArrayList<>();
        place(spec, all);
        steel(spec, all);
        edge(spec, all);
        look(spec, all);
        handle(spec, all);
        return List.copyOf(all);
    }

    private static void say(List<Advice> all, Matter matter, SpecificationField field, String words, String card) {
        all.add(new Advice(matter, field, words, card));
    }

    private static void place(Specification spec, List<Advice> all) {
        if (spec.hand() == Hand.LEFT && !spec.isAxe()) {
            say(
                    all,
                    Matter.LEFT_HAND,
                    SpecificationField.HAND,
                    "A left hand: "
                            + (spec.isFolder() ? "nick, clip, lock and slip" : "handle, thumb grip and sheath")
                            + " are made for it. Let the client hold a cut-out before anything is cut.",
                    "");
        }
        if (spec.destination() == Destination.ABROAD) {
            say(
                    all,
                    Matter.ABROAD,
                    SpecificationField.DESTINATION,
                    "Across a border lengths, locks, carry and age differ, and customs wants to know knife, material and value: ask the "
                            + "law of both countries and the carrier before it is promised. "
                            + "An adult signs for it; point guarded, two boxes.",
                    "");
        } else if (spec.isPosted()) {
            say(
                    all,
                    Matter.POSTED,
                    SpecificationField.DESTINATION,
                    "Carriers have rules of their own for blades: ask first. An adult signs for it; point guarded, two boxes.",
                    "");
        }
        if (spec.receiver() == Receiver.MINOR) {
            say(
                    all,
                    Matter.MINOR,
                    SpecificationField.RECEIVER,
                    "For somebody under age local law decides what may be sold, given or carried: ask before it is promised, and let a "
                            + "parent or guardian say yes.",
                    "");
        }
    }

    private static void steel(Specification spec, List<Advice> all) {
        Steel steel = spec.steel();
        boolean isHardUse = spec.isAxe() || spec.use() == Use.CHOPPING;
        int hrc = (int) Math.round(steel.curve().at(spec.temperHeat()).orElse((double) steel.temperedHrc()));
        if (spec.care() != Care.WIPED_DRY && !steel.stainless()) {
            say(
                    all,
                    Matter.RUST,
                    SpecificationField.STEEL,
                    "Wet, salt or dishwasher: " + steel.designation()
                            + " rusts there. Stainless is the usual answer; makers differ.",
                    "Its blade is no stainless: where it is used wet or salt, it is dried and oiled every time.");
        }
        if (isHardUse && steel.isWearResistant()) {
            say(
                    all,
                    Matter.BRITTLE,
                    SpecificationField.STEEL,
                    "For blows " + steel.designation()
                            + " is brittle: its edge chips and its tip breaks. Tough steel such as 5160, 80CrV2 or 1075 at 56 to "
                            + "58 HRC is usual.",
                    "Its steel keeps an edge long and bears no twisting: no prying, no frozen wood, no bone.");
        } else if (isHardUse && hrc > HARDEST_FOR_BLOWS) {
            say(
                    all,
                    Matter.TOO_HARD,
                    SpecificationField.TEMPER_HEAT,
                    "For blows about " + hrc
                            + " HRC is hard: 56 to 58 is usual, an axe 52 to 57. A hotter temper gives toughness for a little edge.",
                    "");
        }
        if (!spec.isAxe() && spec.use() == Use.VEGETABLES && hrc < SOFTEST_FOR_A_THIN_EDGE) {
            say(
                    all,
                    Matter.TOO_SOFT,
                    SpecificationField.TEMPER_HEAT,
                    "A thin kitchen edge rolls at about " + hrc
                            + " HRC: 61 to 62 is usual where the steel bears it; makers differ.",
                    "");
        }
        if (!spec.isSentOut() && steel.cold().isPresent() && !spec.isTakenCold()) {
            say(
                    all,
                    Matter.COLD,
                    SpecificationField.COLD,
                    steel.designation()
                            + " keeps some austenite: cold treatment gains about one point of hardness and some wear. It is the "
                            + "maker's choice.",
                    "");
        }
    }

    /** How thick it is behind the edge decides how it cuts and what it bears. */
    private static void edge(Specification spec, List<Advice> all) {
        if (spec.sharpenedWith() == SharpenedWith.WHEEL && !spec.isAxe() && !spec.hasChoil()) {
            say(
                    all,
                    Matter.NO_CHOIL,
                    SpecificationField.NOTCHES,
                    "A sharpening wheel gums the plunge where the edge does not end free: a sharpening choil, or stones at the heel.",
                    "");
        }
        Optional<LengthRange> usual = spec.isAxe() || spec.grind() == Grind.ZERO_GROUND
                ? Optional.empty()
                : spec.use().behindTheEdge();
        Length edge = spec.length(SpecificationField.EDGE_THICKNESS);
        String use = spec.use().words().toLowerCase(Locale.ROOT);
        usual.filter(range -> edge.compareTo(range.most().plus(A_HAND)) > 0)
                .ifPresent(range -> say(
                        all,
                        Matter.THICK_EDGE,
                        SpecificationField.EDGE_THICKNESS,
                        "For " + use + ", " + Units.both(range::words) + " behind the edge is usual: "
                                + Units.both(edge::brieflyIn) + " wedges instead of cutting. Makers differ.",
                        ""));
        usual.filter(range -> edge.plus(A_HAND).compareTo(range.least()) < 0)
                .ifPresent(range -> say(
                        all,
                        Matter.THIN_EDGE,
                        SpecificationField.EDGE_THICKNESS,
                        "For " + use + ", " + Units.both(range::words) + " behind the edge is usual: "
                                + Units.both(edge::brieflyIn) + " may chip or roll. Makers differ.",
                        "Its edge is thin for hard work: no bone, no twisting."));
    }

    private static void look(Specification spec, List<Advice> all) {
        if (spec.finish() == Finish.MIRROR && spec.use() != Use.SHOWING) {
            say(
                    all,
                    Matter.MIRROR,
                    SpecificationField.FINISH,
                    "A mirror on a knife that works shows every cut it makes. Satin hides them; mirror is for show.",
                    "The mirror polish scratches in use: that is no fault, and it can be polished anew.");
        }
    }

    private static void handle(Specification spec, List<Advice> all) {
        HandleMaterial material = spec.handleMaterial();
        String what = material.words().toLowerCase(Locale.ROOT);
        if (spec.care() == Care.DISHWASHER && material.swells()) {
            say(
                    all,
                    Matter.DISHWASHER,
                    SpecificationField.HANDLE_MATERIAL,
                    "A dishwasher ruins " + what
                            + ": it swells, cracks and comes off, and the edge goes with it. Laminate bears it better; by hand is best.",
                    "A dishwasher ruins this handle and this edge, whatever was asked of it.");
        } else if (spec.care() != Care.WIPED_DRY && material.swells()) {
            say(
                    all,
                    Matter.WET_HANDLE,
                    SpecificationField.HANDLE_MATERIAL,
                    "Where it is always wet, " + what
                            + " swells and shrinks: laminate or stabilised wood stays as it is.",
                    "Its handle is dried after wet work, and oiled now and then.");
        }
        boolean isAbroad = spec.destination() == Destination.ABROAD;
        if (material.mayBeProtected()) {
            say(
                    all,
                    isAbroad ? Matter.PROTECTED_ABROAD : Matter.PROTECTED,
                    SpecificationField.HANDLE_MATERIAL,
                    isAbroad
                            ? "Across a border " + what
                                    + " may need papers for its species, or be stopped and kept: ask the law of both countries, or "
                                    + "take another "
                                    + "material."
                            : "Keep the papers that say where this " + what
                                    + " comes from: the law asks for them with some species.",
                    "Keep the papers of the handle's material with the knife.");
        }
    }
}
