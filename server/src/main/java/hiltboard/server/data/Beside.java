package hiltboard.server.data;

import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;

/** Long work beside what the shop does: one thing after the other, and never before what somebody waits for. */
public final class Beside {
    private Beside() {}

    public static ExecutorService theWork(String name) {
        return Executors.newSingleThreadExecutor(work -> {
            Thread thread = new Thread(work, name);
            thread.setDaemon(true);
            thread.setPriority(Thread.MIN_PRIORITY);
            return thread;
        });
    }
}
