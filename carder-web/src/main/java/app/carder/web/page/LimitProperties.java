package app.carder.web.page;

import java.time.Duration;
import org.springframework.boot.context.properties.ConfigurationProperties;
import org.springframework.boot.context.properties.bind.DefaultValue;
import org.springframework.util.unit.DataSize;

/**
 * What the application takes from outside, at most, and how long it works on it. What Tomcat and the multipart parser hold to is set from
 * here too ({@code application.properties}); what makes a file readable at all (its letters, its events) its reader in carder-exchange says.
 *
 * @param body of a request that is no form: records from the app in the hand, a plan's strokes
 * @param items of one delivery of the app in the hand; what is beyond comes with the next
 * @param form fields of a form together
 * @param parts of a form with files
 * @param file one part of it
 * @param photos pictures
 * @param uploads pictures in pieces, while they are not whole or not delivered
 * @param planTime how long a plan of a room is looked over, or places for adults are sought
 * @param heavyAtOnce how much heavy work is done at the same time (plans, rotas, photos, prints); 0 for one fewer than there are processors
 * @param heavyWait how long somebody waits for a place for it
 * @param proposalsRunning weeks that are proposed at the same time; 0 for half as many as there are processors
 */
@ConfigurationProperties("carder.limits")
public record LimitProperties(
        @DefaultValue("1MB") DataSize body,
        @DefaultValue("500") int items,
        DataSize form,
        int parts,
        DataSize file,
        @DefaultValue Photos photos,
        @DefaultValue Uploads uploads,
        @DefaultValue("8s") Duration planTime,
        @DefaultValue("0") int heavyAtOnce,
        @DefaultValue("20s") Duration heavyWait,
        @DefaultValue("0") int proposalsRunning) {

    /**
     * Of a picture.
     *
     * @param bytes of its file
     * @param pixels that are decoded: beyond what phones make by default
     * @param side longest, in pixels: beyond what cameras make, short of what takes minutes to scale
     * @param chunks pieces of a PNG file; a picture has a few hundred
     * @param decoded bytes that a picture takes while it is worked on; a larger one is read more coarsely
     * @param decoding time after which a picture is refused
     */
    public record Photos(
            @DefaultValue("25MB") DataSize bytes,
            @DefaultValue("120000000") long pixels,
            @DefaultValue("20000") int side,
            @DefaultValue("20000") int chunks,
            @DefaultValue("96MB") DataSize decoded,
            @DefaultValue("20s") Duration decoding) {}

    /**
     * Of pictures in pieces.
     *
     * @param one bytes of each
     * @param ofPerson how many somebody may have open
     * @param bytesOfPerson together
     * @param ofSetting how many a setting may have open
     * @param bytesOfSetting together
     * @param last how long one that nobody finishes is kept
     */
    public record Uploads(
            @DefaultValue("60MB") DataSize one,
            @DefaultValue("100") int ofPerson,
            @DefaultValue("1GB") DataSize bytesOfPerson,
            @DefaultValue("500") int ofSetting,
            @DefaultValue("4GB") DataSize bytesOfSetting,
            @DefaultValue("14d") Duration last) {}
}
