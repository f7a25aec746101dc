package hiltboard.core.design;

/** What the blade looks like when it leaves. */
public enum Finish {
    HAND_SATIN("Hand satin", false, false),
    BELT_SATIN("Belt satin", false, false),
    MIRROR("Mirror polish", false, false),
    ETCHED_GREY("Even grey etch, polished back", true, false),
    ETCHED_DARK_TUMBLED("Etched dark and tumbled", true, true),
    VALLEY_AND_PEAK("Dark valleys, bright peaks", true, false),
    HAMON("Etched hamon", true, false),
    PATTERN("Etched pattern or lamination", true, false),
    TWO_TONE_GROUND("Two tones: etched dark, bevels ground bright", true, true),
    TWO_TONE_MASKED("Two tones by mask", true, false);

    private final String words;
    private final boolean etched;
    private final boolean tumbled;

    Finish(String words, boolean etched, boolean tumbled) {
        this.words = words;
        this.etched = etched;
        this.tumbled = tumbled;
    }

    public String words() {
        return words;
    }

    public boolean isEtched() {
        return etched;
    }

    public boolean isTumbled() {
        return tumbled;
    }
}
