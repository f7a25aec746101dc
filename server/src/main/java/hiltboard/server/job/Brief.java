package hiltboard.server.job;

import hiltboard.core.design.Strength;

/** What the client asked for. */
public final class Brief {
    private Brief() {}

    /** One wish of the client: what was asked beside what was agreed. */
    public record Wish(String words, Strength strength, String asked, String agreed) {}
}
