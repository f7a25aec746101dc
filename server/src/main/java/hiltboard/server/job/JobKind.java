package hiltboard.server.job;

/** What a job is for. */
public enum JobKind {
    COMMISSION("for a client"),
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
        return this == COMMISSION;
    }
}
