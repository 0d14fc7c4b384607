package app.carder.web.family;

import app.carder.core.said.Catalogue.Spoken;
import app.carder.core.said.Said;
import app.carder.web.account.LinkSecrets;
import app.carder.web.account.Viewer;
import app.carder.web.children.CarerView;
import app.carder.web.children.ChildService;
import app.carder.web.children.HoldService;
import app.carder.web.children.PauseService;
import app.carder.web.journal.JournalService;
import app.carder.web.journal.JournalSheet;
import app.carder.web.journal.JournalSummary;
import app.carder.web.outbox.Mail;
import app.carder.web.outbox.OutboxService;
import app.carder.web.page.HomeLanguage;
import app.carder.web.page.NotFound;
import app.carder.web.page.PublicAddress;
import app.carder.web.page.Required;
import app.carder.web.page.Words;
import app.carder.web.setting.SettingId;
import app.carder.web.setting.SettingService;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.data.domain.Limit;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Private links, what a carer may see by them, and what carers write back. */
@Service
public class FamilyService {

    private static final Limit SHOWN = Limit.of(50);

    private final InvitationRepository invitations;
    private final ReplyRepository replies;
    private final ReadTogetherRepository together;
    private final JournalService journals;
    private final HomeBrowsers browsers;
    private final ChildService children;
    private final HoldService holds;
    private final PauseService pauses;
    private final OutboxService outbox;
    private final SettingService settings;
    private final PasswordEncoder passwords;
    private final FamilyProperties properties;
    private final PublicAddress address;
    private final Words words;
    private final Clock clock;

    FamilyService(
            InvitationRepository invitations,
            ReplyRepository replies,
            ReadTogetherRepository together,
            JournalService journals,
            HomeBrowsers browsers,
            ChildService children,
            HoldService holds,
            PauseService pauses,
            OutboxService outbox,
            SettingService settings,
            PasswordEncoder passwords,
            FamilyProperties properties,
            PublicAddress address,
            Words words,
            Clock clock) {
        this.invitations = invitations;
        this.replies = replies;
        this.together = together;
        this.journals = journals;
        this.browsers = browsers;
        this.children = children;
        this.holds = holds;
        this.pauses = pauses;
        this.outbox = outbox;
        this.settings = settings;
        this.passwords = passwords;
        this.properties = properties;
        this.address = address;
        this.words = words;
        this.clock = clock;
    }

    /** A link, as staff see it. */
    record Sent(UUID id, String carer, LocalDateTime sentAt, LocalDateTime expiresAt, InvitationState state) {}

    /** What became of an attempt to open a link. */
    sealed interface Opening {
        /** Come in; the token is for the browser to keep, where it has none. */
        record Opened(Viewer viewer, UUID journalId, Optional<String> token) implements Opening {}

        /** Not with this code. */
        record WrongCode(int triesLeft) implements Opening {}

        /** Not at all any more. */
        record Shut(InvitationState state) implements Opening {}
    }

    /**
     * A code for a carer. It is shown once and kept nowhere.
     *
     * @param carer whose it is
     * @param code to type
     */
    record LinkCode(String carer, String code) {}

    /**
     * Invites carers to an approved journal: the link goes out by mail, the code by whoever invites, so that they never lie together. A
     * carer's earlier link to the same journal is taken back.
     *
     * @return the codes to hand over
     * @throws NotFound if a carer is not one of the child's who may read and has an address, or the journal is not approved
     */
    @Transactional
    public List<LinkCode> invite(SettingId settingId, UUID journalId, Collection<UUID> carerIds) {
        JournalSheet sheet = journals.sheet(settingId, journalId);
        if (!sheet.approved()) {
            throw new NotFound();
        }
        Map<UUID, CarerView> ofChild = children.carersOf(settingId, sheet.childId()).stream()
                .collect(Collectors.toMap(CarerView::id, Function.identity()));
        List<Invitation> earlier = sentTo(settingId, journalId);
        UUID roomId = children.get(settingId, sheet.childId()).roomId();
        List<LinkCode> codes = new ArrayList<>();
        for (UUID carerId : carerIds) {
            CarerView carer = Optional.ofNullable(ofChild.get(carerId))
                    .filter(found -> !found.email().isEmpty())
                    .orElseThrow(NotFound::new);
            earlier.stream()
                    .filter(found -> found.carerId().equals(carerId))
                    .forEach(found -> found.revoke(clock.instant()));
            codes.add(send(settingId, roomId, sheet, carer));
        }
        return codes;
    }

