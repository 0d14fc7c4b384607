package app.carder.web.homecard;

import app.carder.core.home.HomeCard;
import app.carder.core.home.HomeSafety;
import app.carder.core.home.HomeSafety.Facts;
import app.carder.core.said.Catalogue.Spoken;
import app.carder.core.said.Said;
import app.carder.web.account.Viewer;
import app.carder.web.children.CarerView;
import app.carder.web.children.ChildService;
import app.carder.web.children.ChildView;
import app.carder.web.family.FamilyService;
import app.carder.web.media.PhotoService;
import app.carder.web.media.PhotoService.Cleaned;
import app.carder.web.media.PhotoService.Size;
import app.carder.web.media.PhotoView;
import app.carder.web.outbox.Mail;
import app.carder.web.outbox.OutboxService;
import app.carder.web.page.NotFound;
import app.carder.web.page.PublicAddress;
import app.carder.web.page.Required;
import app.carder.web.page.Words;
import app.carder.web.setting.Ids;
import app.carder.web.setting.SettingId;
import app.carder.web.setting.SettingService;
import app.carder.web.watch.ObservationService;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.data.domain.Limit;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Sends cards home, and takes in what comes back on them. */
@Service
public class HomeCardService {

    private static final Limit SHOWN = Limit.of(50);

    private final SentCardRepository cards;
    private final HomeAnswerRepository answers;
    private final ChildService children;
    private final FamilyService family;
    private final ObservationService observations;
    private final PhotoService photos;
    private final OutboxService outbox;
    private final SettingService settings;
    private final PublicAddress address;
    private final Words words;

    HomeCardService(
            SentCardRepository cards,
            HomeAnswerRepository answers,
            ChildService children,
            FamilyService family,
            ObservationService observations,
            PhotoService photos,
            OutboxService outbox,
            SettingService settings,
            PublicAddress address,
            Words words) {
        this.cards = cards;
        this.answers = answers;
        this.children = children;
        this.family = family;
        this.observations = observations;
        this.photos = photos;
        this.outbox = outbox;
        this.settings = settings;
        this.address = address;
        this.words = words;
    }

    /**
     * A card that could go home with a child.
     *
     * @param card which
     * @param safety what has to be thought of
     */
    record Offer(HomeCard card, HomeSafety safety) {}

    /** The cards for a child's age, those that may go home first. */
    @Transactional(readOnly = true)
    List<Offer> offers(SettingId settingId, ChildView child) {
        int months = child.age().inMonths();
        Facts facts = new Facts(
                months,
                child.care().mouthing(),
                child.care().allergiesAsked(),
                child.care().allergens(),
                !child.care().entries().isEmpty() || !child.care().plan().isEmpty());
        return HomeCard.shipped().stream()
                .filter(card -> card.suits(months))
                .map(card -> new Offer(card, HomeSafety.of(card, facts)))
                .sorted(Comparator.comparing(offer -> !offer.safety().isSendable()))
                .toList();
    }

    /**
     * Sends a card to some carers of a child.
     *
     * @throws NotFound if there is no such card for this child, or a carer is not one of those who may read
     */
    @Transactional
    void send(Viewer viewer, UUID childId, String code, Collection<UUID> carerIds) {
        SettingId settingId = viewer.settingId();
        ChildView child = children.get(settingId, childId);
        Offer offer = offers(settingId, child).stream()
                .filter(one -> one.card().code().equals(code) && one.safety().isSendable())
                .findFirst()
                .orElseThrow(NotFound::new);
        Map<UUID, CarerView> readers = children.carersOf(settingId, childId).stream()
                .collect(Collectors.toMap(CarerView::id, Function.identity()));
        String setting = settings.get(settingId).name();
        for (UUID carerId : carerIds) {
            CarerView carer = Optional.ofNullable(readers.get(carerId)).orElseThrow(NotFound::new);
            try (Spoken theirs = words.wanted(carer.language()).speak()) {
                SentCard card =
                        new SentCard(settingId, childId, carerId, offer.card(), viewer.name(), settings.now(settingId));
                cards.save(card);
                if (!carer.email().isEmpty()) {
                    outbox.send(
                            settingId,
                            child.roomId(),
                            new Mail(
                                    carer.name(),
                                    carer.email(),
                                    Said.say("homecard.mail.subject", setting),
                                    Said.say("homecard.mail.words", link(card.getId()), setting)));
                }
            }
        }
    }

