package app.carder.web.page;

import java.time.Duration;
import java.util.concurrent.Semaphore;
import java.util.concurrent.TimeUnit;

/**
 * Room for so many heavy reckonings at a time. Whoever finds none waits a little and is told then: a machine whose threads all wait for
 * one kind of work answers nobody.
 */
public final class Places {

    private final Semaphore free;
    private final Duration wait;

    /**
     * Places.
     *
     * @param atOnce how many
     * @param wait how long somebody waits for one
     */
    public Places(int atOnce, Duration wait) {
        this.free = new Semaphore(atOnce, true);
        this.wait = wait;
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
