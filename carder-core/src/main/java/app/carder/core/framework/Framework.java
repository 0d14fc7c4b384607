package app.carder.core.framework;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * A developmental framework: areas in order, each with aspects, each with statements.
 *
 * @param code stable, by which rooms name it
 * @param version as its table says, or a sum of its rows where that says none: records keep it
 * @param name for people
 * @param credit whose it is and under which licence
 * @param areas in the framework's order
 */
public record Framework(String code, String version, String name, String credit, List<Area> areas) {

    /** Keeps its own copy. */
    public Framework {
        areas = List.copyOf(areas);
    }

    /**
     * An area of development.
     *
     * @param code unique in the framework
     * @param name for people
     * @param aspects in order
     */
    public record Area(String code, String name, List<Aspect> aspects) {
        /** Keeps its own copy. */
        public Area {
            aspects = List.copyOf(aspects);
        }

        /** All statements of all aspects. */
        public Stream<Statement> statements() {
            return aspects.stream().flatMap(aspect -> aspect.statements().stream());
        }
    }

    /**
     * A part of an area.
     *
     * @param code unique in the framework
     * @param name for people
     * @param statements in order
     */
    public record Aspect(String code, String name, List<Statement> statements) {
        /** Keeps its own copy. */
        public Aspect {
            statements = List.copyOf(statements);
        }
    }

    /**
     * What can be seen a child do.
     *
     * @param code unique in the framework
     * @param words for people
     */
    public record Statement(String code, String words) {}

    /** The area that a statement belongs to. */
    public Optional<Area> areaOf(String statementCode) {
        return areas.stream()
                .filter(area -> area.statements().anyMatch(found -> found.code().equals(statementCode)))
                .findFirst();
    }

    /** The words of a statement. */
    public Optional<Statement> statement(String statementCode) {
        return areas.stream()
                .flatMap(Area::statements)
                .filter(found -> found.code().equals(statementCode))
                .findFirst();
    }

    /** Whether there is an area with this code. */
    public boolean hasArea(String areaCode) {
        return areas.stream().anyMatch(area -> area.code().equals(areaCode));
    }
}