    /** Where a card is opened at home. */
    String link(UUID cardId) {
        return address.origin() + "/family/home-cards/" + cardId;
    }

    /**
     * A card with what came back on it.
     *
     * @param front of it
     * @param child whose
     * @param carer to whom it went
     * @param sentBy who sent it
     * @param sentAt when
     * @param back what came back, the oldest first
     */
    record WithBack(
            SentCard.Front front,
            ChildView child,
            String carer,
            String sentBy,
            LocalDateTime sentAt,
            List<Back> back) {}

    /**
     * One thing on the back.
     *
     * @param id its own
     * @param carer who wrote it
     * @param words of it
     * @param photos with it
     * @param sentAt when it came
     * @param seenBy who of staff read it first; empty where nobody has
     * @param observationId what it became in the child's record
     * @param apartBy who had it held apart; empty where it is not
     * @param showsOthers whether its photo shows a child beside the carer's own
     * @param staff what staff wrote under it
     */
    record Back(
            UUID id,
            String carer,
            String words,
            List<UUID> photos,
            LocalDateTime sentAt,
            String seenBy,
            Optional<UUID> observationId,
            String apartBy,
            boolean showsOthers,
            Optional<ByStaff> staff) {

        /** Whether somebody has to say who is in its photo before it goes into the record. */
        public boolean isAskingWho() {
            return showsOthers && !photos.isEmpty();
        }

        /** Whether nobody of staff has read it. */
        public boolean isNew() {
            return seenBy.isEmpty();
        }
    }

    /**
     * What staff wrote on the back.
     *
     * @param words of it
     * @param by who
     * @param at when
     */
    record ByStaff(String words, String by, LocalDateTime at) {}

    /** The cards of a child, the newest first; what is held apart is shown to nobody here. */
    @Transactional(readOnly = true)
    List<WithBack> ofChild(SettingId settingId, UUID childId) {
        return withBack(
                settingId, cards.findBySettingIdAndChildIdOrderBySentAtDescIdDesc(settingId, childId, SHOWN), Held.NOT);
    }

    /** What came back of some children, on its card, the newest first. */
    @Transactional(readOnly = true)
    List<WithBack> cameBack(SettingId settingId, Collection<UUID> childIds) {
        List<UUID> ids = answers.findBySettingIdAndChildIdInOrderBySentAtDescIdDesc(settingId, childIds, SHOWN).stream()
                .filter(answer -> !answer.isApart())
                .map(HomeAnswer::homeCardId)
                .distinct()
                .toList();
        return inOrder(settingId, ids, Held.NOT);
    }

    /** What is held apart, for a manager. */
    @Transactional(readOnly = true)
    List<WithBack> apart(SettingId settingId, Collection<UUID> childIds) {
        List<UUID> ids = answers.findBySettingIdAndChildIdInOrderBySentAtDescIdDesc(settingId, childIds, SHOWN).stream()
                .filter(HomeAnswer::isApart)
                .map(HomeAnswer::homeCardId)
                .distinct()
                .toList();
        return inOrder(settingId, ids, Held.APART);
    }

    private List<WithBack> inOrder(SettingId settingId, List<UUID> ids, Held held) {
        Map<UUID, SentCard> found = cards.findBySettingIdAndIdIn(settingId, ids).stream()
                .collect(Collectors.toMap(SentCard::getId, Function.identity()));
        return withBack(
                settingId, ids.stream().map(id -> Required.from(found, id)).toList(), held);
    }

    private enum Held {
        NOT,
        APART,
        EITHER;

        boolean shows(HomeAnswer answer) {
            return this == EITHER || (this == APART) == answer.isApart();
        }
    }

