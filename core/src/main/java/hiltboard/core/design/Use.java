package hiltboard.core.design;

import hiltboard.core.measure.LengthRange;
import java.util.Arrays;
import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Pattern;

/**
 * What a knife is for, with the edge that is usual for it: angle of each side in whole degrees, and tooth. Common
 * practice, from memory; the words are those that clients use for it.
 */
public enum Use {
    GENERAL("General work", 18, 22, EdgeTooth.MEDIUM, EdgeTooth.MEDIUM, ""),
    VEGETABLES(
            "Vegetables, thin kitchen work",
            12,
            15,
            EdgeTooth.FINE,
            EdgeTooth.FINE,
            "vegetables?|onions?|herbs?|tomato(?:es)?|carrots?|fruits?|salads?|paring|garlic|mushrooms?"),
    MEAT(
            "Meat, slicing, fish",
            15,
            18,
            EdgeTooth.COARSE,
            EdgeTooth.FINE,
            "meats?|roasts?|briskets?|slicing|carving (?:meat|roast)|fish|fillets?|ham|sausages?|steaks?|poultry|butcher\\w*"),
    OUTDOORS(
            "Hunting, general outdoors",
            18,
            20,
            EdgeTooth.MEDIUM,
            EdgeTooth.MEDIUM,
            "hunt\\w*|game|skin(?:ning)?|deer|outdoors?|field dress\\w*"),
    CAMP(
            "Camp, carving wood",
            20,
            23,
            EdgeTooth.FINE,
            EdgeTooth.FINE,
            "camp\\w*|wood\\w*|feather sticks?|whittl\\w*|bushcraft"),
    CHOPPING("Chopping", 22, 25, EdgeTooth.MEDIUM, EdgeTooth.MEDIUM, "chop\\w*|brush|clear\\w*|splitt?\\w*|kindling"),
    FELLING(
            "Hatchet, tomahawk",
            25,
            30,
            EdgeTooth.MEDIUM,
            EdgeTooth.MEDIUM,
            "hatchets?|tomahawks?|axes?|limb\\w*|throw\\w*"),
    SHOWING("For show", 15, 25, EdgeTooth.MEDIUM, EdgeTooth.FINE, "show\\w*|display|collect\\w*");

    private static final int FREE_DEGREES = 5;

    private final String words;
    private final int leastDegrees;
    private final int mostDegrees;
    private final EdgeTooth coarsest;
    private final EdgeTooth finest;
    private final Pattern said;

    Use(String words, int leastDegrees, int mostDegrees, EdgeTooth coarsest, EdgeTooth finest, String said) {
        this.words = words;
        this.leastDegrees = leastDegrees;
        this.mostDegrees = mostDegrees;
        this.coarsest = coarsest;
        this.finest = finest;
        this.said = said.isEmpty() ? Pattern.compile("(?!)") : Pattern.compile("\\b(?:" + said + ")\\b");
    }

    /**
     * These answers for a knife with this brief: where nobody chose what it is used for and the client's words name one
     * use, it is that one, and the edge follows from it.
     */
    public static Map<String, String> answered(Map<String, String> entries, String brief) {
        Set<Use> said = saidIn(brief);
        if (said.size() != 1
                || !entries.getOrDefault(SpecificationField.USE.key(), "").isBlank()) {
            return entries;
        }
        Map<String, String> answered = new LinkedHashMap<>(entries);
        answered.put(SpecificationField.USE.key(), said.iterator().next().name());
        return answered;
    }

    public String words() {
        return words;
    }

    /** The uses that a client's words speak of; none where they name none that is known. */
    public static Set<Use> saidIn(String brief) {
        String text = brief.toLowerCase(Locale.ROOT);
        EnumSet<Use> uses = EnumSet.noneOf(Use.class);
        Arrays.stream(values()).filter(use -> use.said.matcher(text).find()).forEach(uses::add);
        return uses;
    }

    /** The smallest usual angle of one side, in whole degrees. */
    public int leastDegrees() {
        return leastDegrees;
    }

    /** The largest usual angle of one side, in whole degrees. */
    public int mostDegrees() {
        return mostDegrees;
    }

    /** The usual angle of one side, in whole degrees: the middle of what is usual. */
    public int usualDegrees() {
        return (leastDegrees + mostDegrees) / 2;
    }

    /** The tooth that is usually left: the finer where both are usual. */
    public EdgeTooth usualTooth() {
        return finest;
    }

    /**
     * How thick it is usually left behind the edge, before sharpening; empty where that is no number of its own. Common
     * practice, from memory.
     */
    public Optional<LengthRange> behindTheEdge() {
        return switch (this) {
            case VEGETABLES -> Optional.of(LengthRange.of(".008", ".012"));
            case MEAT -> Optional.of(LengthRange.of(".010", ".015"));
            case OUTDOORS -> Optional.of(LengthRange.of(".015", ".020"));
            case CAMP -> Optional.of(LengthRange.of(".018", ".025"));
            case CHOPPING -> Optional.of(LengthRange.of(".025", ".040"));
            case GENERAL -> Optional.of(LengthRange.of(".015", ".022"));
            case FELLING, SHOWING -> Optional.empty();
        };
    }

    /**
     * Whether such an edge serves it, allowing for a maker's hand: five degrees beyond the usual, and one step of
     * tooth.
     */
    boolean isServedBy(int degrees, EdgeTooth tooth) {
        boolean isAngle = degrees >= leastDegrees - FREE_DEGREES && degrees <= mostDegrees + FREE_DEGREES;
        return isAngle && coarsest.compareTo(tooth) <= 1 && tooth.compareTo(finest) <= 1;
    }

    /** What is usual for it, in words. */
    public String usual() {
        List<EdgeTooth> teeth = coarsest == finest ? List.of(finest) : List.of(coarsest, finest);
        return leastDegrees + " to " + mostDegrees + "° a side, "
                + String.join(
                        " to ",
                        teeth.stream()
                                .map(tooth -> tooth.name().toLowerCase(Locale.ROOT))
                                .toList());
    }
}
