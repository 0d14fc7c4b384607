package app.carder.web.family;

import app.carder.core.chain.Seal;
import app.carder.core.said.Said;
import app.carder.web.account.AccountService;
import app.carder.web.account.Role;
import app.carder.web.audit.LogChain;
import app.carder.web.outbox.Mail;
import app.carder.web.outbox.OutboxService;
import app.carder.web.page.PublicAddress;
import app.carder.web.setting.SettingId;
import app.carder.web.setting.SettingService;
import com.github.kagkarlsson.scheduler.task.helper.RecurringTask;
import com.github.kagkarlsson.scheduler.task.helper.Tasks;
import com.github.kagkarlsson.scheduler.task.schedule.FixedDelay;
import java.time.DayOfWeek;
import java.time.Duration;
import java.time.LocalDateTime;
import java.time.LocalTime;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** Tells those of staff who want it once a day how much came from families: numbers and the address, never a
 * name. Managers get the seal of the access log on Mondays too. */
@Component
class DailyNote {

    /** Before the first children come: common practice. */
    private static final LocalTime FROM = LocalTime.of(7, 30);

    private final AccountService accounts;
    private final HomeNews news;
    private final OutboxService outbox;
    private final SettingService settings;
    private final PublicAddress address;
    private final LogChain log;

    DailyNote(
            AccountService accounts,
            HomeNews news,
            OutboxService outbox,
            SettingService settings,
            PublicAddress address,
            LogChain log) {
        this.accounts = accounts;
        this.news = news;
        this.outbox = outbox;
        this.settings = settings;
        this.address = address;
        this.log = log;
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
            if (one.viewer().role() == Role.MANAGER && now.getDayOfWeek() == DayOfWeek.MONDAY) {
                log.head(settingId).ifPresent(seal -> outbox.sendToStaff(settingId, sealed(settingId, one, seal)));
            }
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

    /** Outside the database, where whoever writes the log anew cannot reach it. */
    private Mail sealed(SettingId settingId, AccountService.ToTell to, Seal seal) {
        String setting = settings.get(settingId).name();
        return new Mail(
                to.viewer().name(),
                to.address(),
                Said.say("family.daily-note.seal.subject", setting),
                Said.say("family.daily-note.seal.body", setting, seal.forPeople(), address.of("/access-log/check")));
    }
}
