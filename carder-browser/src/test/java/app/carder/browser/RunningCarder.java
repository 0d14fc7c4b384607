package app.carder.browser;

import app.carder.web.CarderApplication;
import app.carder.web.kit.StandIns;
import app.carder.web.kit.TestDatabase;
import com.google.gson.JsonObject;
import com.microsoft.playwright.APIResponse;
import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.BrowserType;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Playwright;
import com.microsoft.playwright.assertions.PlaywrightAssertions;
import com.microsoft.playwright.options.FormData;
import com.microsoft.playwright.options.RequestOptions;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.ServerSocket;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.function.BiConsumer;
import java.util.function.Consumer;
import java.util.function.IntConsumer;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.WebApplicationType;
import org.springframework.boot.builder.SpringApplicationBuilder;
import org.springframework.boot.logging.LoggingSystem;
import org.springframework.context.ConfigurableApplicationContext;
import org.springframework.test.util.ReflectionTestUtils;

/** One application with the demo data and one browser, for all tests that a thread runs: classes run side by side and share nothing. */
final class RunningCarder {

    /** A laptop. */
    static final Size DESKTOP = new Size(1280, 800);

    /** A phone in the hand. */
    static final Size PHONE = new Size(390, 844);

    /** A tablet, held upright. */
    static final Size TABLET = new Size(820, 1180);

    private static final String PASSWORD = "parcels-and-post";

    static {
        // Applications that begin at once would trip over the logging that they share: it is set up before them, and
        // left alone by them.
        new SpringApplicationBuilder(Object.class)
                .web(WebApplicationType.NONE)
                .run()
                .close();
        System.setProperty(LoggingSystem.SYSTEM_PROPERTY, LoggingSystem.NONE);
    }

    private static final ThreadLocal<RunningCarder> ONE = ThreadLocal.withInitial(RunningCarder::new);

    private final List<String> own;
    private final ConfigurableApplicationContext application;
    private final Browser browser;
    private final String address;

    record Size(int width, int height) {}

    private RunningCarder() {
        own = store("carder_browser");
        application = here(own, "--carder.demo=true");
        address = addressOf(application);
        // Longer than the first pauses between two tries to send, on a machine that is busy with more than these tests.
        PlaywrightAssertions.setDefaultAssertionTimeout(15_000);
        browser = Playwright.create()
                .chromium()
                .launch(new BrowserType.LaunchOptions()
                        // Without a window to draw it takes a third less of the processor than the whole browser does.
                        .setExecutablePath(Path.of("/usr/bin/chromium-headless-shell"))
                        .setArgs(List.of(
                                "--no-sandbox",
                                "--disable-gpu",
                                "--disable-quic",
                                "--no-first-run",
                                "--disable-background-networking",
                                "--disable-component-update",
                                "--disable-sync")));
    }

    /** A database and a folder of their own, as settings. */
    private static List<String> store(String database) {
        List<String> settings = new ArrayList<>(List.of("--carder.media.folder=" + mediaFolder()));
        TestDatabase.fresh(database).forEach((name, value) -> settings.add("--" + name + "=" + value));
        return settings;
    }

    /** Under a name, since passkeys want one. */
    private static ConfigurableApplicationContext here(List<String> store, String demo) {
        int port = freePort();
        return run(store, demo, "--server.port=" + port, "--carder.address=http://localhost:" + port);
    }

    private static ConfigurableApplicationContext run(List<String> store, String... more) {
        List<String> settings = new ArrayList<>(store);
        settings.add("--carder.pseudo-language=true");
        settings.addAll(List.of(more));
        return SpringApplication.run(
                new Class<?>[] {StandIns.class, CarderApplication.class}, settings.toArray(String[]::new));
    }

    /**
     * A second instance on the same data behind a web server that speaks TLS, which ends with the block: its own port is given to it.
     */
    void behindTls(int tlsPort, IntConsumer block) {
        try (ConfigurableApplicationContext proxied = run(
                own,
                "--carder.demo=true",
                "--server.port=0",
                "--carder.address=https://localhost:" + tlsPort,
                "--server.forward-headers-strategy=native",
                "--server.tomcat.remoteip.internal-proxies=127\\.0\\.0\\.1")) {
            block.accept(
                    Integer.parseInt(String.valueOf(proxied.getEnvironment().getProperty("local.server.port"))));
        }
    }

    static int freePort() {
        try (ServerSocket socket = new ServerSocket(0)) {
            return socket.getLocalPort();
        } catch (IOException none) {
            throw new UncheckedIOException(none);
        }
    }

    private static String addressOf(ConfigurableApplicationContext application) {
        return "http://127.0.0.1:" + application.getEnvironment().getProperty("local.server.port");
    }

    static RunningCarder get() {
        return ONE.get();
    }

