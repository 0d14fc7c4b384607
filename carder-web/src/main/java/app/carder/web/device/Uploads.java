package app.carder.web.device;

import app.carder.web.account.Viewer;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Optional;
import me.desair.tus.server.TusFileUploadService;
import me.desair.tus.server.exception.TusException;
import me.desair.tus.server.upload.UploadInfo;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;

/** Resumable uploads by the tus protocol 1.0. What somebody uploads, nobody else can reach. */
@Component
class Uploads {

    static final String PATH = "/watch/uploads";

    private static final Logger LOG = LoggerFactory.getLogger(Uploads.class);
    private static final long LARGEST = 60L * 1024 * 1024;

    private final TusFileUploadService tus;
    private final Path folder;

    Uploads(DeviceProperties properties) {
        folder = properties.uploads().toAbsolutePath().normalize();
        tus = new TusFileUploadService()
                .withUploadUri(PATH)
                .withStoragePath(folder.toString())
                .withMaxUploadSize(LARGEST)
                .withUploadExpirationPeriod(properties.uploadsLast().toMillis());
    }

    void process(Viewer viewer, HttpServletRequest request, HttpServletResponse response) throws IOException {
        tus.process(request, response, owner(viewer));
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
        } catch (IOException | TusException left) {
            LOG.info("Upload {} is left to expire", address, left);
        }
    }

    /** Uploads that nobody finished are thrown away. */
    @Scheduled(fixedDelayString = "PT1H", initialDelayString = "PT1M")
    void tidy() throws IOException {
        if (Files.isDirectory(folder)) {
            tus.cleanup();
        }
    }

    private static String owner(Viewer viewer) {
        return viewer.personId().toString();
    }
}
