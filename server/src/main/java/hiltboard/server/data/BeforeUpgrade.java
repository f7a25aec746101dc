package hiltboard.server.data;

/** Something to be done before the data file is brought to a newer version. What it throws stops the start. */
@FunctionalInterface
public interface BeforeUpgrade {

    /** @param version that the file has now */
    void prepare(int version);
}