    /**
     * Sends approved journals to everybody who may read them and has an address. One with a court order or a wish is left out: whoever sends
     * it reads that first.
     */
    @Transactional
    public SendingRound inviteAll(SettingId settingId, Collection<UUID> journalIds) {
        List<SendingRound.Code> codes = new ArrayList<>();
        List<SendingRound.NotSent> notSent = new ArrayList<>();
        for (UUID journalId : journalIds) {
            JournalSheet sheet = journals.sheet(settingId, journalId);
            List<UUID> readers = children.carersOf(settingId, sheet.childId()).stream()
                    .filter(carer -> !carer.email().isEmpty())
                    .map(CarerView::id)
                    .toList();
            Optional<SendingRound.Reason> why = whyNot(settingId, sheet, readers);
            if (why.isPresent()) {
                notSent.add(new SendingRound.NotSent(sheet.childName(), why.get()));
            } else {
                invite(settingId, journalId, readers)
                        .forEach(one -> codes.add(new SendingRound.Code(sheet.childName(), one.carer(), one.code())));
            }
        }
        return new SendingRound(codes, notSent);
    }

    private Optional<SendingRound.Reason> whyNot(SettingId settingId, JournalSheet sheet, List<UUID> readers) {
        if (!children.get(settingId, sheet.childId()).beforeSending().isEmpty()) {
            return Optional.of(SendingRound.Reason.ORDER);
        }
        if (holds.isRestricted(settingId, sheet.childId())) {
            return Optional.of(SendingRound.Reason.RESTRICTED);
        }
        if (pauses.of(settingId, sheet.childId()).isPresent()) {
            return Optional.of(SendingRound.Reason.PAUSED);
        }
        return readers.isEmpty() ? Optional.of(SendingRound.Reason.NO_ADDRESS) : Optional.empty();
    }

    /** A link that was just made; the code is kept nowhere. */
    private record Link(String address, String code, Instant expiresAt) {}

    private Link link(SettingId settingId, JournalSheet sheet, CarerView carer) {
        String token = LinkSecrets.token();
        String code = LinkSecrets.code();
        Instant now = clock.instant();
        Instant expiresAt = now.plus(properties.linkLasts());
        invitations.save(new Invitation(
                settingId, sheet.id(), carer.id(), LinkSecrets.hash(token), passwords.encode(code), expiresAt, now));
        String spoken = carer.language().isEmpty() ? "" : "?%s=%s".formatted(HomeLanguage.ASKED_FOR, carer.language());
        return new Link(address.origin() + "/open/" + token + spoken, code, expiresAt);
    }

    private LinkCode send(SettingId settingId, UUID roomId, JournalSheet sheet, CarerView carer) {
        Link link = link(settingId, sheet, carer);
        String setting = settings.get(settingId).name();
        try (Spoken theirs = words.wanted(carer.language()).speak()) {
            outbox.send(
                    settingId,
                    roomId,
                    new Mail(
                            carer.name(),
                            carer.email(),
                            Said.say("family.a-learning-journal-from", setting),
                            Said.say(
                                    "family.new-journal-mail",
                                    link.address(),
                                    settings.local(settingId, link.expiresAt()).toLocalDate(),
                                    setting)));
        }
        return new LinkCode(carer.name(), link.code());
    }

    /**
     * A letter for a carer: its link as a drawing, and the code on a slip of its own.
     *
     * @param carer whose it is
     * @param link that it leads to
     * @param code to type
     * @param expiresOn the last day on which it opens
     * @param language in which they are written to; empty where nobody said
     */
    record Letter(String carer, String link, String code, LocalDate expiresOn, String language) {}

