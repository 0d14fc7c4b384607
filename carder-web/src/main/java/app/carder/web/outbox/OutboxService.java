package app.carder.web.outbox;

import app.carder.web.page.Paging;
import app.carder.web.setting.SettingId;
import app.carder.web.setting.SettingService;
import java.time.Clock;
import java.time.LocalDateTime;
import org.springframework.data.domain.PageRequest;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Takes messages and shows them. It stands in for a mail server: nothing leaves the machine. */
@Service
public class OutboxService {

    private final MessageRepository messages;
    private final SettingService settings;
    private final Clock clock;

    OutboxService(MessageRepository messages, SettingService settings, Clock clock) {
        this.messages = messages;
        this.settings = settings;
        this.clock = clock;
    }

    /** A message, as shown. */
    record Shown(LocalDateTime sentAt, String toName, String toAddress, String subject, String body) {}

    /** Puts a message into the outbox. */
    @Transactional
    public void send(SettingId settingId, String toName, String toAddress, String subject, String body) {
        messages.save(new Message(settingId, toName, toAddress, subject, body, clock.instant()));
    }

    @Transactional(readOnly = true)
    Paging<Shown> page(SettingId settingId, int page) {
        return Paging.of(messages.findBySettingIdOrderBySentAtDescIdDesc(
                        settingId, PageRequest.of(Paging.number(page), Paging.ROWS))
                .map(message -> new Shown(
                        settings.local(settingId, message.sentAt()),
                        message.toName(),
                        message.toAddress(),
                        message.subject(),
                        message.body())));
    }
}
