package app.carder.web.frame;

import app.carder.core.week.DayStrip;
import app.carder.web.room.RoomView;
import app.carder.web.room.SessionView;
import app.carder.web.setout.SetOutService;
import app.carder.web.setout.SetOutView;
import app.carder.web.setting.Area;
import app.carder.web.setting.OccasionService;
import app.carder.web.setting.Remembered;
import app.carder.web.setting.SettingId;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** The day strip at the top of every page of staff: today's sessions of the home room, to scale, with what is out. */
@Component
public class DayFrame {

    private final SetOutService setOuts;
    private final OccasionService occasions;

    DayFrame(SetOutService setOuts, OccasionService occasions) {
        this.occasions = occasions;
        this.setOuts = setOuts;
    }

    /**
     * The strip of a room's day.
     *
     * @param room whose
     * @param at now, in the setting's zone
     * @param blocks sessions with what is out in each
     * @param now where the now-line stands, in permille
     * @param current the session that goes on
     * @param minutesLeft of it
     */
    public record Frame(
            RoomView room,
            LocalDateTime at,
            List<Block> blocks,
            Optional<Integer> now,
            Optional<DayStrip.Session> current,
            Optional<Integer> minutesLeft) {}

    /**
     * A session in the strip.
     *
     * @param place where it is drawn
     * @param cards titles of what is out in it
     */
    public record Block(DayStrip.Block place, List<String> cards) {}

    /** A room's day as it stands in a minute of it, in the setting's zone. */
    @Remembered({Area.BOARD, Area.CARDS, Area.PEOPLE, Area.PLACES})
    @Transactional(readOnly = true)
    public Frame of(SettingId settingId, RoomView room, LocalDateTime at) {
        List<SessionView> sessions =
                occasions.openDays(settingId).isOpen(at.toLocalDate()) ? room.sessionsOn(at.getDayOfWeek()) : List.of();
        DayStrip strip = DayStrip.of(sessions.stream().map(SessionView::session).toList(), at.toLocalTime());
        List<SetOutView> out = setOuts.out(settingId, room, at.toLocalDate());
        List<Block> blocks = new ArrayList<>();
        for (int i = 0; i < strip.blocks().size(); i++) {
            SessionView session = sessions.get(i);
            blocks.add(new Block(
                    strip.blocks().get(i),
                    out.stream()
                            .filter(card -> card.sessionId() == null ? session.isPlay() : card.isOutIn(session.id()))
                            .map(card -> card.card().title())
                            .toList()));
        }
        return new Frame(room, at, blocks, strip.nowPermille(), strip.current(), strip.minutesLeft());
    }
}
