package hiltboard.server.job;

/** What a job is for. */
public enum JobKind {
    COMMISSION("for a client"),
    /** Of a knife that came back; told by what it repairs, and kept as a commission. */
    REPAIR("as a repair"),
    STOCK("for stock"),
    TRIAL("as a trial"),
    GIFT("as a gift");

    private final String words;

    JobKind(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }

    /** Whether a client says yes to its outline, and has what comes of it. */
    public boolean hasClient() {
        return this == COMMISSION || this == REPAIR;
    }
}
