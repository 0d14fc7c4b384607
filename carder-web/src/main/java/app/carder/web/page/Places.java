package app.carder.web.page;

import java.time.Duration;
import java.util.concurrent.Semaphore;
import java.util.concurrent.TimeUnit;
import java.util.function.Supplier;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.stereotype.Component;

/**
 * Room for heavy work: plans, rotas, photos, prints. One processor is left to pages, so that they come however much of that is asked for.
 * Whoever finds no place waits a little, in turn, and is told then: a machine whose threads all wait for one kind of work answers nobody.
 */
@Component
public class Places {

    private final Semaphore free;
    private final Duration wait;

    @Autowired
    Places(LimitProperties limits) {
        this(
                limits.heavyAtOnce() > 0
                        ? limits.heavyAtOnce()
                        : Math.max(1, Runtime.getRuntime().availableProcessors() - 1),
                limits.heavyWait());
    }

    /**
     * Places.
     *
     * @param atOnce how many, 1 or more
     * @param wait how long somebody waits for one
     */
    public Places(int atOnce, Duration wait) {
        this.free = new Semaphore(atOnce, true);
        this.wait = wait;
    }

    /**
     * Works on a place of its own.
     *
     * @throws Busy if none became free
     */
    public <T> T with(Supplier<T> work) {
        if (!take()) {
            throw new Busy();
        }
        try {
            return work.get();
        } finally {
            giveBack();
        }
    }

    /** Takes a place, which has to be given back; false where none became free. */
    public boolean take() {
        try {
            return free.tryAcquire(wait.toMillis(), TimeUnit.MILLISECONDS);
        } catch (InterruptedException stopping) {
            Thread.currentThread().interrupt();
            return false;
        }
    }

    /** Gives a place back. */
    public void giveBack() {
        free.release();
    }
}
