package app.carder.web.outbox;

import app.carder.core.said.Said;
import app.carder.core.sending.Delivery;
import app.carder.core.sending.QuietHours;
import app.carder.core.sending.Standing;
import app.carder.web.account.RoomBorder;
import app.carder.web.account.Viewer;
import app.carder.web.page.NotFound;
import app.carder.web.page.Paging;
import app.carder.web.setting.SettingId;
import app.carder.web.setting.SettingService;
import java.time.Clock;
import java.time.LocalDateTime;
import java.util.Arrays;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.domain.PageRequest;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Takes messages, which {@link MailRound} hands to a mail server, and shows how far each has come. */
@Service
public class OutboxService {

    private static final List<Standing> FAILED =
            Arrays.stream(Standing.values()).filter(Standing::isFailed).toList();

    private final MessageRepository messages;
    private final MailHoursRepository hours;
    private final SettingService settings;
    private final RoomBorder border;
    private final MailServer server;
    private final Clock clock;

    OutboxService(
            MessageRepository messages,
            MailHoursRepository hours,
            SettingService settings,
            RoomBorder border,
            MailServer server,
            Clock clock) {
        this.messages = messages;
        this.hours = hours;
        this.settings = settings;
        this.border = border;
        this.server = server;
        this.clock = clock;
    }

    /**
     * A message, as shown.
     *
     * @param id of the message
     * @param writtenAt when it was written
     * @param mail itself
     * @param standing how far it has come
     * @param at when it was taken, refused or given up, or is tried next
     * @param answer what a mail server said; empty where it said nothing
     * @param waitsForServer whether it waits because no mail server is set
     */
    public record Shown(
            UUID id,
            LocalDateTime writtenAt,
            Mail mail,
            Standing standing,
            LocalDateTime at,
            String answer,
            boolean waitsForServer) {

        /**
         * How far it has come, in words.
         *
         * @param when the moment of {@code at}, in words
         */
        public String told(String when) {
            String code = waitsForServer
                    ? "NO_SERVER"
                    : standing == Standing.WAITING && !answer.isEmpty() ? "PUT_OFF" : standing.name();
            return Said.say("outbox.standing." + code, when);
        }

        /** Whether somebody can have it sent anew. */
        public boolean canBeAskedAnew() {
            return standing.isFailed() || standing == Standing.STOPPED;
        }
    }

    /** Whether a mail server is set. */
    public boolean hasServer() {
        return server.isSet();
    }

    /** Puts a message about a child of a room into the outbox. */
    @Transactional
    public void send(SettingId settingId, UUID roomId, Mail mail) {
        messages.save(new Message(settingId, roomId, mail, clock.instant()));
    }

    /** Puts a message to somebody of staff into the outbox. */
    @Transactional
    public void sendToStaff(SettingId settingId, Mail mail) {
        messages.save(new Message(settingId, null, mail, clock.instant()));
    }

    /**
     * Stops what waits to go out to some addresses. Somebody can have it sent all the same, message by message.
     *
     * @return how many messages
     */
    @Transactional
    public int stop(SettingId settingId, Collection<String> addresses) {
        List<Message> waiting =
                messages.findBySettingIdAndStandingAndToAddressIn(settingId, Standing.WAITING, addresses);
        waiting.forEach(message -> message.stop(clock.instant()));
        return waiting.size();
    }

    /** Those of the rooms that somebody works in; a manager sees all. */
    @Transactional(readOnly = true)
    Paging<Shown> page(Viewer viewer, int page) {
        SettingId settingId = viewer.settingId();
        PageRequest asked = PageRequest.of(Paging.number(page), Paging.ROWS);
        return Paging.of(border.within(viewer)
                .map(rooms -> messages.findBySettingIdAndRoomIdInOrderByWrittenAtDescIdDesc(settingId, rooms, asked))
                .orElseGet(() -> messages.findBySettingIdOrderByWrittenAtDescIdDesc(settingId, asked))
                .map(message -> shown(settingId, message)));
    }

    private Shown shown(SettingId settingId, Message message) {
        Delivery delivery = message.delivery();
        return new Shown(
                message.getId(),
                settings.local(settingId, message.writtenAt()),
                message.mail(),
                delivery.standing(),
                settings.local(
                        settingId, Optional.ofNullable(message.settledAt()).orElse(delivery.nextTryAt())),
                message.answer(),
                delivery.standing() == Standing.WAITING && !server.isSet());
    }

    /** How many messages of somebody's rooms reached nobody. */
    @Transactional(readOnly = true)
    public int failed(Viewer viewer) {
        return border.within(viewer)
                .map(rooms -> messages.countBySettingIdAndStandingInAndRoomIdIn(viewer.settingId(), FAILED, rooms))
                .orElseGet(() -> messages.countBySettingIdAndStandingIn(viewer.settingId(), FAILED));
    }

    /** Has a message that reached nobody sent anew. */
    @Transactional
    void askAnew(SettingId settingId, UUID messageId) {
        Message message = messages.findByIdAndSettingId(messageId, settingId).orElseThrow(NotFound::new);
        Standing standing = message.delivery().standing();
        if (standing.isFailed() || standing == Standing.STOPPED) {
            message.askAnew(clock.instant());
        }
    }

    /** When a setting's mail rests; absent where it never does. */
    @Transactional(readOnly = true)
    Optional<QuietHours> quiet(SettingId settingId) {
        return hours.findBySettingId(settingId).map(MailHours::hours).orElse(Optional.of(QuietHours.USUAL));
    }

    /** Lets a setting's mail rest at other hours, or never. */
    @Transactional
    void rest(SettingId settingId, Optional<QuietHours> quiet) {
        MailHours kept = hours.findBySettingId(settingId).orElseGet(() -> new MailHours(settingId));
        kept.rest(quiet);
        hours.save(kept);
    }
}
