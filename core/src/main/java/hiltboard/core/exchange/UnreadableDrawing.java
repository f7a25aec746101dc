package hiltboard.core.exchange;

/** Carries a refusal out of the middle of a reader. */
final class UnreadableDrawing extends RuntimeException {
    private static final long serialVersionUID = 1L;
    private final String accepted;

    UnreadableDrawing(String problem, String accepted) {
        super(problem);
        this.accepted = accepted;
    }

    ReadDrawing.Refused refused() {
        return new ReadDrawing.Refused(getMessage(), accepted);
    }
}
