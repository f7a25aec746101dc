package hiltboard.core.design;

/** How handle and blade hold together. */
public enum Construction {
    FULL_TANG("Full tang, glued and pinned scales"), HIDDEN_TANG("Hidden tang, guard and spacer");

    private final String words;

    Construction(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
