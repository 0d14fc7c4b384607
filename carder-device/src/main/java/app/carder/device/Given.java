package app.carder.device;

import org.jspecify.annotations.Nullable;
import org.teavm.jso.JSObject;
import org.teavm.jso.JSProperty;

/** What scripts hand over. Moments are milliseconds since 1970. */
interface Given {

    /** An entry of the log as it travels and as it lies on the device; what its kind does not use is null or empty. */
    interface Entry extends JSObject {
        @JSProperty
        String getId();

        /** As ISO 8601 writes it. */
        @JSProperty
        String getAt();

        /** A name of {@link app.carder.core.watchlog.EntryKind}. */
        @JSProperty
        String getKind();

        @JSProperty
        @Nullable
        String getChild();

        @JSProperty
        @Nullable
        String getZone();

        @JSProperty
        String getCode();

        @JSProperty
        String getCompany();

        @JSProperty
        String getWords();

        @JSProperty
        @Nullable
        String getTarget();

        @JSProperty
        @Nullable
        String getCorrectedTo();
    }

    /** A fixed point of the day. */
    interface Point extends JSObject {
        @JSProperty
        String getName();

        /** Seconds since midnight in the room. */
        @JSProperty
        int getSecond();
    }

    /** What the server told of a child's day; times as {@code 08:00}, empty where there is none. */
    interface Day extends JSObject {
        @JSProperty
        String getDue();

        @JSProperty
        String getArrived();

        @JSProperty
        String getLeft();

        /** Why it does not come, in words. */
        @JSProperty
        String getAway();
    }

    /** A press in the register. */
    interface Press extends JSObject {
        /** A name of {@link app.carder.core.attendance.Pressed}. */
        @JSProperty
        String getWhat();

        @JSProperty
        String getTime();
    }

    /** Rules of a language. */
    interface Language extends JSObject {
        @JSProperty
        String getCode();

        @JSProperty
        Word[] getWatched();

        @JSProperty
        String[] getSigns();

        @JSProperty
        double getBase();

        @JSProperty
        double getPerSentence();

        @JSProperty
        double getPerWord();

        @JSProperty
        String getVowels();

        @JSProperty
        boolean getSilentE();
    }

    /** A word to look at twice. */
    interface Word extends JSObject {
        @JSProperty
        String getPattern();

        @JSProperty
        String getReason();

        @JSProperty
        String getInstead();
    }
}
