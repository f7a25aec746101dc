package hiltboard.core.grind;

/** By which table an abrasive's name stands for a size of grain. */
public enum Grading {
    /** ISO 6344, FEPA: coated abrasives, macrogrits and microgrits. */
    P,
    /** ANSI B74.12 and B74.18, as printed on most plain belts of inch countries. */
    PLAIN,
    /** JIS R 6001, by which most bench stones are named. */
    STONE,
    /** Structured and fine-grained abrasives that state their micrometres. */
    MICROMETRES
}
