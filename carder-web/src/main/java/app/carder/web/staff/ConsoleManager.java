package app.carder.web.staff;

import app.carder.core.said.Dates;
import app.carder.web.account.OneTimeCode;
import app.carder.web.account.StaffAccountService;
import java.io.PrintStream;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.context.ApplicationContext;
import org.springframework.stereotype.Component;

/** Lets a manager back in from the console of the server, and ends: whoever runs it could read the database anyway. */
@Component
@ConditionalOnProperty("carder.manager")
class ConsoleManager implements ApplicationRunner {

    private final String username;
    private final StaffAccountService staff;
    private final ApplicationContext application;

    ConsoleManager(
            @Value("${carder.manager}") String username, StaffAccountService staff, ApplicationContext application) {
        this.username = username;
        this.staff = staff;
        this.application = application;
    }

    @Override
    public void run(ApplicationArguments arguments) {
        int code = print(System.out) ? 0 : 1;
        System.exit(SpringApplication.exit(application, () -> code));
    }

    /** What to do now, or why not. */
    boolean print(PrintStream console) {
        try {
            OneTimeCode code = staff.manageFromConsole(username);
            console.printf(
                    "%s manages now. Password code, once, until %s:%n%n    %s%n%nAt /sign-in/code, with the username %s.%n",
                    code.person(), Dates.moment(code.endsAt()), code.code(), code.username());
            return true;
        } catch (IllegalArgumentException refused) {
            console.println(refused.getMessage());
            return false;
        }
    }
}
