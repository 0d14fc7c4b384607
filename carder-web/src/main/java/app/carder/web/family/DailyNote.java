package app.carder.web.family;

import app.carder.core.said.Said;
import app.carder.web.account.AccountService;
import app.carder.web.outbox.Mail;
import app.carder.web.outbox.OutboxService;
import app.carder.web.page.PublicAddress;
import app.carder.web.setting.SettingId;
import app.carder.web.setting.SettingService;
import com.github.kagkarlsson.scheduler.task.helper.RecurringTask;
import com.github.kagkarlsson.scheduler.task.helper.Tasks;
import com.github.kagkarlsson.scheduler.task.schedule.FixedDelay;
import java.time.Duration;
import java.time.LocalDateTime;
import java.time.LocalTime;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** Tells those of staff who want it once a day how much came from families: numbers and the address, never a name. */
@Component
class DailyNote {

    /** Before the first children come: common practice. */
    private static final LocalTime FROM = LocalTime.of(7, 30);

    private final AccountService accounts;
    private final HomeNews news;
    private final OutboxService outbox;
    private final SettingService settings;
    private final PublicAddress address;

    DailyNote(
            AccountService accounts,
            HomeNews news,
            OutboxService outbox,
            SettingService settings,
            PublicAddress address) {
        this.accounts = accounts;
        this.news = news;
        this.outbox = outbox;
        this.settings = settings;
        this.address = address;
    }

    /** Tells the scheduler when to look. */
    @Configuration(proxyBeanMethods = false)
    static class Registration {
        @Bean
        RecurringTask<Void> dailyNotes(DailyNote note, SettingService settings) {
            return Tasks.recurring("daily-note", FixedDelay.of(Duration.ofMinutes(10)))
                    .execute((instance, context) -> settings.all().forEach(note::write));
        }
    }

    /** Writes the notes of a setting that are due. */
    @Transactional
    public void write(SettingId settingId) {
        LocalDateTime now = settings.machineNow(settingId);
        if (now.toLocalTime().isBefore(FROM)) {
            return;
        }
        for (AccountService.ToTell one : accounts.takeThoseToTell(settingId, now.toLocalDate())) {
            HomeNews.Count count = news.count(one.viewer());
            if (!count.isEmpty()) {
                outbox.sendToStaff(
                        settingId,
                        new Mail(
                                one.viewer().name(),
                                one.address(),
                                Said.say(
                                        "family.daily-note.subject",
                                        settings.get(settingId).name()),
                                Said.say(
                                        "family.daily-note.body",
                                        count.replies(),
                                        count.undelivered(),
                                        address.of("/replies"))));
            }
        }
    }
}
