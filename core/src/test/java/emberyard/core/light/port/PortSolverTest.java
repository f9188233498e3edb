package emberyard.core.light.port;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;

class PortSolverTest {
  /** At least every tenth is one in which whoever takes the nearest port first gets stuck. */
  @Test
  void findsWhatTryingEverythingFinds() {
    boolean all = Boolean.getBoolean("ember.long");
    int times = all ? 5_000 : 300;
    int stuck = asTryingEverything(new Random(4719), times);
    assertTrue(stuck * (all ? 10 : 20) >= times, () -> stuck + " of " + times);
  }

  private static int asTryingEverything(Random random, int times) {
    int stuck = 0;
    for (int i = 0; i < times; i++) {
      PortProblem problem = PortCases.random(random);
      PortAnswer answer = PortSolver.solve(problem);
      assertTrue(answer.proven());
      PortCheck wired = PortRebuilt.of(problem, answer);
      assertTrue(wired.holds(), problem::toString);
      assertEquals(PortBrute.best(problem), wired.cost(), () -> answer + "\n" + problem);
      assertEquals(answer.moneyMinor(), wired.cost().moneyMinor(), problem::toString);
      assertEquals(answer.dark().size(), wired.cost().dark(), problem::toString);
      asPriced(problem, answer);
      stuck += PortBrute.nearestFirst(problem).dark() > answer.dark().size() ? 1 : 0;
    }
    return stuck;
  }

  /** Prices from the first step on save steps, and change nothing. */
  private static void asPriced(PortProblem problem, PortAnswer answer) {
    PortAnswer priced = PortSolver.solve(problem, PortSolver.STEPS, 0);
    assertTrue(priced.proven(), problem::toString);
    assertEquals(answer.feeds(), priced.feeds(), problem::toString);
    assertEquals(answer.dark(), priced.dark(), problem::toString);
  }

  @Test
  void theOrderOfWhatIsAskedMeansNothing() {
    Random random = new Random(7);
    for (int i = 0; i < 200; i++) {
      PortProblem problem = PortCases.random(random);
      PortProblem shuffled =
          new PortProblem(
              mixed(problem.sources(), random),
              mixed(problem.links(), random),
              mixed(problem.sinks(), random),
              mixed(problem.fixed(), random));
      assertEquals(PortSolver.solve(problem), PortSolver.solve(shuffled));
    }
  }

  private static <T> List<T> mixed(List<T> all, Random random) {
    List<T> mixed = new ArrayList<>(all);
    Collections.shuffle(mixed, random);
    return mixed;
  }
}
