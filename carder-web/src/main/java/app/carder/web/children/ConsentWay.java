package app.carder.web.children;

import app.carder.core.said.Said;

/** How a family was asked. */
public enum ConsentWay {
    /** On its own page. */
    AT_HOME,
    /** On a form that somebody signed. */
    ON_PAPER,
    /** When the child was enrolled; whoever wrote it down named nobody. */
    ON_ENROLMENT,
    /** Before it was kept who said it. */
    BEFORE;

    /** For people. */
    public String words() {
        return Said.say("consent-way." + name());
    }
}
