package app.carder.core.journal;

import static app.carder.core.journal.Part.AT_HOME;
import static app.carder.core.journal.Part.BUSY_WITH;
import static app.carder.core.journal.Part.FROM_HOME;
import static app.carder.core.journal.Part.GREETING;
import static app.carder.core.journal.Part.MEASURED;
import static app.carder.core.journal.Part.NEXT_STEPS;
import static app.carder.core.journal.Part.OVER_TIME;
import static app.carder.core.journal.Part.OWN_WORDS;
import static app.carder.core.journal.Part.STRENGTHS;
import static app.carder.core.journal.Part.TALKED_OVER;
import static app.carder.core.journal.Part.THEN_AND_NOW;

import app.carder.core.said.Said;
import java.util.Arrays;
import java.util.List;

/** What a learning journal is for. Parts, lengths and periods are our own proposals; a setting changes the parts. */
public enum Purpose {
    /** A term or a month. */
    TERM(4, 84, 2, List.of(GREETING, STRENGTHS, BUSY_WITH, THEN_AND_NOW, OWN_WORDS, OVER_TIME, NEXT_STEPS, AT_HOME)),
    /** This week at play. */
    WEEK(2, 7, 0, List.of(GREETING, BUSY_WITH, OWN_WORDS, AT_HOME)),
    /** One project over time. */
    PROJECT(3, 56, 1, List.of(GREETING, MEASURED, BUSY_WITH, THEN_AND_NOW, OWN_WORDS, NEXT_STEPS, AT_HOME)),
    /** One skill growing. */
    SKILL(2, 168, 4, List.of(GREETING, THEN_AND_NOW, BUSY_WITH, NEXT_STEPS, AT_HOME)),
    /** Leaving for school. */
    LEAVING(
            8,
            365,
            4,
            List.of(GREETING, STRENGTHS, THEN_AND_NOW, BUSY_WITH, OWN_WORDS, OVER_TIME, TALKED_OVER, FROM_HOME)),
    /** What hangs in a room: of all its children, and of none by name. */
    DISPLAY(3, 14, 0, List.of(BUSY_WITH));

    private final int pages;
    private final int days;
    private final int pairs;
    private final List<Part> parts;

    Purpose(int pages, int days, int pairs, List<Part> parts) {
        this.pages = pages;
        this.days = days;
        this.pairs = pairs;
        this.parts = parts;
    }

    /** For people. */
    public String words() {
        return Said.say("journal-purpose." + name());
    }

    /** What makes it different from the others. */
    public String hint() {
        return Said.say("journal-purpose-hint." + name());
    }

    /** What has to be chosen for it; asked only where it is about one thing. */
    public String about() {
        return Said.say("journal-purpose-about." + name());
    }

    /** What such a journal of a child is called. */
    public String title(String child) {
        return Said.say("journal-purpose-title." + name(), child);
    }

    /** Those that are about one child; a room's display is not. */
    public static List<Purpose> ofAChild() {
        return Arrays.stream(values()).filter(one -> one != DISPLAY).toList();
    }

    /** Whether it is about one thing, which has to be chosen for each child. */
    public boolean isAboutOneThing() {
        return this == PROJECT || this == SKILL;
    }

    /** Pages of records that it usually has. */
    public int pages() {
        return pages;
    }

    /** Days that it usually looks back on. */
    public int days() {
        return days;
    }

    /** Pairs of then and now, at most. */
    public int pairs() {
        return pairs;
    }

    /** Its parts in order, as they are proposed. */
    public List<Part> parts() {
        return parts;
    }
}