    private List<WithBack> withBack(SettingId settingId, List<SentCard> some, Held held) {
        if (some.isEmpty()) {
            return List.of();
        }
        Map<UUID, List<HomeAnswer>> back = answers
                .findBySettingIdAndHomeCardIdInOrderBySentAt(
                        settingId, some.stream().map(SentCard::getId).toList())
                .stream()
                .filter(held::shows)
                .collect(Collectors.groupingBy(HomeAnswer::homeCardId));
        Map<UUID, List<UUID>> pictures = photos
                .ofHomeAnswers(
                        settingId,
                        back.values().stream()
                                .flatMap(List::stream)
                                .map(HomeAnswer::getId)
                                .toList())
                .stream()
                .collect(Collectors.groupingBy(
                        PhotoView::subjectId, Collectors.mapping(PhotoView::id, Collectors.toList())));
        Map<UUID, ChildView> whose = children.byId(
                settingId, some.stream().map(SentCard::childId).distinct().toList());
        Map<UUID, CarerView> carers = children.carersById(
                settingId,
                some.stream()
                        .flatMap(card -> card.carerId().stream())
                        .distinct()
                        .toList());
        return some.stream()
                .map(card -> new WithBack(
                        card.front(),
                        Required.from(whose, card.childId()),
                        card.carerId()
                                .map(id -> Required.from(carers, id).name())
                                .orElse("-"),
                        card.sentBy(),
                        settings.local(settingId, card.sentAt()),
                        back.getOrDefault(card.getId(), List.of()).stream()
                                .map(answer -> back(settingId, answer, pictures))
                                .toList()))
                .toList();
    }

    private Back back(SettingId settingId, HomeAnswer answer, Map<UUID, List<UUID>> pictures) {
        return new Back(
                answer.getId(),
                answer.carerName(),
                answer.words(),
                pictures.getOrDefault(answer.getId(), List.of()),
                settings.local(settingId, answer.sentAt()),
                answer.seenBy(),
                answer.observationId(),
                answer.apartBy(),
                answer.showsOthers(),
                answer.staffWordsAt()
                        .map(at -> new ByStaff(
                                answer.staffWords(), answer.staffWordsBy(), settings.local(settingId, at))));
    }

    /**
     * One card for whoever prints it.
     *
     * @throws NotFound if there is none
     */
    @Transactional(readOnly = true)
    WithBack card(SettingId settingId, UUID cardId) {
        return withBack(
                        settingId,
                        List.of(cards.findByIdAndSettingId(cardId, settingId).orElseThrow(NotFound::new)),
                        Held.NOT)
                .get(0);
    }

    /** The cards that went to a carer, the newest first. */
    @Transactional(readOnly = true)
    List<SentCard.Front> atHome(Viewer viewer) {
        List<UUID> ids = family.carerIdsOf(viewer);
        return ids.isEmpty()
                ? List.of()
                : cards.findBySettingIdAndCarerIdInOrderBySentAtDescIdDesc(viewer.settingId(), ids, SHOWN).stream()
                        .map(SentCard::front)
                        .toList();
    }

    /**
     * One card with what this carer wrote on its back; held apart or not, it is theirs.
     *
     * @throws NotFound if it went to somebody else
     */
    @Transactional(readOnly = true)
    WithBack atHome(Viewer viewer, UUID cardId) {
        return withBack(viewer.settingId(), List.of(ofCarer(viewer, cardId)), Held.EITHER)
                .get(0);
    }

    private SentCard ofCarer(Viewer viewer, UUID cardId) {
        List<UUID> ids = family.carerIdsOf(viewer);
        return cards.findByIdAndSettingId(cardId, viewer.settingId())
                .filter(card -> card.carerId().filter(ids::contains).isPresent())
                .orElseThrow(NotFound::new);
    }

