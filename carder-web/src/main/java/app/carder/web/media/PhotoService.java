package app.carder.web.media;

import app.carder.web.account.Viewer;
import app.carder.web.media.PhotoRefused.Reason;
import app.carder.web.page.FormErrors;
import app.carder.web.page.LimitProperties;
import app.carder.web.page.NotFound;
import app.carder.web.setting.Ids;
import app.carder.web.setting.SettingId;
import java.io.IOException;
import java.time.Clock;
import java.time.LocalDate;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.core.io.InputStreamSource;
import org.springframework.data.domain.Limit;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.multipart.MultipartFile;

/** Takes, keeps and gives photos. The file that was sent is never kept. */
@Service
public class PhotoService {

    private static final Limit MOST_OF_A_CARD = Limit.of(24);

    private final PhotoRepository photos;
    private final PhotoStore store;
    private final PhotoCleaner cleaner;
    private final LimitProperties.Photos limits;
    private final Clock clock;

    PhotoService(PhotoRepository photos, PhotoStore store, PhotoCleaner cleaner, LimitProperties limits, Clock clock) {
        this.photos = photos;
        this.store = store;
        this.cleaner = cleaner;
        this.limits = limits.photos();
        this.clock = clock;
    }

    /** How large a picture is asked for. */
    public enum Size {
        /** For lists. */
        SMALL,
        /** For reading and print. */
        LARGE
    }

    /** A photo that was cleaned and can be kept. */
    public static final class Cleaned {
        private final CleanPhoto photo;

        private Cleaned(CleanPhoto photo) {
            this.photo = photo;
        }
    }

    /**
     * Cleans a file, before anything is saved.
     *
     * @param bytes length of the file
     * @throws PhotoRefused if it is not taken
     */
    public Cleaned clean(InputStreamSource file, long bytes) throws PhotoRefused {
        if (bytes > limits.bytes().toBytes()) {
            throw new PhotoRefused(Reason.TOO_LARGE);
        }
        try (var in = file.getInputStream()) {
            return new Cleaned(cleaner.clean(in.readAllBytes()));
        } catch (IOException broken) {
            throw new PhotoRefused(Reason.UNREADABLE, broken);
        }
    }

    /** Cleans what a form brought; a fault of the field where it is not taken. */
    public Optional<Cleaned> clean(MultipartFile file, String field, FormErrors errors) {
        try {
            return Optional.of(clean(file, file.getSize()));
        } catch (PhotoRefused refused) {
            errors.add(field, refused.code(), largestMegabytes());
            return Optional.empty();
        }
    }

    /** The same where there has to be one. */
    public Optional<Cleaned> needed(@Nullable MultipartFile file, String field, FormErrors errors) {
        if (file == null || file.isEmpty()) {
            errors.add(field, "photo.missing");
            return Optional.empty();
        }
        return clean(file, field, errors);
    }

    /** The most megabytes of a file, for messages. */
    public long largestMegabytes() {
        return limits.bytes().toMegabytes();
    }

    /** Keeps a cleaned photo of a drawing with its reading. */
    @Transactional
    public PhotoView saveDrawing(SettingId settingId, UUID readingId, Cleaned cleaned) {
        Photo photo = Photo.ofReading(file(Ids.next(), settingId, cleaned), readingId);
        photos.save(photo);
        return photo.view();
    }

    /** Keeps a photo of a card as it was set out. A second time with the same id changes nothing. */
    @Transactional
    public void saveSetOut(Viewer viewer, UUID photoId, UUID cardId, LocalDate onDay, Cleaned cleaned) {
        if (!isKnown(viewer.settingId(), photoId)) {
            photos.save(Photo.ofCard(file(photoId, viewer.settingId(), cleaned), cardId, onDay, viewer.name()));
        }
    }

    /** How a card was set out, the last day first. */
    @Transactional(readOnly = true)
    public List<SetOutPhoto> ofSetOut(SettingId settingId, UUID cardId) {
        return photos.findBySettingIdAndCardIdOrderByOnDayDescStoredAtDesc(settingId, cardId, MOST_OF_A_CARD).stream()
                .map(Photo::ofSetOut)
                .toList();
    }

    /**
     * Takes a photo away from a card. Its pictures stay in the store, so that it can be undone.
     *
     * @throws NotFound if the card has no such photo
     */
    @Transactional
    public void removeSetOut(SettingId settingId, UUID cardId, UUID photoId) {
        photos.delete(
                photos.findByIdAndSettingIdAndCardId(photoId, settingId, cardId).orElseThrow(NotFound::new));
    }

