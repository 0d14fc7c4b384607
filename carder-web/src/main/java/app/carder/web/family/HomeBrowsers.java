package app.carder.web.family;

import app.carder.web.account.LinkSecrets;
import app.carder.web.account.Viewer;
import app.carder.web.children.CarerView;
import app.carder.web.children.ChildService;
import app.carder.web.page.NotFound;
import app.carder.web.page.Required;
import app.carder.web.setting.SettingId;
import app.carder.web.setting.SettingService;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.data.domain.Limit;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Browsers at home that open by themselves: bound by a link and its code, for each child once, until somebody ends them. */
@Service
class HomeBrowsers {

    private static final Limit SHOWN = Limit.of(50);

    private final HomeBrowserRepository browsers;
    private final HomeReaderRepository readers;
    private final ChildService children;
    private final SettingService settings;
    private final FamilyProperties properties;
    private final Clock clock;

    HomeBrowsers(
            HomeBrowserRepository browsers,
            HomeReaderRepository readers,
            ChildService children,
            SettingService settings,
            FamilyProperties properties,
            Clock clock) {
        this.browsers = browsers;
        this.readers = readers;
        this.children = children;
        this.settings = settings;
        this.properties = properties;
        this.clock = clock;
    }

    /** A browser that a link was opened in, and what it is to remember; its token only where it had none. */
    record Bound(UUID browserId, Optional<String> token) {}

    /**
     * A browser, as people see it.
     *
     * @param readerId what ends it for this carer
     * @param browserId its own
     * @param carer who reads in it
     * @param words which program on which machine; empty where that is not known
     * @param since when it was bound
     * @param seen when it was last opened
     */
    record BrowserView(
            UUID readerId, UUID browserId, String carer, String words, LocalDateTime since, LocalDateTime seen) {}

    /** A browser by its cookie, if it is open. */
    @Transactional(readOnly = true)
    Optional<HomeBrowser> known(Optional<String> token) {
        return token.flatMap(found -> browsers.findByTokenHash(LinkSecrets.hash(found)))
                .filter(browser -> browser.isOpen(clock.instant()));
    }

    /** Whoever comes back with the cookie of an open browser. */
    @Transactional
    Optional<Viewer> resume(Optional<String> token) {
        return known(token).flatMap(browser -> {
            browser.seen(clock.instant());
            return viewer(browser);
        });
    }

    private Optional<Viewer> viewer(HomeBrowser browser) {
        return readers.findBySettingIdAndBrowserIdAndEndedAtIsNull(browser.settingId(), browser.getId()).stream()
                .map(reader -> children.carer(browser.settingId(), reader.carerId()))
                .filter(carer -> carer.reads(settings.today(browser.settingId())))
                .findFirst()
                .map(carer -> Viewer.ofBrowser(carer.id(), browser.settingId(), carer.name(), browser.getId()));
    }

    /** Binds a carer to the browser that has this cookie, or to a new one. */
    @Transactional
    Bound bind(CarerView carer, SettingId settingId, Optional<String> token, String words) {
        Instant now = clock.instant();
        Optional<HomeBrowser> known =
                known(token).filter(browser -> browser.settingId().equals(settingId));
        if (known.isPresent()) {
            UUID id = known.get().getId();
            if (!reads(settingId, id, carer.id())) {
                readers.save(new HomeReader(settingId, id, carer.id(), now));
            }
            return new Bound(id, Optional.empty());
        }
        String fresh = LinkSecrets.token();
        HomeBrowser browser =
                new HomeBrowser(settingId, LinkSecrets.hash(fresh), words, now, now.plus(properties.browserLasts()));
        browsers.save(browser);
        readers.save(new HomeReader(settingId, browser.getId(), carer.id(), now));
        return new Bound(browser.getId(), Optional.of(fresh));
    }

    /** Whether a browser reads for a carer. */
    @Transactional(readOnly = true)
    boolean reads(SettingId settingId, UUID browserId, UUID carerId) {
        return readers.findBySettingIdAndBrowserIdAndEndedAtIsNull(settingId, browserId).stream()
                .anyMatch(reader -> reader.carerId().equals(carerId));
    }

    /** The carers that an open browser reads for today: one for each child. */
    @Transactional(readOnly = true)
    List<CarerView> carers(SettingId settingId, UUID browserId) {
        if (browsers.findByIdAndSettingId(browserId, settingId)
                .filter(browser -> browser.isOpen(clock.instant()))
                .isEmpty()) {
            return List.of();
        }
        List<UUID> ids = readers.findBySettingIdAndBrowserIdAndEndedAtIsNull(settingId, browserId).stream()
                .map(HomeReader::carerId)
                .toList();
        LocalDate today = settings.today(settingId);
        return children.carersById(settingId, ids).values().stream()
                .filter(carer -> carer.reads(today))
                .toList();
    }

    /** The open browsers of some carers, the oldest first. */
    @Transactional(readOnly = true)
    List<BrowserView> of(SettingId settingId, Collection<UUID> carerIds) {
        List<HomeReader> found =
                readers.findBySettingIdAndCarerIdInAndEndedAtIsNullOrderBySince(settingId, carerIds, SHOWN);
        Map<UUID, HomeBrowser> byId =
                browsers
                        .findBySettingIdAndIdIn(
                                settingId,
                                found.stream().map(HomeReader::browserId).toList())
                        .stream()
                        .filter(browser -> browser.isOpen(clock.instant()))
                        .collect(Collectors.toMap(HomeBrowser::getId, Function.identity()));
        Map<UUID, CarerView> carers = children.carersById(settingId, carerIds);
        return found.stream()
                .filter(reader -> byId.containsKey(reader.browserId()))
                .map(reader -> view(
                        reader,
                        Required.from(byId, reader.browserId()),
                        Required.from(carers, reader.carerId()).name()))
                .toList();
    }

    private BrowserView view(HomeReader reader, HomeBrowser browser, String carer) {
        return new BrowserView(
                reader.getId(),
                browser.getId(),
                carer,
                browser.words(),
                settings.local(browser.settingId(), browser.boundAt()),
                settings.local(browser.settingId(), browser.seenAt()));
    }

    /** Ends a browser for one carer: staff decide for the child of theirs only. */
    @Transactional
    void endFor(SettingId settingId, UUID readerId) {
        readers.findByIdAndSettingId(readerId, settingId)
                .orElseThrow(NotFound::new)
                .end(clock.instant());
    }

    /**
     * Ends a browser whole, as a carer who reads in it, or in another one for the same child.
     *
     * @throws NotFound if it is none of theirs
     */
    @Transactional
    void end(Viewer viewer, UUID browserId, Collection<UUID> carerIds) {
        if (of(viewer.settingId(), carerIds).stream()
                .noneMatch(browser -> browser.browserId().equals(browserId))) {
            throw new NotFound();
        }
        browsers.findByIdAndSettingId(browserId, viewer.settingId())
                .orElseThrow(NotFound::new)
                .end(clock.instant());
    }
}