    /** Keeps what a carer wrote on the back; a second time with the same id changes nothing. */
    @Transactional
    void answer(Viewer viewer, UUID id, UUID cardId, String words, Optional<Cleaned> photo, boolean showsOthers) {
        SettingId settingId = viewer.settingId();
        SentCard card = ofCarer(viewer, cardId);
        if (answers.findByIdAndSettingId(id, settingId).isEmpty()) {
            UUID carerId = card.carerId().orElseThrow(NotFound::new);
            answers.save(new HomeAnswer(
                    id,
                    settingId,
                    card,
                    carerId,
                    children.carer(settingId, carerId).name(),
                    words,
                    showsOthers,
                    settings.now(settingId)));
            photo.ifPresent(cleaned -> photos.saveHomeAnswer(settingId, id, cleaned));
        }
    }

    /** Somebody of staff has read it. */
    @Transactional
    UUID see(Viewer viewer, UUID answerId) {
        HomeAnswer answer = open(viewer, answerId);
        answer.see(viewer.name());
        return answer.childId();
    }

    /** Staff write under what a family wrote: it stands on the card at home. */
    @Transactional
    UUID writeBack(Viewer viewer, UUID answerId, String words) {
        HomeAnswer answer = open(viewer, answerId);
        answer.writeBack(words, viewer.name(), settings.now(viewer.settingId()));
        return answer.childId();
    }

    /** Whether somebody has to say first who is in the photo of what came back. */
    @Transactional(readOnly = true)
    boolean isAskingWho(Viewer viewer, UUID answerId) {
        HomeAnswer answer = open(viewer, answerId);
        return answer.showsOthers()
                && !photos.ofHomeAnswers(viewer.settingId(), List.of(answerId)).isEmpty();
    }

    /**
     * Takes it into the child's record, as something that was seen at home.
     *
     * @param others children in its photo beside the carer's own: it shows in no journal that their families do not allow
     */
    @Transactional
    UUID takeIn(Viewer viewer, UUID answerId, Collection<UUID> others) {
        SettingId settingId = viewer.settingId();
        HomeAnswer answer = open(viewer, answerId);
        if (answer.observationId().isEmpty()) {
            ChildView child = children.get(settingId, answer.childId());
            UUID observation = Ids.next();
            observations.bringInFromHome(
                    viewer,
                    child.roomId(),
                    Map.of(child.id(), observation),
                    answer.words(),
                    others.stream().map(id -> children.get(settingId, id).id()).collect(Collectors.toSet()),
                    answer.sentAt(),
                    answer.carerName());
            photos.moveToObservation(settingId, answerId, observation);
            answer.takeIn(observation, viewer.name());
        }
        return answer.childId();
    }

    /** Holds it apart: from now on a manager reads it and nobody else of staff. */
    @Transactional
    UUID holdApart(Viewer viewer, UUID answerId) {
        HomeAnswer answer = open(viewer, answerId);
        answer.holdApart(viewer.name());
        return answer.childId();
    }

    /** A picture that came with it. */
    @Transactional(readOnly = true)
    byte[] picture(Viewer viewer, UUID answerId, UUID photoId, Size size) {
        open(viewer, answerId);
        return pictureOf(viewer.settingId(), answerId, photoId, size);
    }

    /** The same for whoever sent it. */
    @Transactional(readOnly = true)
    byte[] ownPicture(Viewer viewer, UUID cardId, UUID photoId) {
        List<UUID> ids = new ArrayList<>();
        atHome(viewer, cardId).back().stream()
                .filter(back -> back.photos().contains(photoId))
                .forEach(back -> ids.add(back.id()));
        return pictureOf(viewer.settingId(), ids.stream().findFirst().orElseThrow(NotFound::new), photoId, Size.LARGE);
    }

    private byte[] pictureOf(SettingId settingId, UUID answerId, UUID photoId, Size size) {
        if (photos.ofHomeAnswers(settingId, List.of(answerId)).stream()
                .noneMatch(photo -> photo.id().equals(photoId))) {
            throw new NotFound();
        }
        return photos.picture(settingId, photoId, size);
    }

    /** For staff: what is held apart is not there for anybody but a manager. */
    private HomeAnswer open(Viewer viewer, UUID answerId) {
        return answers.findByIdAndSettingId(answerId, viewer.settingId())
                .filter(answer -> !answer.isApart() || viewer.role().isManager())
                .orElseThrow(NotFound::new);
    }
}