    String address() {
        return address;
    }

    ConfigurableApplicationContext application() {
        return application;
    }

    /** A device that nobody is signed in on. A page that logs an error, or calls another host, fails the test. */
    Device device(Size size) {
        return device(size, address);
    }

    /** A device that calls the application by its name, as passkeys want it, and that has an authenticator of its own. */
    Device deviceWithAuthenticator(Size size) {
        Device device = device(size, address.replace("127.0.0.1", "localhost"));
        var devTools = device.context.newCDPSession(device.page);
        devTools.send("WebAuthn.enable");
        JsonObject options = new JsonObject();
        options.addProperty("protocol", "ctap2");
        options.addProperty("transport", "internal");
        for (String can : List.of(
                "hasUserVerification", "hasResidentKey", "hasPrf", "isUserVerified", "automaticPresenceSimulation")) {
            options.addProperty(can, true);
        }
        JsonObject authenticator = new JsonObject();
        authenticator.add("options", options);
        devTools.send("WebAuthn.addVirtualAuthenticator", authenticator);
        return device;
    }

    /** The same, before an application without demo data, which ends with the block. */
    void beforeTheFirstRun(Size size, Consumer<Device> block) {
        try (ConfigurableApplicationContext empty = here(store("carder_browser_empty"), "--carder.demo=false");
                Device device = device(size, addressOf(empty))) {
            block.accept(device);
        }
    }

    /** The same, with the one-time code that the console would show. */
    void fromEmpty(Size size, BiConsumer<Device, String> block) {
        try (ConfigurableApplicationContext empty = here(store("carder_browser_empty"), "--carder.demo=false");
                Device device = device(size, addressOf(empty))) {
            block.accept(
                    device,
                    Objects.requireNonNull(ReflectionTestUtils.invokeMethod(empty.getBean("firstRunCode"), "code")));
        }
    }

    private Device device(Size size, String address) {
        BrowserContext context = browser.newContext(new Browser.NewContextOptions()
                .setViewportSize(size.width(), size.height())
                .setHasTouch(size.width() < 1000)
                .setBaseURL(address));
        context.setDefaultTimeout(15_000);
        return new Device(context, context.newPage(), address);
    }

    private static Path mediaFolder() {
        try {
            return Files.createTempDirectory("carder-browser-media");
        } catch (IOException full) {
            throw new UncheckedIOException(full);
        }
    }

    /** A browser window of its own, with what it complained about. */
    static final class Device implements AutoCloseable {
        final BrowserContext context;
        final Page page;
        private final List<String> complaints = new ArrayList<>();

        Device(BrowserContext context, Page page, String address) {
            this.context = context;
            this.page = page;
            page.onConsoleMessage(message -> {
                if (message.type().equals("error")
                        && !message.text().contains("status of 4")
                        && !message.text().startsWith("Failed to load resource: net::")) {
                    complaints.add(message.text());
                }
            });
            page.onPageError(complaints::add);
            context.onRequest(request -> {
                if (!request.url().startsWith(address) && !request.url().startsWith("blob:" + address)) {
                    complaints.add("calls another host: " + request.url());
                }
            });
        }

        void signIn(String username) {
            page.navigate("/sign-in");
            page.getByLabel("Username").fill(username);
            page.getByLabel("Password").fill(PASSWORD);
            page.getByRole(
                            com.microsoft.playwright.options.AriaRole.BUTTON,
                            new Page.GetByRoleOptions().setName("Sign in"))
                    .click();
            page.waitForURL(address -> !address.endsWith("/sign-in"));
        }

        /** As if they had signed in before, for tests that go on to a page of their own: no page is opened for it. */
        void arriveSignedIn(String username) {
            String token = context.request()
                    .get("/sign-in")
                    .text()
                    .replaceAll("(?s).*name=\"_csrf\" value=\"([^\"]+)\".*", "$1");
            FormData form = FormData.create()
                    .set("_csrf", token)
                    .set("username", username)
                    .set("password", PASSWORD);
            APIResponse answer = context.request()
                    .post("/sign-in", RequestOptions.create().setForm(form).setMaxRedirects(0));
            if (answer.status() != 302 || answer.headers().get("location").contains("sign-in")) {
                throw new IllegalStateException("%s was not signed in: %d".formatted(username, answer.status()));
            }
        }

        /** Opens Watch, with a PIN that is chosen the first time. */
        void openWatch() {
            page.navigate("/watch/");
            unlock();
        }

        /** Watch was opened anew, or has locked itself. */
        void unlock() {
            Unlocking.of(page);
        }

        List<String> complaints() {
            return List.copyOf(complaints);
        }

        @Override
        public void close() {
            // A request that comes to a test's own answer while the page closes would fail for want of a page.
            page.unrouteAll();
            context.close();
        }
    }
}
