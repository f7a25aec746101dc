package hiltboard.server.job;

import hiltboard.core.design.Advice;
import hiltboard.core.design.Specification;
import hiltboard.server.job.ClientWordRepository.ClientWord;
import java.util.List;
import java.util.Optional;

/**
 * Something that is said of a knife in the talk.
 *
 * @param said the client's word on it; empty while it has not been talked over
 */
public record AdviceView(String matter, String field, String words, String said, String by, long atMillis) {
    /** What is to be said of such a knife, with what the client has said already. */
    public static List<AdviceView> of(Specification spec, List<ClientWord> said) {
        return Advice.of(spec).stream()
                .map(advice -> of(
                        advice,
                        said.stream()
                                .filter(word ->
                                        word.matter().equals(advice.matter().name()))
                                .findFirst()))
                .toList();
    }

    private static AdviceView of(Advice advice, Optional<ClientWord> said) {
        return new AdviceView(
                advice.matter().name(),
                advice.field().key(),
                advice.words(),
                said.map(ClientWord::words).orElse(""),
                said.map(ClientWord::by).orElse(""),
                said.map(ClientWord::atMillis).orElse(0L));
    }
}
