package hiltboard.server.find;

import hiltboard.server.data.Reading;
import hiltboard.server.find.Findable.Kind;
import hiltboard.server.find.Findable.Sheet;
import hiltboard.server.find.FoundRepository.Due;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.dao.DataAccessException;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionTemplate;

/** Writes anew what of the index has changed, a little at a time, so that nobody's work waits for it. */
@Component
class FoundIndex {
    private static final Logger LOG = LoggerFactory.getLogger(FoundIndex.class);
    private static final int AT_ONCE = 200;

    private final FoundRepository found;
    private final Map<Kind, Findable> findable;
    private final Reading reading;
    private final TransactionTemplate writing;

    FoundIndex(FoundRepository found, List<Findable> findable, Reading reading, TransactionTemplate writing) {
        this.found = found;
        this.findable = findable.stream().collect(Collectors.toMap(Findable::kind, Function.identity()));
        this.reading = reading;
        this.writing = writing;
    }

    @Scheduled(initialDelayString = "${hilt.find.every-ms:250}", fixedDelayString = "${hilt.find.every-ms:250}")
    void keepUp() {
        if (reading.of(found::isAnythingDue)) {
            writing.executeWithoutResult(status -> found.due(AT_ONCE).stream()
                    .collect(Collectors.groupingBy(Due::kind, Collectors.mapping(Due::id, Collectors.toList())))
                    .forEach((kind, ids) -> found.write(kind, ids, sheets(findable.get(kind), ids))));
        }
    }

    /** Something that cannot be read is not found; all else is. */
    private static List<Sheet> sheets(Findable kind, List<Long> ids) {
        try {
            return kind.sheets(ids);
        } catch (DataAccessException trouble) {
            throw trouble;
        } catch (RuntimeException unreadable) {
            if (ids.size() > 1) {
                return ids.stream()
                        .flatMap(id -> sheets(kind, List.of(id)).stream())
                        .toList();
            }
            LOG.warn("{} {} cannot be read, and is not found", kind.kind(), ids, unreadable);
            return List.of();
        }
    }
}
