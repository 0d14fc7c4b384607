package app.carder.web.journal;

import app.carder.core.composition.Composition;
import app.carder.core.composition.Element;
import app.carder.core.composition.Sheet;
import app.carder.core.framework.Framework;
import app.carder.core.journal.Candidate;
import app.carder.core.journal.EntrySelection;
import app.carder.core.journal.Facet;
import app.carder.core.journal.Selection.Choice;
import app.carder.core.journal.Selection.Only;
import app.carder.core.journal.ThenAndNow;
import app.carder.core.journal.Voice;
import app.carder.core.said.Dates;
import app.carder.core.said.Said;
import app.carder.web.card.CardService;
import app.carder.web.card.CardView;
import app.carder.web.setting.SettingId;
import app.carder.web.watch.ObservationView;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collection;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;

/** Observations as the core's selection and its search for pairs take them, and the core's reasons in words. */
@Component
class JournalRecords {

    private final CardService cards;

    JournalRecords(CardService cards) {
        this.cards = cards;
    }

    /**
     * Some records and what belongs to them.
     *
     * @param observations by id
     * @param cards by id, those that were out
     * @param consents to photos
     */
    record Found(Map<UUID, ObservationView> observations, Map<UUID, CardView> cards, PhotoConsents consents) {

        /** The same, as a journal of a child may show photos. */
        Found of(UUID childId) {
            return new Found(observations, cards, new PhotoConsents(childId, consents.childrenById()));
        }

        Optional<CardView> card(ObservationView one) {
            return Optional.ofNullable(one.cardId()).map(cards::get);
        }
    }

    Found found(SettingId settingId, Collection<ObservationView> observations, PhotoConsents consents) {
        Set<UUID> ids = observations.stream()
                .map(ObservationView::cardId)
                .filter(Objects::nonNull)
                .collect(Collectors.toSet());
        return new Found(
                observations.stream().collect(Collectors.toMap(ObservationView::id, Function.identity())),
                cards.whole(settingId, ids).stream().collect(Collectors.toMap(CardView::id, Function.identity())),
                consents);
    }

    Candidate candidate(Found found, ObservationView one) {
        Map<Facet, Set<String>> shows = new EnumMap<>(Facet.class);
        shows.put(Facet.AREA, one.areas());
        shows.put(Facet.ADULT, Set.of(one.author()));
        found.card(one).ifPresent(card -> {
            shows.put(Facet.CARD, Set.of(card.title()));
            if (!card.purpose().place().isBlank()) {
                shows.put(Facet.PLACE, Set.of(card.purpose().place()));
            }
        });
        shows.put(Facet.VOICE, Voice.in(one.note()).stream().map(Enum::name).collect(Collectors.toSet()));
        boolean photo = found.consents().allow(one);
        shows.put(Facet.PHOTO, photo ? Set.of("photo") : Set.of());
        shows.put(Facet.NEXT_STEP, one.words().nextStep().isBlank() ? Set.of() : Set.of("next"));
        return new Candidate(
                one.id().toString(),
                one.observedAt().toLocalDate(),
                shows,
                Composition.quarters(
                        Element.entry("", one.note(), photo ? one.photos().size() : 0), Sheet.A4));
    }

    ThenAndNow.Record record(Found found, ObservationView one) {
        return new ThenAndNow.Record(
                one.id().toString(),
                one.observedAt().toLocalDate(),
                one.words().statements(),
                found.card(one).map(card -> card.id().toString()).orElse(""),
                found.card(one)
                        .map(card -> card.contents().things().collect(Collectors.toSet()))
                        .orElse(Set.of()),
                one.note());
    }

    /** What each of some entries alone brings, in words, by the observation. */
    Map<UUID, String> reasons(Found found, EntrySelection selection, Framework framework) {
        List<Candidate> candidates = found.observations().values().stream()
                .map(one -> candidate(found, one))
                .toList();
        return selection.choices(candidates).stream()
                .collect(Collectors.toMap(
                        choice -> UUID.fromString(choice.candidate().id()),
                        choice -> reason(choice, selection, framework)));
    }

    private String reason(Choice choice, EntrySelection selection, Framework framework) {
        if (choice.only().isEmpty()) {
            return Said.say("picked.only.none");
        }
        List<Said> said = new ArrayList<>();
        for (Only only : choice.only()) {
            said.add(only(only, choice.candidate().on(), selection, framework));
        }
        return Said.say("picked.only.all", Said.oneAfterTheOther(said));
    }

    private Said only(Only only, LocalDate on, EntrySelection selection, Framework framework) {
        return switch (only.facet()) {
            case TIME -> {
                List<LocalDate> stretch = selection.stretch(on);
                yield Said.of("picked.only.TIME", Dates.shortDay(stretch.get(0)), Dates.shortDay(stretch.get(1)));
            }
            case AREA -> Said.of("picked.only.AREA", Said.oneAfterTheOther(names(only.values(), framework)));
            case VOICE -> Said.of("picked.only.VOICE." + only.values().get(0));
            default ->
                Said.of(
                        "picked.only." + only.facet(),
                        Said.oneAfterTheOther(
                                only.values().stream().map(Said::typed).toList()));
        };
    }

    private static List<Said> names(List<String> codes, Framework framework) {
        return codes.stream()
                .map(code -> framework.areas().stream()
                        .filter(area -> area.code().equals(code))
                        .map(Framework.Area::name)
                        .findFirst()
                        .orElse(code))
                .map(Said::typed)
                .toList();
    }
}
