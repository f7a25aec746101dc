package hiltboard.server.data;

/**
 * The data folder, its file or a backup cannot be used; the message is the whole sentence for who starts the program.
 */
public final class UnusableData extends RuntimeException {
    public UnusableData(String sentence) {
        super(sentence);
    }
}
