package hiltboard.server;

import hiltboard.core.field.Finding;
import hiltboard.core.measure.ImpossibleQuantity;
import hiltboard.core.measure.Units;
import hiltboard.server.data.Bytes;
import java.util.List;
import java.util.Map;
import org.springframework.http.HttpStatus;

/** A command that is not carried out, with words that the person can act on. Leaves as RFC 9457 problem details. */
public final class Refusal extends RuntimeException {
    private final HttpStatus status;
    private final String kind;
    private final Map<String, Object> more;
    private final List<Finding> findings;

    private Refusal(HttpStatus status, String kind, String words, Map<String, Object> more) {
        this(status, kind, words, more, List.of());
    }

    private Refusal(HttpStatus status, String kind, String words, Map<String, Object> more, List<Finding> findings) {
        super(words);
        this.findings = List.copyOf(findings);
        this.status = status;
        this.kind = kind;
        this.more = Map.copyOf(more);
    }

    public static Refusal notThere(String what) {
        return new Refusal(HttpStatus.NOT_FOUND, "not-there", what, Map.of());
    }

    public static Refusal notSignedIn() {
        return new Refusal(HttpStatus.UNAUTHORIZED, "not-signed-in", "You are signed out. Sign in again.", Map.of());
    }

    public static Refusal notAllowed(String words) {
        return new Refusal(HttpStatus.FORBIDDEN, "not-allowed", words, Map.of());
    }

    /** Entries that were not understood, each at its field. */
    public static Refusal entries(List<Finding> findings) {
        String words = findings.size() == 1 ? findings.get(0).words() : findings.size() + " entries need another look";
        return new Refusal(HttpStatus.UNPROCESSABLE_CONTENT, "entries", words, Map.of("findings", findings), findings);
    }

    public static Refusal entry(String field, String given, String problem, String accepted) {
        return entries(List.of(new Finding(field, given, problem, accepted)));
    }

    /** A quantity that no shop could mean, at the field that it was typed into, in the reader's units. */
    public static Refusal impossible(String field, String given, ImpossibleQuantity impossible, Units units) {
        return entry(
                field,
                given,
                "A " + impossible.quantity() + " of " + impossible.given(units) + " cannot be",
                impossible.accepted(units));
    }

    /**
     * Readings that are out, before a step is done: measured again, taken as they are with a reason, or reported as
     * gone wrong.
     */
    public static Refusal out(String words, List<Out> readings) {
        return new Refusal(HttpStatus.UNPROCESSABLE_CONTENT, "out", words, Map.of("out", readings));
    }

    /** A reading that is out. */
    public record Out(long piece, String pieceName, String dimension, String label, String value, String why) {}

    /** A reading that is possible and unlikely: it is taken when the maker is sure. */
    public static Refusal question(String words) {
        return new Refusal(HttpStatus.UNPROCESSABLE_CONTENT, "question", words, Map.of());
    }

    /** The step's turn has not come, or it has gone by. */
    public static Refusal outOfTurn(String words) {
        return new Refusal(HttpStatus.CONFLICT, "out-of-turn", words, Map.of());
    }

    /** Two people changed the same thing. */
    public static Refusal bothChanged(List<Both> values) {
        return new Refusal(
                HttpStatus.CONFLICT,
                "both-changed",
                "Somebody else changed this meanwhile: choose which value stays",
                Map.of("both", values));
    }

    /** The id of a command that was carried out and wished for something else. */
    public static Refusal idUsedBefore() {
        return new Refusal(
                HttpStatus.CONFLICT,
                "id-used-before",
                "The header Command-Id was used for another change before; send this one with a new id.",
                Map.of());
    }

    public static Refusal tooSoon(String words, long waitSeconds) {
        return new Refusal(HttpStatus.TOO_MANY_REQUESTS, "too-soon", words, Map.of("waitSeconds", waitSeconds));
    }

    public static Refusal tooLarge(long mostBytes) {
        return new Refusal(
                HttpStatus.CONTENT_TOO_LARGE,
                "too-large",
                "This is more than is taken here, which is " + Bytes.words(mostBytes) + ".",
                Map.of());
    }

    public static Refusal tooSlow() {
        return new Refusal(
                HttpStatus.REQUEST_TIMEOUT,
                "too-slow",
                "This came so slowly that nobody waits for its end. Send it again.",
                Map.of());
    }

    public static Refusal tooMany() {
        return new Refusal(
                HttpStatus.TOO_MANY_REQUESTS,
                "too-many",
                "So much is asked from here at once. Wait a moment and try again.",
                Map.of("waitSeconds", 1L));
    }

    public static Refusal malformed(String words) {
        return new Refusal(HttpStatus.BAD_REQUEST, "malformed", words, Map.of());
    }

    /**
     * Both values of a thing that two people changed; {@code theirsIs} names the version to base the next change on.
     */
    public record Both(String field, String label, String yours, String theirs, String theirsBy, String theirsIs) {}

    public HttpStatus status() {
        return status;
    }

    public String kind() {
        return kind;
    }

    /** Entries that were not understood; empty where it is about something else. */
    public List<Finding> findings() {
        return findings;
    }

    public Map<String, Object> more() {
        return more;
    }
}
