package app.carder.core.journal;

import app.carder.core.said.Said;

/** A part of a learning journal. */
public enum Part {
    /** The cover, with a few words to begin with. */
    GREETING(Holds.WORDS),
    /** What the child can do and enjoys. */
    STRENGTHS(Holds.WORDS),
    /** What it was busy with. */
    BUSY_WITH(Holds.RECORDS),
    /** The same at two times, side by side. */
    THEN_AND_NOW(Holds.RECORDS),
    /** What it said. */
    OWN_WORDS(Holds.RECORDS),
    /** What was measured, over the days of a project, and its pictures. */
    MEASURED(Holds.A_DRAWING),
    /** How often each area was seen, over the period. */
    OVER_TIME(Holds.A_DRAWING),
    /** What adults are concerned about, after it was talked over with the family. */
    TALKED_OVER(Holds.WORDS),
    /** What adults will offer next. */
    NEXT_STEPS(Holds.WORDS),
    /** Something to try at home. */
    AT_HOME(Holds.WORDS),
    /** What the family told. */
    FROM_HOME(Holds.WORDS);

    private enum Holds {
        WORDS,
        RECORDS,
        A_DRAWING
    }

    private final Holds holds;

    Part(Holds holds) {
        this.holds = holds;
    }

    /** For people. */
    public String words() {
        return Said.say("journal-part." + name());
    }

    /** What belongs there, for whoever writes it. */
    public String hint() {
        return Said.say("journal-part-hint." + name());
    }

    /** What is said where no record is found for it. */
    public String whenEmpty() {
        return Said.say("journal-part-empty." + name());
    }

    /** Whether it is told only once it was talked over with the family. */
    public boolean isTalkedOver() {
        return this == TALKED_OVER;
    }

    /** Whether Carder draws it. */
    public boolean isDrawn() {
        return holds == Holds.A_DRAWING;
    }

    /** Whether its records are picked anew when the journal gets longer or shorter. */
    public boolean isPicked() {
        return this == BUSY_WITH;
    }

    /** Whether its records stand side by side in pairs. */
    public boolean isOfPairs() {
        return this == THEN_AND_NOW;
    }

    /** Whether it is written as one text. */
    public boolean isWritten() {
        return holds == Holds.WORDS;
    }

    /** Whether it holds records. */
    public boolean isOfRecords() {
        return holds == Holds.RECORDS;
    }
}
