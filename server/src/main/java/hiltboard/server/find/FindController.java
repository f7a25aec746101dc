package hiltboard.server.find;

import hiltboard.server.find.FoundRepository.Found;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Answers whoever looks for something while they type. */
@RestController
class FindController {
    private static final int MOST_NOW = 10;
    private static final int MOST_OLD = 6;
    private static final int LONGEST = 200;
    private static final int MOST_WORDS = 8;

    private final FoundRepository found;

    FindController(FoundRepository found) {
        this.found = found;
    }

    /** @param kind in words @param isOver whether it is delivered, used up or gone */
    record FoundLine(String kind, String title, String about, String page, boolean isOver) {}

    /** @param isStillRead whether older records are still being read, so that there may be more */
    record FindView(List<FoundLine> lines, boolean isStillRead) {}

    /** What begins with each of the words, what is not over before what is, each with what fits best first. */
    @GetMapping("/api/find")
    @Transactional(readOnly = true)
    FindView find(@RequestParam String words) {
        List<String> typed = Arrays.stream(
                        words.substring(0, Math.min(LONGEST, words.length())).split("[^\\p{L}\\p{N}\\p{M}]+"))
                .filter(word -> !word.isEmpty())
                .limit(MOST_WORDS)
                .toList();
        if (typed.isEmpty()) {
            return new FindView(List.of(), found.isAnythingDue());
        }
        String query =
                typed.stream().map(word -> "{title words} : \"" + word + "\"*").collect(Collectors.joining(" AND "));
        return new FindView(
                Stream.of(
                                ofNumber(typed),
                                found.now(query, MOST_NOW).stream()
                                        .sorted(Comparator.comparing(each -> !isCalled(each, typed.get(0)))),
                                found.old(query, MOST_OLD).stream())
                        .flatMap(found -> found)
                        .distinct()
                        .map(each -> new FoundLine(
                                each.kind().words(), each.title(), each.about(), each.page(), each.isOld()))
                        .toList(),
                found.isAnythingDue());
    }

    /** A number means the job of that number, and its pieces, before all that begins with it. */
    private Stream<Found> ofNumber(List<String> typed) {
        if (typed.size() > 1 || !typed.get(0).matches("[0-9]{1,6}")) {
            return Stream.empty();
        }
        return found
                .now(
                        "title : \"" + String.format(Locale.ROOT, "%03d", Integer.parseInt(typed.get(0))) + "\"",
                        2 * MOST_NOW)
                .stream()
                .filter(each -> isCalled(each, typed.get(0)))
                .sorted(Comparator.comparing(Found::kind))
                .limit(MOST_NOW);
    }

    /** Whether its number is just what was typed: job 7 is 007. */
    private static boolean isCalled(Found found, String typed) {
        return found.title().replaceFirst("^0+", "").split("\\P{Alnum}")[0].equals(typed.replaceFirst("^0+", ""));
    }
}
