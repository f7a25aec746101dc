package hiltboard.core.fit;

/** What is put together with one mix of adhesive. */
public enum GlueUp {
    /** Liners on their scales, before anything is drilled. */
    LINES,
    /** A block that is pulled again before it sets. */
    BEDS,
    /** The handle on its tang, or a folder's covers on their liners. */
    JOINS
}
