package app.carder.core.journal;

import static app.carder.core.journal.TestJournals.FIRST;
import static app.carder.core.journal.TestJournals.LAST;
import static org.assertj.core.api.Assertions.assertThat;

import com.google.ortools.Loader;
import com.google.ortools.sat.BoolVar;
import com.google.ortools.sat.CpModel;
import com.google.ortools.sat.CpSolver;
import com.google.ortools.sat.CpSolverStatus;
import com.google.ortools.sat.IntVar;
import com.google.ortools.sat.LinearExpr;
import com.google.ortools.sat.LinearExprBuilder;
import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import org.assertj.core.data.Offset;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Journals of usual sizes against an exact solver of another kind: CP-SAT of Google OR-Tools 9.15. */
class SelectionAgainstASolverTest {

    /** Shares of one to four values of a facet are whole numbers of these. */
    private static final int PARTS = 12;

    private static final double SCALE = 1e6;

    @BeforeAll
    static void load() {
        Loader.loadNativeLibraries();
    }

    @ParameterizedTest(name = "{0} records, {1} quarters of a page")
    @CsvSource({"20,6", "40,12", "60,16", "60,24", "90,20", "150,16"})
    void findsWhatTheSolverFinds(int records, int quarters) {
        List<Candidate> candidates = TestJournals.candidates(new Random(records * 31L + quarters), records);
        EntrySelection selection = EntrySelection.over(FIRST, LAST, quarters);

        Selection found = selection.choose(candidates);

        assertThat(found.isBest()).isTrue();
        assertThat(found.value())
                .isCloseTo(best(SelectionProblem.of(candidates, selection::shows, quarters)), Offset.offset(2e-3));
    }

    /** The same problem: a yes or no for each record, and for each feature how far along its curve it comes, step by step. */
    private static double best(SelectionProblem problem) {
        CpModel model = new CpModel();
        BoolVar[] taken = IntStream.range(0, problem.items())
                .mapToObj(item -> model.newBoolVar("record " + item))
                .toArray(BoolVar[]::new);
        LinearExprBuilder room = LinearExpr.newBuilder();
        for (int item = 0; item < taken.length; item++) {
            room.addTerm(taken[item], problem.lengths()[item]);
        }
        model.addLessOrEqual(room, problem.room());
        LinearExprBuilder worth = LinearExpr.newBuilder();
        for (int feature = 0; feature < problem.weights().length; feature++) {
            LinearExprBuilder left = LinearExpr.newBuilder();
            for (int step = 0; step < problem.room(); step++) {
                IntVar reached = model.newIntVar(0, PARTS, "feature " + feature + " step " + step);
                left.addTerm(reached, -1);
                worth.addTerm(
                        reached, Math.round(SCALE * problem.weights()[feature] * SelectionProblem.slope(step) / PARTS));
            }
            for (int item = 0; item < taken.length; item++) {
                for (int i = 0; i < problem.features()[item].length; i++) {
                    if (problem.features()[item][i] == feature) {
                        left.addTerm(taken[item], Math.round(PARTS * problem.share()[item][i]));
                    }
                }
            }
            model.addGreaterOrEqual(left, 0);
        }
        model.maximize(worth);
        CpSolver solver = new CpSolver();
        solver.getParameters().setNumSearchWorkers(1).setMaxDeterministicTime(120);
        assertThat(solver.solve(model)).isEqualTo(CpSolverStatus.OPTIMAL);
        return solver.objectiveValue() / SCALE;
    }
}
