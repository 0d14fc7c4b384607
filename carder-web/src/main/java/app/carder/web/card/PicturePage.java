package app.carder.web.card;

import app.carder.core.card.Arrangement;
import app.carder.core.card.SettingOut;
import app.carder.core.card.SettingOut.Hand;
import app.carder.core.picture.SetUpPicture;
import app.carder.core.picture.SetUpPicture.Piece;
import app.carder.web.account.Viewer;
import app.carder.web.media.PhotoService;
import app.carder.web.page.FormErrors;
import app.carder.web.page.Typed;
import app.carder.web.picture.PictureSvg;
import app.carder.web.room.RoomService;
import app.carder.web.setting.Ids;
import app.carder.web.setting.SettingService;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Component;
import org.springframework.web.servlet.ModelAndView;

/** The page of one card's picture: as planned, and as it was. */
@Component
class PicturePage {

    private static final List<String> PRESSES =
            List.of("left", "right", "up", "down", "turn", "group", "ungroup", "back");

    private final CardPictures pictures;
    private final PhotoService photos;
    private final RoomService rooms;
    private final SettingService settings;

    PicturePage(CardPictures pictures, PhotoService photos, RoomService rooms, SettingService settings) {
        this.pictures = pictures;
        this.photos = photos;
        this.rooms = rooms;
        this.settings = settings;
    }

    /**
     * What somebody has chosen on the drawing.
     *
     * @param pieces by the names that forms know them by
     * @param noRoom whether they could not be moved to where they were wished
     */
    record Picked(Set<String> pieces, boolean noRoom) {
        static final Picked NOTHING = new Picked(Set.of(), false);
    }

    /** With nothing typed. */
    ModelAndView of(Viewer viewer, CardView card, Picked picked) {
        Typed blank = Typed.nothing().with("id", Ids.next()).with("onDay", settings.today(viewer.settingId()));
        return of(viewer, card, picked, blank, new FormErrors());
    }

    /** With the form for a photo as it was typed. */
    ModelAndView of(Viewer viewer, CardView card, Picked picked, Typed typed, FormErrors errors) {
        SetUpPicture picture = pictures.of(viewer.settingId(), card);
        ModelAndView page = new ModelAndView("card/picture");
        page.setStatus(errors.any() ? HttpStatus.UNPROCESSABLE_CONTENT : HttpStatus.OK);
        page.addObject("card", card);
        page.addObject("room", rooms.get(viewer.settingId(), card.roomId()));
        page.addObject("picture", picture);
        page.addObject("svg", PictureSvg.movable(picture, card.title(), picked.pieces()));
        page.addObject("sentences", picture.words());
        page.addObject("arrangements", arrangements(card.card().settingOut()));
        page.addObject("hands", hands(card.card().settingOut()));
        page.addObject("things", things(picture));
        page.addObject("presses", PRESSES);
        page.addObject("chosen", picked.pieces());
        page.addObject("noRoom", picked.noRoom());
        page.addObject("photos", photos.ofSetOut(viewer.settingId(), card.id()));
        page.addObject("typed", typed);
        page.addObject("errors", errors);
        return page;
    }

    /**
     * One of several ways.
     *
     * @param code in forms
     * @param words for people
     * @param isChosen whether it is the one that counts
     */
    public record Way(String code, String words, boolean isChosen) {}

    private static List<Way> arrangements(SettingOut now) {
        return Stream.concat(
                        Stream.of(new Way(
                                "", Arrangement.usualWords(), now.arrangement().isEmpty())),
                        Arrays.stream(Arrangement.values())
                                .map(one -> new Way(
                                        one.name(),
                                        one.words(),
                                        now.arrangement().equals(Optional.of(one)))))
                .toList();
    }

    private static List<Way> hands(SettingOut now) {
        return Arrays.stream(Hand.values())
                .map(hand -> new Way(hand.name(), hand.words(), now.hand() == hand))
                .toList();
    }

    /**
     * One kind of thing with its pieces to choose from.
     *
     * @param name of the thing
     * @param pieces by the names that forms know them by
     */
    public record Thing(String name, List<PieceChoice> pieces) {}

    /**
     * One piece to choose.
     *
     * @param code in forms
     * @param number among its kind
     * @param group what is moved with it; 0 for nothing
     */
    public record PieceChoice(String code, int number, int group) {}

    private static List<Thing> things(SetUpPicture picture) {
        return IntStream.range(0, picture.kinds().size())
                .mapToObj(kind -> new Thing(
                        picture.kinds().get(kind).name(),
                        picture.pieces().stream()
                                .filter(piece -> piece.kind() == kind)
                                .sorted(Comparator.comparingInt(Piece::number))
                                .map(piece -> new PieceChoice(PictureSvg.name(piece), piece.number(), piece.group()))
                                .toList()))
                .toList();
    }
}