    /**
     * Makes a link that goes home on paper. A carer's earlier link to the same journal is taken back.
     *
     * @throws NotFound if the carer is not one of the child's who may read, or the journal is not approved
     */
    @Transactional
    Letter letter(SettingId settingId, UUID journalId, UUID carerId) {
        JournalSheet sheet = journals.sheet(settingId, journalId);
        CarerView carer = reader(settingId, sheet, carerId);
        sentTo(settingId, journalId).stream()
                .filter(found -> found.carerId().equals(carerId))
                .forEach(found -> found.revoke(clock.instant()));
        Link link = link(settingId, sheet, carer);
        return new Letter(
                carer.name(),
                link.address(),
                link.code(),
                settings.local(settingId, link.expiresAt()).toLocalDate(),
                carer.language());
    }

    private CarerView reader(SettingId settingId, JournalSheet sheet, UUID carerId) {
        return children.carersOf(settingId, sheet.childId()).stream()
                .filter(carer -> sheet.approved() && carer.id().equals(carerId))
                .findFirst()
                .orElseThrow(NotFound::new);
    }

    /**
     * Notes that a journal was read together.
     *
     * @throws NotFound if the carer is not one of the child's who may read, or the journal is not approved
     */
    @Transactional
    void readTogether(Viewer viewer, UUID journalId, UUID carerId, LocalDate on) {
        SettingId settingId = viewer.settingId();
        CarerView carer = reader(settingId, journals.sheet(settingId, journalId), carerId);
        together.save(new ReadTogether(settingId, journalId, carer.id(), on, viewer.name(), settings.now(settingId)));
    }

    /** When a journal was read together, with whom, and who noted it. */
    record Together(String carer, LocalDate on, String by) {}

    /** When a journal was read together, the latest first. */
    @Transactional(readOnly = true)
    List<Together> together(SettingId settingId, UUID journalId) {
        List<ReadTogether> found =
                together.findBySettingIdAndJournalIdOrderByOnDayDescNotedAtDesc(settingId, journalId, SHOWN);
        Map<UUID, CarerView> carers = children.carersById(
                settingId, found.stream().map(ReadTogether::carerId).distinct().toList());
        return found.stream()
                .map(one -> new Together(Required.from(carers, one.carerId()).name(), one.onDay(), one.notedBy()))
                .toList();
    }

    /** The links of a journal, newest first. */
    @Transactional(readOnly = true)
    List<Sent> sent(SettingId settingId, UUID journalId) {
        List<Invitation> found = sentTo(settingId, journalId);
        Map<UUID, CarerView> carers = children.carersById(
                settingId, found.stream().map(Invitation::carerId).distinct().toList());
        return found.stream()
                .map(invitation -> new Sent(
                        invitation.getId(),
                        Required.from(carers, invitation.carerId()).name(),
                        settings.local(settingId, invitation.sentAt()),
                        settings.local(settingId, invitation.expiresAt()),
                        state(invitation)))
                .toList();
    }

    /** Takes a link back: whoever holds it, or has it open, sees nothing more. */
    @Transactional
    UUID revoke(SettingId settingId, UUID invitationId) {
        Invitation invitation =
                invitations.findByIdAndSettingId(invitationId, settingId).orElseThrow(NotFound::new);
        invitation.revoke(clock.instant());
        return invitation.journalId();
    }

    /** Takes every link of a journal back: a wrong sending ends at once, wherever it is open. */
    @Transactional
    void recall(SettingId settingId, UUID journalId) {
        journals.sheet(settingId, journalId);
        sentTo(settingId, journalId).forEach(invitation -> invitation.revoke(clock.instant()));
    }

    /**
     * Whether a link can be opened.
     *
     * @throws NotFound if there is no such link
     */
    @Transactional(readOnly = true)
    InvitationState state(String token) {
        return state(invitations.findByTokenHash(LinkSecrets.hash(token)).orElseThrow(NotFound::new));
    }

    /** Whoever may not read any more has no link that opens. */
    private InvitationState state(Invitation invitation) {
        SettingId settingId = invitation.settingId();
        return children.carer(settingId, invitation.carerId()).reads(settings.today(settingId))
                ? invitation.stateAt(clock.instant())
                : InvitationState.REVOKED;
    }

