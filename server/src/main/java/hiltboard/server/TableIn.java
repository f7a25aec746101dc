package hiltboard.server;

import hiltboard.core.field.Finding;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * A table that came in, looked at line by line before anything is kept: then all its good lines are taken, or none, as
 * the one who brought it chooses.
 *
 * @param <T> what a good line is
 */
public final class TableIn<T> {
    private final List<TableLine> lines = new ArrayList<>();
    private final List<T> good = new ArrayList<>();

    /**
     * One line: what it is, or what is wrong with it.
     *
     * @param number in the file, from 1
     * @param amount empty where nothing is counted
     * @param findings empty where it is good
     */
    public record TableLine(long number, String words, String amount, List<Finding> findings) {
        public TableLine {
            findings = List.copyOf(findings);
        }
    }

    /** @param what it is; empty where it cannot be taken */
    public void add(TableLine line, Optional<T> what) {
        lines.add(line);
        what.filter(each -> line.findings().isEmpty()).ifPresent(good::add);
    }

    public int size() {
        return lines.size();
    }

    public List<TableLine> lines() {
        return List.copyOf(lines);
    }

    /**
     * What is taken.
     *
     * @param onlyGood whether the other lines are left out; otherwise one that is not good leaves out all
     * @throws Refusal if nothing can be taken, with what is wrong at each line
     */
    public List<T> taken(boolean onlyGood) {
        List<Finding> wrong = lines.stream()
                .flatMap(line -> line.findings().stream()
                        .map(finding -> new Finding(
                                finding.field(),
                                finding.given(),
                                "Line " + line.number() + ": " + finding.problem(),
                                finding.accepted())))
                .toList();
        if (good.isEmpty() || !onlyGood && !wrong.isEmpty()) {
            throw Refusal.entries(wrong);
        }
        return List.copyOf(good);
    }
}
