package app.carder.web.outbox;

import app.carder.web.account.RoomBorder;
import app.carder.web.account.Viewer;
import app.carder.web.page.Paging;
import app.carder.web.setting.SettingId;
import app.carder.web.setting.SettingService;
import java.time.Clock;
import java.time.LocalDateTime;
import java.util.UUID;
import org.springframework.data.domain.PageRequest;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Takes messages and shows them. It stands in for a mail server: nothing leaves the machine. */
@Service
public class OutboxService {

    private final MessageRepository messages;
    private final SettingService settings;
    private final RoomBorder border;
    private final Clock clock;

    OutboxService(MessageRepository messages, SettingService settings, RoomBorder border, Clock clock) {
        this.messages = messages;
        this.settings = settings;
        this.border = border;
        this.clock = clock;
    }

    /** A message, as shown. */
    record Shown(LocalDateTime sentAt, String toName, String toAddress, String subject, String body) {}

    /** Puts a message about a child of a room into the outbox. */
    @Transactional
    public void send(SettingId settingId, UUID roomId, Mail mail) {
        messages.save(new Message(settingId, roomId, mail, clock.instant()));
    }

    /** Those of the rooms that somebody works in; a manager sees all. */
    @Transactional(readOnly = true)
    Paging<Shown> page(Viewer viewer, int page) {
        SettingId settingId = viewer.settingId();
        PageRequest asked = PageRequest.of(Paging.number(page), Paging.ROWS);
        return Paging.of(border.within(viewer)
                .map(rooms -> messages.findBySettingIdAndRoomIdInOrderBySentAtDescIdDesc(settingId, rooms, asked))
                .orElseGet(() -> messages.findBySettingIdOrderBySentAtDescIdDesc(settingId, asked))
                .map(message -> new Shown(
                        settings.local(settingId, message.sentAt()),
                        message.toName(),
                        message.toAddress(),
                        message.subject(),
                        message.body())));
    }
}