    /**
     * Tries a code on a link. It binds the browser, and does so once.
     *
     * @param cookie what the browser remembers of earlier links
     * @param words what the browser calls itself
     * @throws NotFound if there is no such link
     */
    @Transactional
    Opening open(String token, String code, Optional<String> cookie, String words) {
        Invitation invitation =
                invitations.readByTokenHash(LinkSecrets.hash(token)).orElseThrow(NotFound::new);
        InvitationState state = state(invitation);
        if (state != InvitationState.OPEN) {
            return new Opening.Shut(state);
        }
        if (!passwords.matches(code, invitation.codeHash())) {
            invitation.countWrongCode();
            InvitationState now = state(invitation);
            return now == InvitationState.OPEN ? new Opening.WrongCode(invitation.triesLeft()) : new Opening.Shut(now);
        }
        SettingId settingId = invitation.settingId();
        CarerView carer = children.carer(settingId, invitation.carerId());
        HomeBrowsers.Bound bound = browsers.bind(carer, settingId, cookie, words);
        invitation.opened(bound.browserId(), clock.instant());
        return new Opening.Opened(
                Viewer.ofBrowser(carer.id(), settingId, carer.name(), bound.browserId()),
                invitation.journalId(),
                bound.token());
    }

    /**
     * Opens a link in a browser that reads for its carer already: it needs no code.
     *
     * @throws NotFound if there is no such link
     */
    @Transactional
    Optional<Opening.Opened> reopen(String token, Optional<String> cookie) {
        Invitation invitation =
                invitations.findByTokenHash(LinkSecrets.hash(token)).orElseThrow(NotFound::new);
        if (state(invitation) == InvitationState.REVOKED) {
            return Optional.empty();
        }
        return browsers.resume(cookie)
                .filter(viewer -> viewer.settingId().equals(invitation.settingId()))
                .filter(viewer -> viewer.browser()
                        .filter(browser -> browsers.reads(viewer.settingId(), browser, invitation.carerId()))
                        .isPresent())
                .map(viewer -> new Opening.Opened(viewer, invitation.journalId(), Optional.empty()));
    }

    /** The approved journals that a carer may read, newest first. */
    @Transactional(readOnly = true)
    List<JournalSummary> readable(Viewer viewer) {
        List<UUID> ids =
                live(viewer).stream().map(Invitation::journalId).distinct().toList();
        Map<UUID, JournalSummary> found = journals.byId(viewer.settingId(), ids);
        return ids.stream()
                .map(found::get)
                .filter(Objects::nonNull)
                .filter(JournalSummary::approved)
                .toList();
    }

    /** The same, whole. */
    @Transactional(readOnly = true)
    public List<JournalSheet> readableSheets(Viewer viewer) {
        return readable(viewer).stream()
                .map(journal -> journals.sheet(viewer.settingId(), journal.id()))
                .toList();
    }

    /**
     * A journal, for a carer who may read it.
     *
     * @throws NotFound if it is not approved, or no live link of this carer leads to it
     */
    @Transactional(readOnly = true)
    JournalSheet read(Viewer viewer, UUID journalId) {
        if (live(viewer).stream().noneMatch(found -> found.journalId().equals(journalId))) {
            throw new NotFound();
        }
        JournalSheet sheet = journals.sheet(viewer.settingId(), journalId);
        if (!sheet.approved()) {
            throw new NotFound();
        }
        return sheet;
    }

    /** Keeps what a carer wrote back; a second time with the same id changes nothing. */
    @Transactional
    public void reply(Viewer viewer, UUID id, UUID journalId, String words) {
        JournalSheet sheet = read(viewer, journalId);
        if (replies.findByIdAndSettingId(id, viewer.settingId()).isEmpty()) {
            replies.save(new Reply(
                    id,
                    viewer.settingId(),
                    author(viewer, sheet),
                    sheet,
                    carerFor(viewer, sheet.childId()).name(),
                    words,
                    settings.now(viewer.settingId())));
        }
    }

    /** What carers of a child wrote back, newest first. */
    @Transactional(readOnly = true)
    public List<ReplyView> repliesAbout(SettingId settingId, UUID childId) {
        return views(settingId, replies.findBySettingIdAndChildIdOrderBySentAtDesc(settingId, childId, SHOWN));
    }

