package app.carder.web.watch;

import app.carder.core.framework.Framework;
import app.carder.core.watch.Involvement;
import app.carder.core.watch.Schema;
import app.carder.core.watch.WellBeing;
import java.util.HashSet;
import java.util.Optional;
import java.util.Set;

/**
 * What is said about what was seen, and can be said again in other words.
 *
 * @param note in words
 * @param involvement how deep the play was, where noted
 * @param wellBeing how much at ease the child was, where noted
 * @param areas codes of the framework's areas, those of the statements included
 * @param statements codes of the framework's statements
 * @param schemas repeated patterns of play
 * @param nextStep what to offer next; empty where nothing was noted
 */
public record ObservationWords(
        String note,
        Optional<Involvement> involvement,
        Optional<WellBeing> wellBeing,
        Set<String> areas,
        Set<String> statements,
        Set<Schema> schemas,
        String nextStep) {

    /** Keeps its own copies. */
    public ObservationWords {
        areas = Set.copyOf(areas);
        statements = Set.copyOf(statements);
        schemas = Set.copyOf(schemas);
    }

    /** A note and nothing else. */
    static ObservationWords of(String note) {
        return new ObservationWords(note, Optional.empty(), Optional.empty(), Set.of(), Set.of(), Set.of(), "");
    }

    /** The same with the marks of before that a framework no longer has: nobody could have ticked them again. */
    ObservationWords keepingOf(ObservationWords before, Framework framework) {
        Set<String> allAreas = new HashSet<>(areas);
        before.areas().stream().filter(code -> !framework.hasArea(code)).forEach(allAreas::add);
        Set<String> allStatements = new HashSet<>(statements);
        before.statements().stream()
                .filter(code -> framework.statement(code).isEmpty())
                .forEach(allStatements::add);
        return new ObservationWords(note, involvement, wellBeing, allAreas, allStatements, schemas, nextStep);
    }

    /** The same with another note. */
    public ObservationWords withNote(String other) {
        return new ObservationWords(other, involvement, wellBeing, areas, statements, schemas, nextStep);
    }
}
