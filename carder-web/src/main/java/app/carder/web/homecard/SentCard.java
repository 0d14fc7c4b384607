package app.carder.web.homecard;

import app.carder.core.home.HomeCard;
import app.carder.core.home.HomeSafety;
import app.carder.core.said.Catalogue;
import app.carder.core.said.Said;
import app.carder.web.setting.Ids;
import app.carder.web.setting.ScopedRecord;
import app.carder.web.setting.SettingId;
import jakarta.persistence.Entity;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/** A card that went home to one carer of a child. */
@Entity
@Table(name = "home_card")
class SentCard extends ScopedRecord {

    private UUID childId;
    private @Nullable UUID carerId;
    private String code;
    private String title;
    private String whatWith;
    private String toTry;
    private String mightSee;
    private String say;
    private String care;
    private String writtenIn;
    private String sentBy;
    private Instant sentAt;

    protected SentCard() {}

    /** In the words of the language that this thread speaks, where the card has them. */
    SentCard(SettingId settingId, UUID childId, UUID carerId, HomeCard shipped, String sentBy, Instant sentAt) {
        super(Ids.next(), settingId);
        String language = Catalogue.spoken().locale().getLanguage();
        Optional<HomeCard> translated = shipped.in(language);
        HomeCard card = translated.orElse(shipped);
        this.writtenIn = translated.isPresent() ? language : Locale.ENGLISH.getLanguage();
        this.childId = childId;
        this.carerId = carerId;
        this.code = card.code();
        this.title = card.title();
        this.whatWith = card.with();
        this.toTry = card.toTry();
        this.mightSee = card.mightSee();
        this.say = card.words();
        this.care = HomeSafety.onTheCard(card).stream().map(Said::words).collect(Collectors.joining("\n"));
        this.sentBy = sentBy;
        this.sentAt = sentAt;
    }

    UUID childId() {
        return childId;
    }

    /** To whom it went; nobody any more once that carer is erased. */
    Optional<UUID> carerId() {
        return Optional.ofNullable(carerId);
    }

    String code() {
        return code;
    }

    String sentBy() {
        return sentBy;
    }

    Instant sentAt() {
        return sentAt;
    }

    /** Its front. */
    Front front() {
        return new Front(
                getId(),
                writtenIn,
                title,
                whatWith,
                toTry,
                mightSee,
                say,
                care.lines().toList(),
                writtenIn.equals(Locale.ENGLISH.getLanguage())
                        ? ""
                        : HomeCard.shipped(code).map(HomeCard::toTry).orElse(""));
    }

    /**
     * The front of a card.
     *
     * @param id of the card
     * @param writtenIn its language
     * @param title in a few words
     * @param with what it takes
     * @param toTry what to do
     * @param mightSee what a family might see
     * @param say words to use
     * @param care what has to be thought of
     * @param english what to do, in English, beside another language: nobody who speaks that has checked it yet
     */
    record Front(
            UUID id,
            String writtenIn,
            String title,
            String with,
            String toTry,
            String mightSee,
            String say,
            List<String> care,
            String english) {}
}
