package app.carder.web.today;

import app.carder.core.drawing.Sketch;
import app.carder.core.ratio.Staffing.Stretch;
import app.carder.core.said.Said;
import app.carder.core.week.DayStrip;
import app.carder.web.children.ChildView;
import app.carder.web.investigate.InvestigationView;
import app.carder.web.lists.ListView;
import app.carder.web.rota.RotaService.FirstAid;
import app.carder.web.setout.SetOutView;
import app.carder.web.setting.OccasionView;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.util.List;
import java.util.Optional;
import java.util.UUID;

/**
 * A room's day as it stands now.
 *
 * @param now in the setting's zone
 * @param shown the day that is shown: today, or, where the setting is closed, the next open day
 * @param occasions of today
 * @param session that goes on
 * @param noticeAt when children are told that the present stretch of play ends, at the latest; absent outside play
 * @param staffing who is in now; absent outside the day
 * @param adults the shown day's adults, drawn; absent where nobody is listed
 * @param shortfalls stretches still to come, or going on, in which adults are missing
 * @param firstAid whether somebody with a certificate is on site all day; absent outside the day
 * @param out what is out now, or all day
 * @param later what is out today in another session
 * @param planned what the board has for this session, or the next one of the shown day, and is not out yet
 * @param preparation what is due to be prepared and not ticked
 * @param looks long investigations that are due to be looked at
 * @param attending children of the shown day
 * @param noWord children who should be here by now, and of whom nobody said anything
 * @param unseen children of the shown day, the longest since anybody wrote about them first
 */
record TodayView(
        LocalDateTime now,
        LocalDate shown,
        List<OccasionView> occasions,
        Optional<DayStrip.Session> session,
        Optional<LocalTime> noticeAt,
        Optional<Stretch> staffing,
        Optional<Sketch> adults,
        List<Stretch> shortfalls,
        Optional<FirstAid> firstAid,
        List<SetOutView> out,
        List<SetOutView> later,
        List<Planned> planned,
        List<ListView.Item> preparation,
        List<InvestigationView> looks,
        List<ChildView> attending,
        List<ChildView> noWord,
        List<Unseen> unseen) {

    TodayView {
        occasions = List.copyOf(occasions);
        shortfalls = List.copyOf(shortfalls);
        out = List.copyOf(out);
        later = List.copyOf(later);
        planned = List.copyOf(planned);
        preparation = List.copyOf(preparation);
        looks = List.copyOf(looks);
        attending = List.copyOf(attending);
        noWord = List.copyOf(noWord);
        unseen = List.copyOf(unseen);
    }

    /**
     * A card of the board that is not out yet.
     *
     * @param cardId the card
     * @param title of it
     * @param place where it is planned
     * @param zoneId of the place
     * @param startsAt of its session
     */
    record Planned(UUID cardId, String title, String place, UUID zoneId, LocalTime startsAt) {}

    /** A child, and the day it was last written about. */
    record Unseen(ChildView child, Optional<LocalDate> lastOn) {}

    /** Whether the setting is open today. */
    public boolean isOpen() {
        return shown.equals(now.toLocalDate());
    }

    /** The ratio, in a sentence; empty outside the day. */
    public String ratio() {
        return staffing.map(
                        stretch -> Said.say("today.ratio", stretch.adults().size(), stretch.children(), stretch.need()))
                .orElse("");
    }

    /** Whether adults are missing now. */
    public boolean isShort() {
        return staffing.filter(stretch -> stretch.missing() > 0).isPresent();
    }
}
