package app.carder.web.device;

import app.carder.web.account.Viewer;
import app.carder.web.page.LimitProperties;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.io.InputStream;
import java.net.URI;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.Optional;
import java.util.OptionalLong;
import java.util.UUID;
import java.util.regex.Pattern;
import me.desair.tus.server.TusFileUploadService;
import me.desair.tus.server.exception.TusException;
import me.desair.tus.server.upload.UploadInfo;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpMethod;
import org.springframework.http.HttpStatus;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;

/** Resumable uploads by the tus protocol 1.0. What somebody uploads, nobody else can reach. */
@Component
class Uploads {

    static final String PATH = "/watch/uploads";

    private static final Logger LOG = LoggerFactory.getLogger(Uploads.class);
    private static final Pattern OURS = Pattern.compile("^" + PATH + "/[0-9A-Za-z-]{1,80}$");
    private static final String LENGTH = "Upload-Length";
    private static final int HOURS_TO_WAIT = 1;

    private final TusFileUploadService tus;
    private final Path folder;
    private final UploadQuota quota;

    Uploads(DeviceProperties properties, LimitProperties limits, UploadQuota quota) {
        folder = properties.uploads().toAbsolutePath().normalize();
        tus = new TusFileUploadService()
                .withUploadUri(PATH)
                .withStoragePath(folder.toString())
                .withMaxUploadSize(limits.uploads().one().toBytes())
                .withUploadExpirationPeriod(limits.uploads().last().toMillis())
                .disableTusExtension("concatenation")
                .disableTusExtension("download");
        this.quota = quota;
    }

    /** Begins one, where there is room for it; the device keeps what is refused and asks again later. */
    void begin(Viewer viewer, HttpServletRequest request, HttpServletResponse response) throws IOException {
        OptionalLong length = length(request.getHeader(LENGTH));
        if (length.isEmpty()) {
            response.sendError(HttpStatus.BAD_REQUEST.value());
            return;
        }
        Optional<UUID> counted = quota.begin(viewer, length.getAsLong());
        if (counted.isEmpty()) {
            response.setHeader(
                    HttpHeaders.RETRY_AFTER,
                    Long.toString(Duration.ofHours(HOURS_TO_WAIT).toSeconds()));
            response.sendError(HttpStatus.TOO_MANY_REQUESTS.value());
            return;
        }
        tus.process(request, response, owner(viewer));
        String address = response.getHeader(HttpHeaders.LOCATION);
        if (response.getStatus() == HttpStatus.CREATED.value() && address != null) {
            path(address).ifPresent(ours -> quota.liesAt(viewer, counted.get(), ours));
        } else {
            quota.neverBegan(viewer, counted.get());
        }
    }

    private static OptionalLong length(@Nullable String said) {
        try {
            return said == null ? OptionalLong.empty() : OptionalLong.of(Long.parseUnsignedLong(said));
        } catch (NumberFormatException none) {
            return OptionalLong.empty();
        }
    }

    /** Goes on with one, tells how far it is, or throws it away. */
    void carryOn(Viewer viewer, HttpServletRequest request, HttpServletResponse response) throws IOException {
        tus.process(request, response, owner(viewer));
        if (request.getMethod().equals(HttpMethod.DELETE.name())
                && response.getStatus() == HttpStatus.NO_CONTENT.value()) {
            path(request.getRequestURI()).ifPresent(ours -> quota.ended(viewer, ours));
        }
    }

    /** The length of a finished upload; absent where it is not whole or not there. */
    Optional<Long> finished(Viewer viewer, String address) {
        try {
            UploadInfo info = tus.getUploadInfo(address, owner(viewer));
            return Optional.ofNullable(info)
                    .filter(found -> !found.isUploadInProgress())
                    .map(UploadInfo::getLength);
        } catch (IOException | TusException missing) {
            LOG.debug("Upload {} is not there", address, missing);
            return Optional.empty();
        }
    }

    InputStream open(Viewer viewer, String address) throws IOException {
        try {
            return tus.getUploadedBytes(address, owner(viewer));
        } catch (TusException missing) {
            throw new IOException(missing);
        }
    }

    void delete(Viewer viewer, String address) {
        try {
            tus.deleteUpload(address, owner(viewer));
            path(address).ifPresent(ours -> quota.ended(viewer, ours));
        } catch (IOException | TusException left) {
            LOG.info("Upload {} is left to expire", address, left);
        }
    }

    /** Where one lies, without the host; absent where that is no address of ours. */
    private static Optional<String> path(String address) {
        try {
            return Optional.ofNullable(URI.create(address).getPath())
                    .filter(path -> OURS.matcher(path).matches());
        } catch (IllegalArgumentException none) {
            return Optional.empty();
        }
    }

    /** Uploads that nobody finished are thrown away. */
    @Scheduled(fixedDelayString = "PT1H", initialDelayString = "PT1M")
    void tidy() throws IOException {
        if (Files.isDirectory(folder)) {
            tus.cleanup();
        }
        quota.tidy();
    }

    private static String owner(Viewer viewer) {
        return viewer.personId().toString();
    }
}
