package app.carder.device;

import org.jspecify.annotations.Nullable;
import org.teavm.jso.JSObject;
import org.teavm.jso.JSProperty;

/** What scripts hand over. Moments are milliseconds since 1970. */
interface Given {

    /** An entry of the log of a record: a tap, or a correction of one. */
    interface Entry extends JSObject {
        @JSProperty
        String getId();

        @JSProperty
        double getAt();

        /** TAP, TAKEN_BACK or RETIMED. */
        @JSProperty
        String getEntry();

        @JSProperty
        @Nullable
        String getKind();

        @JSProperty
        @Nullable
        String getTarget();

        @JSProperty
        double getHappenedAt();
    }

    /** Arriving in a zone. */
    interface Arrival extends JSObject {
        @JSProperty
        double getAt();

        @JSProperty
        String getZone();
    }

    /** A look at a child; what was not tapped is null. */
    interface Look extends JSObject {
        @JSProperty
        @Nullable
        String getActivity();

        @JSProperty
        @Nullable
        String getCompany();

        /** 1 to 5, or 0 for none. */
        @JSProperty
        int getDepth();
    }

    /** A try. */
    interface Attempt extends JSObject {
        @JSProperty
        boolean getCameOff();

        @JSProperty
        String getPrompt();
    }

    /** A turn of a game. */
    interface Turn extends JSObject {
        @JSProperty
        String getPlayer();

        @JSProperty
        int getPoints();
    }

    /** Something that was heard. */
    interface Heard extends JSObject {
        @JSProperty
        String getWords();

        @JSProperty
        String getLanguage();

        @JSProperty
        boolean getQuestion();
    }

    /** A fixed point of the day. */
    interface Point extends JSObject {
        @JSProperty
        String getName();

        /** Seconds since midnight in the room. */
        @JSProperty
        int getSecond();
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
