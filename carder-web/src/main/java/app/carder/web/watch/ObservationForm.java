package app.carder.web.watch;

import app.carder.core.framework.Framework;
import app.carder.core.watch.Involvement;
import app.carder.core.watch.Schema;
import app.carder.core.watch.WellBeing;
import app.carder.web.page.FormErrors;
import app.carder.web.page.Typed;
import java.time.Duration;
import java.time.Instant;
import java.time.format.DateTimeParseException;
import java.util.Arrays;
import java.util.LinkedHashSet;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;

/** Reads an observation from a form. */
final class ObservationForm {

    /** What was written without a connection may arrive this much later. */
    private static final Duration LATEST = Duration.ofDays(14);

    private static final int LONGEST_NOTE = 4000;
    private static final int LONGEST_STEP = 1000;

    private final Typed typed;
    private final FormErrors errors;
    private final Framework framework;

    ObservationForm(Typed typed, FormErrors errors, Framework framework) {
        this.typed = typed;
        this.errors = errors;
        this.framework = framework;
    }

    /** The details, where nothing is wrong. */
    Optional<ObservationDetails> read(Set<UUID> childrenOfRoom, Optional<UUID> card, boolean hasPhoto, Instant now) {
        Set<UUID> children = typed.ids("child").stream()
                .filter(childrenOfRoom::contains)
                .collect(Collectors.toCollection(LinkedHashSet::new));
        if (children.isEmpty()) {
            errors.add("child", "observation.child.missing");
        }
        ObservationWords words = words(hasPhoto);
        return errors.any()
                ? Optional.empty()
                : Optional.of(new ObservationDetails(
                        children,
                        words,
                        card,
                        hasPhoto && !typed.ticked("onlyThings") ? children : Set.of(),
                        observedAt(now)));
    }

    ObservationWords words(boolean hasPhoto) {
        String note = typed.passage("note", LONGEST_NOTE, errors);
        if (note.isEmpty() && !hasPhoto) {
            errors.add("note", "observation.note.missing");
        }
        Set<String> statements = statements();
        return new ObservationWords(
                note,
                level("involvement").map(Involvement::ofLevel),
                level("wellBeing").map(WellBeing::ofLevel),
                areas(statements),
                statements,
                typed.all("schemas").stream()
                        .flatMap(name -> Arrays.stream(Schema.values())
                                .filter(schema -> schema.name().equals(name)))
                        .collect(Collectors.toSet()),
                typed.passage("nextStep", LONGEST_STEP, errors));
    }

    /** 1 to 5, where it was tapped. */
    private Optional<Integer> level(String name) {
        String level = typed.text(name);
        return level.matches("[1-5]") ? Optional.of(Integer.valueOf(level)) : Optional.empty();
    }

    private Set<String> statements() {
        return typed.all("statements").stream()
                .filter(code -> framework.statement(code).isPresent())
                .collect(Collectors.toCollection(LinkedHashSet::new));
    }

    /** The areas of the statements, and those ticked by themselves. */
    private Set<String> areas(Set<String> statements) {
        Set<String> areas = typed.all("areas").stream()
                .filter(framework::hasArea)
                .collect(Collectors.toCollection(LinkedHashSet::new));
        statements.forEach(code -> framework.areaOf(code).ifPresent(area -> areas.add(area.code())));
        return areas;
    }

    /** When it was seen, by the phone's clock where that is credible. */
    private Instant observedAt(Instant now) {
        try {
            Instant told = Instant.parse(typed.text("observedAt"));
            return told.isAfter(now) || told.isBefore(now.minus(LATEST)) ? now : told;
        } catch (DateTimeParseException notTold) {
            return now;
        }
    }
}
