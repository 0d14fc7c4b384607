package app.carder.web.device;

import java.time.Instant;
import java.util.List;

/**
 * What became of it.
 *
 * @param serverAt the server's time
 * @param revoked whether the device is to be wiped now
 * @param results one for each item, in order
 */
record SyncAnswer(Instant serverAt, boolean revoked, List<Result> results) {

    /** What became of an item. */
    enum State {
        /** It is here, now or already before: the device may let it go. */
        KEPT,
        /** It will never be taken as it is; the device shows why. */
        REFUSED,
        /** The photo has not arrived whole; the device sends it once more. */
        AGAIN
    }

    /**
     * One item.
     *
     * @param id its own
     * @param state what became of it
     * @param why in words, where it was refused
     */
    record Result(String id, State state, String why) {
        static Result kept(String id) {
            return new Result(id, State.KEPT, "");
        }

        static Result refused(String id, String why) {
            return new Result(id, State.REFUSED, why);
        }

        static Result again(String id) {
            return new Result(id, State.AGAIN, "");
        }
    }
}
