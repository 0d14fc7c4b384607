package app.carder.web.audit;

import app.carder.core.chain.LogCheck;
import app.carder.core.chain.Seal;
import app.carder.core.said.Said;
import app.carder.web.setting.SettingId;
import app.carder.web.setting.SettingService;
import java.io.PrintStream;
import java.util.List;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.context.ApplicationContext;
import org.springframework.stereotype.Component;

/** Reads the logs of every setting from the console of the server, says whether anything was changed, and ends. */
@Component
@ConditionalOnProperty("carder.verify")
class ConsoleVerify implements ApplicationRunner {

    /** What stands for no seal from outside. */
    private static final String ALL = "all";

    private final String outside;
    private final LogChain chain;
    private final NotedSeals noted;
    private final SettingService settings;
    private final ApplicationContext application;

    ConsoleVerify(
            @Value("${carder.verify}") String outside,
            LogChain chain,
            NotedSeals noted,
            SettingService settings,
            ApplicationContext application) {
        this.outside = outside;
        this.chain = chain;
        this.noted = noted;
        this.settings = settings;
        this.application = application;
    }

    @Override
    public void run(ApplicationArguments arguments) {
        int code = print(outside, System.out) ? 0 : 1;
        System.exit(SpringApplication.exit(application, () -> code));
    }

    /**
     * What was found in every setting.
     *
     * @param from a seal from paper or mail, or {@code all} for none
     * @return whether all is as it was sealed
     */
    boolean print(String from, PrintStream console) {
        List<Seal> typed = Seal.read(from).stream().toList();
        if (typed.isEmpty() && !from.equals(ALL)) {
            console.println(Said.say("accesslog.check.not-a-seal"));
            return false;
        }
        boolean isWhole = true;
        // With one from paper nobody says of which setting it is: it has to be right for one of them.
        boolean isKnown = typed.isEmpty();
        for (SettingId settingId : settings.all()) {
            NotedSeals.Noted file = noted.of(settingId);
            LogCheck.Report report = chain.check(settingId, file.seals());
            console.println(settings.get(settingId).name() + ": " + LogWords.outcome(report));
            LogWords.lines(report, file).forEach(line -> console.println("  " + line));
            isWhole &= report.isWhole() && file.unreadable() == 0;
            isKnown |= typed.stream()
                    .anyMatch(seal -> chain.at(settingId, seal.number())
                            .filter(seal::equals)
                            .isPresent());
        }
        if (!isKnown) {
            console.println(Said.say("accesslog.check.seal-unknown"));
        }
        return isWhole && isKnown;
    }
}
