package app.carder.web.find;

import app.carder.core.wording.NameSearch;
import app.carder.core.wording.NameSearch.Fit;
import app.carder.web.account.Viewer;
import app.carder.web.card.CardService;
import app.carder.web.card.CardSummary;
import app.carder.web.children.ChildService;
import app.carder.web.find.Found.Group;
import app.carder.web.find.Found.Hit;
import app.carder.web.find.Found.Written;
import app.carder.web.frame.FrameView;
import app.carder.web.kits.KitService;
import app.carder.web.material.MaterialService;
import app.carder.web.room.RoomService;
import app.carder.web.room.RoomView;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.context.MessageSource;
import org.springframework.context.i18n.LocaleContextHolder;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Finds what somebody may open, and nothing else. */
@Service
class FindService {

    private static final int OF_A_KIND = 8;

    private final ChildService children;
    private final CardService cards;
    private final MaterialService materials;
    private final KitService kits;
    private final RoomService rooms;
    private final WrittenWords written;
    private final MessageSource words;

    FindService(
            ChildService children,
            CardService cards,
            MaterialService materials,
            KitService kits,
            RoomService rooms,
            WrittenWords written,
            MessageSource words) {
        this.children = children;
        this.cards = cards;
        this.materials = materials;
        this.kits = kits;
        this.rooms = rooms;
        this.written = written;
        this.words = words;
    }

    /** Something that has a name, or several. */
    private record Named(List<String> names, Hit hit) {
        private Named(String name, String detail, String address) {
            this(List.of(name), new Hit(name, detail, address));
        }
    }

    /**
     * What fits a query.
     *
     * @param open the rooms that somebody may open; absent where that is all of them
     */
    @Transactional(readOnly = true)
    Found find(Viewer viewer, Optional<Set<UUID>> open, String query, Filters filters) {
        List<Written> found = query.isBlank() && !filters.any()
                ? List.of()
                : written.find(viewer.settingId(), open, viewer.role().isLead(), query, filters);
        return new Found(
                query,
                filters,
                named(viewer, open, query),
                found.subList(0, Math.min(found.size(), WrittenWords.most())),
                found.size() > WrittenWords.most());
    }

    /** What has a name that fits a query, the best of each kind first. */
    @Transactional(readOnly = true)
    List<Group> named(Viewer viewer, Optional<Set<UUID>> open, String query) {
        NameSearch search = NameSearch.of(query);
        List<Group> groups = new ArrayList<>();
        if (!search.isEmpty()) {
            List<RoomView> all = rooms.all(viewer.settingId());
            Map<UUID, String> names = all.stream().collect(Collectors.toMap(RoomView::id, RoomView::name));
            Stream.of(
                            group("common.children", search, children(viewer, open, names)),
                            group("card.print-cards.cards", search, namedCards(viewer, open, names)),
                            group("find.things", search, things(viewer)),
                            group("page.parts.pages", search, pages(viewer, all)))
                    .filter(group -> !group.hits().isEmpty())
                    .forEach(groups::add);
        }
        return groups;
    }

    private static Group group(String code, NameSearch search, Stream<Named> all) {
        Map<Hit, Fit> fits = all.flatMap(one -> one.names().stream()
                        .flatMap(name -> search.fit(name).stream())
                        .min(Comparator.naturalOrder())
                        .map(fit -> Map.entry(one.hit(), fit))
                        .stream())
                .collect(Collectors.toMap(Map.Entry::getKey, Map.Entry::getValue, (one, same) -> one));
        List<Hit> hits = fits.entrySet().stream()
                .sorted(Map.Entry.<Hit, Fit>comparingByValue()
                        .thenComparing(entry -> entry.getKey().name()))
                .map(Map.Entry::getKey)
                .toList();
        return new Group(code, hits.subList(0, Math.min(hits.size(), OF_A_KIND)), hits.size() > OF_A_KIND);
    }

    private Stream<Named> children(Viewer viewer, Optional<Set<UUID>> open, Map<UUID, String> rooms) {
        return children.all(viewer.settingId()).stream()
                .filter(child -> isOpen(child.roomId(), open))
                .map(child -> new Named(
                        child.allNames(),
                        new Hit(child.name(), rooms.getOrDefault(child.roomId(), ""), "/children/" + child.id())));
    }

    /** The cards of the rooms that somebody may open. */
    List<CardSummary> cards(Viewer viewer, Optional<Set<UUID>> open) {
        return cards.plan(viewer.settingId(), Optional.empty()).stream()
                .filter(card -> isOpen(card.roomId(), open))
                .toList();
    }

    private Stream<Named> namedCards(Viewer viewer, Optional<Set<UUID>> open, Map<UUID, String> rooms) {
        return cards(viewer, open).stream()
                .map(card -> new Named(card.title(), rooms.getOrDefault(card.roomId(), ""), "/cards/" + card.id()));
    }

    private static boolean isOpen(UUID room, Optional<Set<UUID>> open) {
        return open.map(some -> some.contains(room)).orElse(true);
    }

    private Stream<Named> things(Viewer viewer) {
        return Stream.concat(
                materials.cupboard(viewer.settingId()).stream()
                        .map(item -> new Named(item.name(), item.stocked().keptIn(), "/materials/" + item.id())),
                kits.all(viewer.settingId()).stream()
                        .map(kit -> new Named(kit.name(), kit.keptIn(), "/kits/" + kit.id())));
    }

    private Stream<Named> pages(Viewer viewer, List<RoomView> all) {
        return FrameView.everywhere(viewer, RoomService.home(viewer, all))
                .map(link -> new Named(
                        words.getMessage(link.code(), null, LocaleContextHolder.getLocale()), "", link.address()));
    }
}
