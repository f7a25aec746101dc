package hiltboard.server.live;

import java.io.IOException;
import java.util.List;
import java.util.Queue;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ConcurrentLinkedQueue;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.function.Supplier;
import org.springframework.context.event.ContextClosedEvent;
import org.springframework.context.event.EventListener;
import org.springframework.http.MediaType;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter.SseEventBuilder;

/** Sends what changed to every open page. A page that reads slowly holds up nobody else. */
@Component
class LiveStream {
    /** More than this behind, a page reads everything anew instead of every line. */
    static final int REPLAYED_AT_MOST = 500;

    private final Set<Listener> listeners = ConcurrentHashMap.newKeySet();
    private final ExecutorService senders = Executors.newCachedThreadPool(work -> {
        Thread thread = new Thread(work, "live");
        thread.setDaemon(true);
        return thread;
    });

    void tell(JournalEntry entry) {
        listeners.forEach(listener -> listener.offer(entry));
    }

    /** Opens a stream; {@code missed} is read once the stream is listening, so that nothing falls between. */
    SseEmitter open(Supplier<List<JournalEntry>> missed) {
        Listener listener = new Listener(new SseEmitter(0L));
        listener.emitter.onCompletion(() -> listeners.remove(listener));
        listener.emitter.onError(failure -> listeners.remove(listener));
        listeners.add(listener);
        listener.begin(missed.get());
        return listener.emitter;
    }

    /** Lets a page notice that its connection has died silently, and the server that a page has. */
    @Scheduled(fixedDelay = 15_000)
    void beat() {
        listeners.forEach(
                listener -> listener.send(SseEmitter.event().name("beat").data("{}")));
    }

    @EventListener(ContextClosedEvent.class)
    void close() {
        listeners.forEach(listener -> listener.emitter.complete());
        senders.shutdownNow();
    }

    private final class Listener {
        private final SseEmitter emitter;
        private final Queue<JournalEntry> waiting = new ConcurrentLinkedQueue<>();
        private final AtomicBoolean sending = new AtomicBoolean(true);
        private long sent;

        private Listener(SseEmitter emitter) {
            this.emitter = emitter;
        }

        private void begin(List<JournalEntry> missed) {
            send(SseEmitter.event().comment("open"));
            if (missed.size() >= REPLAYED_AT_MOST) {
                send(SseEmitter.event().name("everything").data("{}"));
            } else {
                missed.forEach(this::sendOnce);
            }
            sending.set(false);
            drain();
        }

        private void offer(JournalEntry entry) {
            waiting.add(entry);
            drain();
        }

        private void drain() {
            if (!waiting.isEmpty() && sending.compareAndSet(false, true)) {
                senders.execute(() -> {
                    for (JournalEntry next = waiting.poll(); next != null; next = waiting.poll()) {
                        sendOnce(next);
                    }
                    sending.set(false);
                    drain();
                });
            }
        }

        private void sendOnce(JournalEntry entry) {
            if (entry.sequence() > sent) {
                sent = entry.sequence();
                send(SseEmitter.event()
                        .id(String.valueOf(entry.sequence()))
                        .name("change")
                        .data(entry, MediaType.APPLICATION_JSON));
            }
        }

        private void send(SseEventBuilder event) {
            try {
                emitter.send(event);
            } catch (IOException | IllegalStateException gone) {
                listeners.remove(this);
            }
        }
    }
}
