package app.carder.core.ratio;

import static org.assertj.core.api.Assertions.assertThat;

import app.carder.core.ratio.FirstAidCover.Gap;
import app.carder.core.ratio.Staffing.AdultHours;
import app.carder.core.ratio.Staffing.Stretch;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;

class FirstAidCoverTest {

    private static Stretch stretch(int from, int until, int children) {
        return new Stretch(at(from), at(until), children, List.of(), 1);
    }

    private static AdultHours adult(int from, int until) {
        return new AdultHours("Imelda", at(from), at(until));
    }

    private static LocalTime at(int minute) {
        return LocalTime.of(8, 0).plusMinutes(minute);
    }

    @Test
    void somebodyCertifiedOnSiteAllDayLeavesNoGap() {
        List<Stretch> day = List.of(stretch(0, 60, 4), stretch(60, 480, 12));

        assertThat(FirstAidCover.of(day, List.of(adult(0, 300), adult(290, 480)))
                        .gaps())
                .isEmpty();
    }

    @Test
    void namesTheTimesWithChildrenAndWithout() {
        List<Stretch> day = List.of(stretch(0, 60, 4), stretch(60, 120, 0), stretch(120, 480, 12));

        assertThat(FirstAidCover.of(day, List.of(adult(30, 400))).gaps())
                .containsExactly(new Gap(at(0), at(30)), new Gap(at(400), at(480)));
        assertThat(FirstAidCover.of(day, List.of()).gaps())
                .containsExactly(new Gap(at(0), at(60)), new Gap(at(120), at(480)));
    }

    @Test
    void agreesWithLookingAtEveryMinute() {
        Random random = new Random(5);
        for (int round = 0; round < 200; round++) {
            List<Stretch> day = new ArrayList<>();
            for (int from = 0; from < 480; ) {
                int until = Math.min(480, from + 20 + random.nextInt(120));
                day.add(stretch(from, until, random.nextInt(3)));
                from = until;
            }
            List<AdultHours> adults = new ArrayList<>();
            for (int one = random.nextInt(4); one > 0; one--) {
                int from = random.nextInt(450);
                adults.add(adult(from, from + 1 + random.nextInt(480 - from)));
            }
            List<Gap> gaps = FirstAidCover.of(day, adults).gaps();
            for (int minute = 0; minute < 480; minute++) {
                LocalTime now = at(minute);
                boolean children = day.stream()
                        .anyMatch(one -> one.children() > 0 && !now.isBefore(one.from()) && now.isBefore(one.until()));
                boolean covered =
                        adults.stream().anyMatch(one -> !now.isBefore(one.from()) && now.isBefore(one.until()));
                assertThat(gaps.stream().anyMatch(gap -> !now.isBefore(gap.from()) && now.isBefore(gap.until())))
                        .as("%s in %s with %s", now, day, adults)
                        .isEqualTo(children && !covered);
            }
        }
    }
}
