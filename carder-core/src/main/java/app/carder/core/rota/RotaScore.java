package app.carder.core.rota;

import app.carder.core.rota.RotaProblem.Adult;
import app.carder.core.rota.RotaProblem.Area;
import app.carder.core.rota.RotaProblem.Duty;
import java.util.HashMap;
import java.util.Map;

/**
 * What a rota is worth, counted plainly.
 *
 * <p>Uneven turns cost their squares, so that {@code 2 + 2} turns (8) are better than {@code 3 + 1} (10): once for each adult with
 * each area, once for each adult over all. A turn that was somebody else's before costs more than any unevenness it could mend.
 *
 * @param broken turns without a lead, turns of somebody who cannot, and areas too many for one adult in a week
 * @param cost the less the better
 */
public record RotaScore(int broken, long cost) {

    static final int OF_AN_AREA = 3;
    static final int OVER_ALL = 2;
    static final int SAME_AS_LAST_WEEK = 2;
    static final int CHANGED = 200;

    /** Counts. */
    public static RotaScore of(RotaProblem problem, Map<Duty, String> rota) {
        Map<String, Adult> byId = problem.byId();
        Map<String, Integer> ofArea = new HashMap<>();
        Map<String, Integer> overAll = new HashMap<>();
        int broken = 0;
        long cost = 0;
        for (int week = 0; week < problem.weeks(); week++) {
            Map<String, Integer> atOnce = new HashMap<>();
            for (Area area : problem.areas()) {
                Duty turn = new Duty(week, area.id());
                Adult adult = rota.containsKey(turn) ? byId.get(rota.get(turn)) : null;
                if (adult == null) {
                    broken++;
                    continue;
                }
                if (!adult.can(area.id(), week)) {
                    broken++;
                }
                if (atOnce.merge(adult.id(), 1, Integer::sum) > problem.mostAtOnce(week)) {
                    broken++;
                }
                ofArea.merge(adult.id() + " " + area.id(), 1, Integer::sum);
                overAll.merge(adult.id(), 1, Integer::sum);
                if (adult.id().equals(rota.get(new Duty(week - 1, area.id())))) {
                    cost += SAME_AS_LAST_WEEK;
                }
                String before = problem.before().get(turn);
                if (before != null && !before.equals(adult.id())) {
                    cost += CHANGED;
                }
            }
        }
        for (int count : ofArea.values()) {
            cost += (long) OF_AN_AREA * count * count;
        }
        for (int count : overAll.values()) {
            cost += (long) OVER_ALL * count * count;
        }
        return new RotaScore(broken, cost);
    }
}
