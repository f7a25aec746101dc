package hiltboard.server.live;

import hiltboard.server.data.DataGuard.TroubleChanged;
import java.io.IOException;
import java.util.List;
import java.util.Queue;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ConcurrentLinkedQueue;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.function.Supplier;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.context.event.ContextClosedEvent;
import org.springframework.context.event.EventListener;
import org.springframework.http.MediaType;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;
import org.springframework.transaction.event.TransactionalEventListener;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter.SseEventBuilder;

/** Sends what changed to every open page. A page that reads slowly holds up nobody else. */
@Component
class LiveStream {
    /** More than this behind, a page reads everything anew instead of every line. */
    static final int REPLAYED_AT_MOST = 500;
    /** A page that is further behind in reading has its connection ended. */
    private static final int WAITING_AT_MOST = 2_000;

    private static final Logger LOG = LoggerFactory.getLogger(LiveStream.class);

    private final Set<Listener> listeners = ConcurrentHashMap.newKeySet();
    private final ExecutorService senders = Executors.newCachedThreadPool(work -> {
        Thread thread = new Thread(work, "live");
        thread.setDaemon(true);
        return thread;
    });

    void tell(JournalEntry entry) {
        listeners.forEach(listener -> listener.offer(said(entry)));
    }

    private static Said said(JournalEntry entry) {
        return new Said(
                entry.sequence(),
                () -> SseEmitter.event()
                        .id(String.valueOf(entry.sequence()))
                        .name("change")
                        .data(entry, MediaType.APPLICATION_JSON));
    }

    /**
     * Opens a stream for somebody; {@code missed} is read once the stream is listening, so that nothing falls between.
     */
    SseEmitter open(String who, Supplier<List<JournalEntry>> missed) {
        return open(who, new SseEmitter(0L), missed);
    }

    SseEmitter open(String who, SseEmitter emitter, Supplier<List<JournalEntry>> missed) {
        Listener listener = new Listener(who, emitter);
        emitter.onCompletion(() -> listeners.remove(listener));
        emitter.onError(failure -> listeners.remove(listener));
        listeners.add(listener);
        listener.begin(missed.get());
        return emitter;
    }

    /** Lets a page notice that its connection has died silently, and the server that a page has. */
    @Scheduled(fixedDelay = 15_000)
    void beat() {
        tellAll("beat");
    }

    /** Pages ask what the trouble is. No journal tells of it: that cannot be written while there is any. */
    @EventListener
    void tellOf(TroubleChanged changed) {
        tellAll("trouble");
    }

    @TransactionalEventListener(fallbackExecution = true)
    void end(LetGo gone) {
        listeners.stream().filter(listener -> listener.who.equals(gone.who())).forEach(Listener::end);
    }

    private void tellAll(String name) {
        listeners.forEach(listener ->
                listener.offer(new Said(0, () -> SseEmitter.event().name(name).data("{}"))));
    }

    @EventListener(ContextClosedEvent.class)
    void close() {
        listeners.forEach(listener -> listener.emitter.complete());
        senders.shutdownNow();
    }

    /** @param sequence in the journal; zero for what stands in none */
    private record Said(long sequence, Supplier<SseEventBuilder> event) {}

    private final class Listener {
        private final String who;
        private final SseEmitter emitter;
        private final Queue<Said> waiting = new ConcurrentLinkedQueue<>();
        private final AtomicInteger waitingNow = new AtomicInteger();
        private final AtomicBoolean sending = new AtomicBoolean(true);
        private long sent;

        private Listener(String who, SseEmitter emitter) {
            this.who = who;
            this.emitter = emitter;
        }

        private void begin(List<JournalEntry> missed) {
            sending(() -> {
                emitter.send(SseEmitter.event().comment("open"));
                if (missed.size() >= REPLAYED_AT_MOST) {
                    emitter.send(SseEmitter.event().name("everything").data("{}"));
                } else {
                    for (JournalEntry entry : missed) {
                        send(said(entry));
                    }
                }
            });
        }

        private void offer(Said said) {
            waiting.add(said);
            if (waitingNow.incrementAndGet() > WAITING_AT_MOST) {
                LOG.debug("A page reads too slowly");
                end();
            } else {
                drain();
            }
        }

        private void drain() {
            if (!waiting.isEmpty() && sending.compareAndSet(false, true)) {
                senders.execute(() -> sending(() -> {
                    for (Said next = waiting.poll(); next != null; next = waiting.poll()) {
                        waitingNow.decrementAndGet();
                        send(next);
                    }
                }));
            }
        }

        /**
         * Whoever sends holds {@code sending}. A page that cannot be told something is let go: it comes again and asks.
         */
        private void sending(Sending what) {
            try {
                what.send();
            } catch (IOException | RuntimeException failure) {
                LOG.debug("A page cannot be told", failure);
                end();
                return;
            }
            sending.set(false);
            drain();
        }

        private void send(Said said) throws IOException {
            if (said.sequence() == 0) {
                emitter.send(said.event().get());
            } else if (said.sequence() > sent) {
                sent = said.sequence();
                emitter.send(said.event().get());
            }
        }

        private void end() {
            listeners.remove(this);
            try {
                emitter.complete();
            } catch (RuntimeException goneAlready) {
                LOG.debug("It was gone", goneAlready);
            }
        }
    }

    @FunctionalInterface
    private interface Sending {
        void send() throws IOException;
    }
}