    /** Keeps a photo that a family sent. */
    @Transactional
    public void saveHomeAnswer(SettingId settingId, UUID answerId, Cleaned cleaned) {
        photos.save(Photo.ofHomeAnswer(file(Ids.next(), settingId, cleaned), answerId));
    }

    /** The photos that families sent. */
    @Transactional(readOnly = true)
    public List<PhotoView> ofHomeAnswers(SettingId settingId, Collection<UUID> answerIds) {
        return photos.findBySettingIdAndHomeAnswerIdIn(settingId, answerIds).stream()
                .map(Photo::view)
                .toList();
    }

    /** Photos that a family sent go on with what they became in the child's record. */
    @Transactional
    public void moveToObservation(SettingId settingId, UUID answerId, UUID observationId) {
        photos.findBySettingIdAndHomeAnswerIdIn(settingId, List.of(answerId))
                .forEach(photo -> photo.moveTo(observationId));
    }

    /** Keeps a photo of a thing of the cupboard. */
    @Transactional
    public UUID saveThing(SettingId settingId, UUID materialId, Cleaned cleaned) {
        UUID id = Ids.next();
        photos.save(Photo.ofMaterial(file(id, settingId, cleaned), materialId));
        return id;
    }

    /** Whether a photo has arrived. */
    @Transactional(readOnly = true)
    public boolean isKnown(SettingId settingId, UUID photoId) {
        return photos.findByIdAndSettingId(photoId, settingId).isPresent();
    }

    /**
     * Keeps one photo with the records of several children. It is stored once; a second time with the same id changes
     * nothing.
     *
     * @param photoId minted where it was taken
     * @param observationIds at least one
     */
    @Transactional
    public void saveForEach(SettingId settingId, UUID photoId, List<UUID> observationIds, Cleaned cleaned) {
        if (isKnown(settingId, photoId)) {
            return;
        }
        String name = store(cleaned.photo);
        photos.save(Photo.ofObservation(file(photoId, settingId, cleaned, name), observationIds.get(0)));
        observationIds.stream()
                .skip(1)
                .forEach(observation ->
                        photos.save(Photo.ofObservation(file(Ids.next(), settingId, cleaned, name), observation)));
    }

    private Photo.File file(UUID id, SettingId settingId, Cleaned cleaned) {
        return file(id, settingId, cleaned, store(cleaned.photo));
    }

    private Photo.File file(UUID id, SettingId settingId, Cleaned cleaned, String storedAs) {
        return new Photo.File(id, settingId, cleaned.photo, storedAs, clock.instant());
    }

    /** Writes the pictures and answers under which name. */
    private String store(CleanPhoto clean) {
        String name = UUID.randomUUID().toString();
        store.put(fileName(name, Size.LARGE), clean.large());
        store.put(fileName(name, Size.SMALL), clean.small());
        return name;
    }

    /** The drawings of some readings. */
    @Transactional(readOnly = true)
    public List<PhotoView> drawingsOf(SettingId settingId, Collection<UUID> readingIds) {
        return photos.findBySettingIdAndReadingIdIn(settingId, readingIds).stream()
                .map(Photo::view)
                .toList();
    }

    /** The photos of some observations. */
    @Transactional(readOnly = true)
    public List<PhotoView> of(SettingId settingId, Collection<UUID> observationIds) {
        return photos.findBySettingIdAndObservationIdIn(settingId, observationIds).stream()
                .map(Photo::view)
                .toList();
    }

    /**
     * The picture as JPEG.
     *
     * @throws NotFound if the setting has no such photo
     */
    @Transactional(readOnly = true)
    public byte[] picture(SettingId settingId, UUID photoId, Size size) {
        Photo photo = photos.findByIdAndSettingId(photoId, settingId).orElseThrow(NotFound::new);
        return store.get(fileName(photo.storedAs(), size));
    }

    /**
     * The same by its own address, where a photo that a family sent is not found.
     *
     * @throws NotFound if the setting has no such photo
     */
    @Transactional(readOnly = true)
    public byte[] ofTheSetting(SettingId settingId, UUID photoId, Size size) {
        if (photos.findByIdAndSettingId(photoId, settingId)
                .filter(photo -> !photo.isFromHome())
                .isEmpty()) {
            throw new NotFound();
        }
        return picture(settingId, photoId, size);
    }

    /** Takes the files of a photo away for good: of one that no row names any more. */
    public void removeFile(String storedAs) {
        for (Size size : Size.values()) {
            store.remove(fileName(storedAs, size));
        }
    }

    private static String fileName(String name, Size size) {
        return name + (size == Size.LARGE ? "-large.jpg" : "-small.jpg");
    }
}