    /** What was written back about one journal, newest first. */
    @Transactional(readOnly = true)
    List<ReplyView> repliesTo(SettingId settingId, UUID journalId) {
        return views(settingId, replies.findBySettingIdAndJournalIdOrderBySentAtDesc(settingId, journalId, SHOWN));
    }

    /** What one carer wrote back about a journal: what others of the family wrote is theirs. */
    @Transactional(readOnly = true)
    List<ReplyView> ownReplies(Viewer viewer, JournalSheet sheet) {
        return views(
                viewer.settingId(),
                replies.findBySettingIdAndJournalIdAndAuthorIdOrderBySentAtDesc(
                        viewer.settingId(), sheet.id(), author(viewer, sheet), SHOWN));
    }

    /** Whose a reply is: an account's, or the carer's for whom the browser reads of this child. */
    private UUID author(Viewer viewer, JournalSheet sheet) {
        return viewer.browser().isPresent() ? carerFor(viewer, sheet.childId()).id() : viewer.personId();
    }

    private List<ReplyView> views(SettingId settingId, List<Reply> found) {
        return found.stream()
                .map(reply -> new ReplyView(
                        reply.journalId(), reply.carerName(), reply.words(), settings.local(settingId, reply.sentAt())))
                .toList();
    }

    private List<Invitation> sentTo(SettingId settingId, UUID journalId) {
        return invitations.findBySettingIdAndJournalIdOrderBySentAtDesc(settingId, journalId, SHOWN);
    }

    /**
     * The links by which a viewer may read: all of their carers that were not taken back. An account needs none to sign in, and a browser
     * has proved itself for each of its carers.
     */
    private List<Invitation> live(Viewer viewer) {
        List<UUID> carers = carersOf(viewer).stream().map(CarerView::id).toList();
        return invitations.findBySettingIdAndCarerIdInOrderBySentAtDesc(viewer.settingId(), carers, SHOWN).stream()
                .filter(invitation -> !invitation.isRevoked())
                .toList();
    }

    /** The carers as whom somebody reads: one for each child. */
    List<CarerView> carersOf(Viewer viewer) {
        return viewer.browser()
                .map(browser -> browsers.carers(viewer.settingId(), browser))
                .orElseGet(() -> children.carersOfAccount(viewer.settingId(), viewer.personId()));
    }

    /** The children for whom somebody reads, each once. */
    @Transactional(readOnly = true)
    List<UUID> childrenOf(Viewer viewer) {
        return carersOf(viewer).stream().map(CarerView::childId).distinct().toList();
    }

    /** As which carers somebody reads. */
    @Transactional(readOnly = true)
    public List<UUID> carerIdsOf(Viewer viewer) {
        return carersOf(viewer).stream().map(CarerView::id).toList();
    }

    /** They want to be written to in a language from now on. */
    @Transactional
    public void writeIn(Viewer viewer, String language) {
        carerIdsOf(viewer).forEach(carer -> children.writeIn(viewer.settingId(), carer, language));
    }

    /** Who speaks for a child. */
    record Speaker(UUID carerId, String name) {}

    /**
     * The carer as whom somebody speaks for a child.
     *
     * @throws NotFound if they read for no such child
     */
    @Transactional(readOnly = true)
    Speaker speaker(Viewer viewer, UUID childId) {
        CarerView carer = carerFor(viewer, childId);
        return new Speaker(carer.id(), carer.name());
    }

    /** Other browsers that read for the same children. */
    @Transactional(readOnly = true)
    List<HomeBrowsers.BrowserView> browsersOf(Viewer viewer) {
        return browsers.of(
                viewer.settingId(), carersOf(viewer).stream().map(CarerView::id).toList());
    }

    /**
     * Ends a browser at home.
     *
     * @throws NotFound if it reads for none of the viewer's children
     */
    @Transactional
    void endBrowser(Viewer viewer, UUID browserId) {
        browsers.end(
                viewer, browserId, carersOf(viewer).stream().map(CarerView::id).toList());
    }

    /** Who a viewer is for one child: the carer of theirs whose child it is. */
    private CarerView carerFor(Viewer viewer, UUID childId) {
        return carersOf(viewer).stream()
                .filter(carer -> carer.childId().equals(childId))
                .findFirst()
                .orElseThrow(NotFound::new);
    }
}
