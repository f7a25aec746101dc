package hiltboard.server.data;

import org.springframework.dao.NonTransientDataAccessResourceException;
import org.springframework.http.HttpStatus;

/** The data file cannot take a change, or cannot be read, for a reason that lies outside the program. */
public final class DataTrouble extends NonTransientDataAccessResourceException {
    private final Kind kind;

    /** What is wrong, and what somebody at the server's machine can do about it. */
    public enum Kind {
        FULL(
                "disk-full",
                HttpStatus.INSUFFICIENT_STORAGE,
                "The disk that holds the shop’s data is full",
                "Free some space on it; the program goes on by itself."),
        NEARLY_FULL(
                "disk-nearly-full",
                HttpStatus.INSUFFICIENT_STORAGE,
                "The disk that holds the shop’s data is nearly full",
                "Free some space on it before changes are refused."),
        READ_ONLY(
                "read-only",
                HttpStatus.SERVICE_UNAVAILABLE,
                "The shop’s data may not be written",
                "Look whether its disk has become read-only or its folder has another owner."),
        GONE(
                "data-gone",
                HttpStatus.SERVICE_UNAVAILABLE,
                "The shop’s data file was moved or deleted while the program was running",
                "Put it back where it was, or stop the program and restore a backup."),
        UNREADABLE(
                "data-unreadable",
                HttpStatus.SERVICE_UNAVAILABLE,
                "The disk that holds the shop’s data does not read or write",
                "Look at the disk and its cable; then start the program anew."),
        DAMAGED(
                "data-damaged",
                HttpStatus.SERVICE_UNAVAILABLE,
                "The shop’s data file is damaged",
                "Stop the program and restore the last backup: ./hilt restore FILE");

        private final String word;
        private final HttpStatus status;
        private final String words;
        private final String toDo;

        Kind(String word, HttpStatus status, String words, String toDo) {
            this.word = word;
            this.status = status;
            this.words = words;
            this.toDo = toDo;
        }

        /** Otherwise it stays until the program is started anew. */
        boolean isOverWhenAChangeIsTaken() {
            return this == FULL || this == READ_ONLY || this == UNREADABLE;
        }

        /** For programs that read a refusal. */
        public String word() {
            return word;
        }

        public HttpStatus status() {
            return status;
        }

        /** What is wrong, without a full stop. */
        public String words() {
            return words;
        }

        /** A sentence. */
        public String toDo() {
            return toDo;
        }
    }

    public DataTrouble(Kind kind, Throwable cause) {
        super(kind.words(), cause);
        this.kind = kind;
    }

    public DataTrouble(Kind kind) {
        super(kind.words());
        this.kind = kind;
    }

    public Kind kind() {
        return kind;
    }
}
