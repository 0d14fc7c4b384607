package app.carder.web.demo;

import app.carder.web.account.AccountService;
import app.carder.web.account.AccountService.HashedPassword;
import app.carder.web.account.StaffDetails;
import app.carder.web.account.Viewer;
import app.carder.web.setting.SettingId;
import java.util.function.Supplier;
import org.springframework.stereotype.Component;
import org.springframework.util.function.SingletonSupplier;

/** Accounts with the one password that everybody in the demo has. It is hashed once: each time takes half a second on purpose. */
@Component
class DemoAccounts {

    private final AccountService accounts;
    private final Supplier<HashedPassword> password;

    DemoAccounts(AccountService accounts) {
        this.accounts = accounts;
        this.password = SingletonSupplier.of(() -> accounts.hashed(DemoData.PASSWORD));
    }

    Viewer create(SettingId setting, String username, StaffDetails details) {
        return accounts.create(setting, username, details, password.get());
    }
}
