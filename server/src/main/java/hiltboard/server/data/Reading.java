package hiltboard.server.data;

import java.util.Objects;
import java.util.function.Supplier;
import org.springframework.stereotype.Component;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.support.TransactionTemplate;

/** What is read at one moment, without holding up whoever writes. */
@Component
public class Reading {
    private final TransactionTemplate transaction;

    Reading(PlatformTransactionManager manager) {
        this.transaction = new TransactionTemplate(manager);
        this.transaction.setReadOnly(true);
    }

    /** @param question has an answer, if only an empty one */
    public <T> T of(Supplier<T> question) {
        return Objects.requireNonNull(transaction.execute(status -> question.get()));
    }
}
