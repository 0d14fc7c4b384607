package app.carder.web.demo;

import static org.assertj.core.api.Assertions.assertThatCode;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.carder.web.account.AccountService;
import app.carder.web.kit.WebTest;
import app.carder.web.page.PublicAddress;
import java.net.InetAddress;
import java.net.UnknownHostException;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.beans.factory.annotation.Autowired;

/** On a database with the demo's accounts. */
class DemoStaysHereTest extends WebTest {

    @Autowired
    private AccountService accounts;

    @ParameterizedTest
    @CsvSource({
        "true, 0.0.0.0, http://localhost:8080",
        "true, 192.0.2.1, http://localhost:8080",
        "true, , http://localhost:8080",
        "true, 127.0.0.1, https://carder.example",
        // Not asked for today, but made before: the accounts are still there.
        "false, 0.0.0.0, http://localhost:8080",
        "false, 127.0.0.1, https://carder.example"
    })
    void doesNotStartWhereOthersCouldReachIt(boolean wanted, String listensOn, String address)
            throws UnknownHostException {
        DemoStaysHere demo = demo(wanted, listensOn, address);

        assertThatThrownBy(demo::refuseToBeReached)
                .isInstanceOf(IllegalStateException.class)
                .hasMessageContaining("passwords that everybody knows");
    }

    @ParameterizedTest
    @CsvSource({"127.0.0.1, http://localhost:8080", "::1, http://127.0.0.1:9000"})
    void startsWhereOnlyThisMachineReachesIt(String listensOn, String address) throws UnknownHostException {
        DemoStaysHere demo = demo(true, listensOn, address);

        assertThatCode(demo::refuseToBeReached).doesNotThrowAnyException();
    }

    private DemoStaysHere demo(boolean wanted, String listensOn, String address) throws UnknownHostException {
        return new DemoStaysHere(
                wanted,
                listensOn == null ? null : InetAddress.getByName(listensOn),
                new PublicAddress(address),
                accounts);
    }
}
