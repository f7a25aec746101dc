package hiltboard.core.material;

/**
 * How dark an etch leaves a steel: manganese and carbon go dark, nickel and chromium stay bright, since the acid hardly
 * takes them. Common practice, from memory; the slopes are this program's own.
 *
 * @param darkness from 0, as bright as it went in, to 1, black
 */
public record EtchTone(double darkness) {
    /** So much chromium makes a steel stainless: hardly anything turns it dark. */
    private static final double STAINLESS_CHROMIUM = 10.5;

    private static final double OF_CARBON = 0.8;
    private static final double OF_MANGANESE = 0.5;
    private static final double OF_NICKEL = 0.45;
    private static final double OF_CHROMIUM = 0.13;
    private static final double GREY_FROM = 0.3;
    private static final double DARK_FROM = 0.6;
    /** A stainless blade turns a dull grey over an hour, beside carbon steel it is bright. */
    private static final double STAINLESS = 0.12;

    private static final double DULL = 0.45;

    /** @throws IllegalArgumentException if it is not within 0 and 1 */
    public EtchTone {
        if (!(darkness >= 0 && darkness <= 1)) {
            throw new IllegalArgumentException("A darkness of " + darkness);
        }
    }

    public static EtchTone of(Composition composition) {
        double chromium = composition.percent(Element.CR);
        if (chromium >= STAINLESS_CHROMIUM) {
            return new EtchTone(STAINLESS);
        }
        double darkness = OF_CARBON * Math.min(1, composition.percent(Element.C))
                + OF_MANGANESE * Math.min(1, composition.percent(Element.MN))
                - OF_NICKEL * composition.percent(Element.NI)
                - OF_CHROMIUM * chromium;
        return new EtchTone(Math.max(0, Math.min(1, darkness)));
    }

    /**
     * Of a blade of this steel alone, which stays in until it is as dark as it gets: stainless an hour, to a dull grey.
     */
    public static EtchTone alone(Composition composition) {
        EtchTone beside = of(composition);
        return beside.darkness >= DULL ? beside : new EtchTone(DULL);
    }

    public String words() {
        return darkness >= DARK_FROM ? "dark" : darkness >= GREY_FROM ? "grey" : "bright";
    }

    /**
     * How far this steel stands over another once the other was etched so deep: what stays bright was hardly eaten.
     *
     * @return in the unit of the depth; less than nothing where it lies lower
     */
    public double standsOver(EtchTone other, double depth) {
        return depth * (other.darkness - darkness);
    }
}
