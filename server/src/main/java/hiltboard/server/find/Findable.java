package hiltboard.server.find;

import java.util.Collection;
import java.util.List;

/** Things that can be found by what is written of them. A feature gives its own as a bean. */
public interface Findable {
    /** What can be found. Its order is kept in the data file: new ones come at the end, and at most 16 in all. */
    enum Kind {
        JOB("Job"),
        PIECE("Piece"),
        CLIENT("Client"),
        PERSON("Maker"),
        LOT("On the rack"),
        BILLET("Billet"),
        LOAD("Fire");

        private final String words;

        Kind(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    Kind kind();

    /** Of these things, those that are there. Belongs into a transaction of the caller. */
    List<Sheet> sheets(Collection<Long> ids);

    /**
     * What is written of a thing.
     *
     * @param title what it is called
     * @param about what tells it from others, in a line
     * @param page where it is
     * @param isOld whether it is over: delivered, used up, gone
     * @param words all else by which somebody may look for it
     */
    record Sheet(long id, String title, String about, String page, boolean isOld, String words) {}
}
