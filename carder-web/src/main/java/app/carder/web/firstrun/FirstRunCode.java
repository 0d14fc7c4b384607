package app.carder.web.firstrun;

import app.carder.web.setting.SettingService;
import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.SecureRandom;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;

/** The one-time code on the console that lets whoever started the application make the first setting. */
@Component
class FirstRunCode {

    private static final Logger LOG = LoggerFactory.getLogger(FirstRunCode.class);
    private static final int MOST_TRIES = 20;

    private final SettingService settings;
    private final String code;
    private int tries;

    FirstRunCode(SettingService settings) {
        this.settings = settings;
        SecureRandom random = new SecureRandom();
        this.code = "%04d-%04d".formatted(random.nextInt(10_000), random.nextInt(10_000));
    }

    /** After the demo data, which may make a setting. */
    @Order
    @EventListener(ApplicationReadyEvent.class)
    void announce() {
        if (settings.isEmpty()) {
            LOG.info("First run: open /first-run and enter the one-time code {}", code);
        }
    }

    /** Whether somebody typed the code; after twenty wrong ones the application must be started again. */
    synchronized boolean accepts(String typed) {
        tries++;
        return tries <= MOST_TRIES
                && MessageDigest.isEqual(
                        code.getBytes(StandardCharsets.UTF_8), typed.strip().getBytes(StandardCharsets.UTF_8));
    }

    /** What is printed. */
    String code() {
        return code;
    }
}
