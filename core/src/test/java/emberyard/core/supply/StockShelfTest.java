package emberyard.core.supply;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import emberyard.core.build.Build;
import emberyard.core.work.Need;
import emberyard.core.workshop.PaintProduct;
import emberyard.core.workshop.WorkshopBook;
import emberyard.core.yard.Samples;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

/** What lies on the shelf is handed out once. */
class StockShelfTest {
  private static final Build NOBODY = Samples.build();

  private static WorkshopBook withCans(int cans) {
    return Samples.book().with(PaintProduct.class, List.of(Samples.paint(cans)));
  }

  private static double taken(List<Need> needs) {
    return needs.stream().mapToDouble(need -> need.quantity() - need.toBuy()).sum();
  }

  @Test
  void theFirstBuildTakesWhatItNeedsTheLastWhatIsLeft() {
    StockShelf shelf = new StockShelf(withCans(5));
    assertEquals(0, shelf.handOut(NOBODY, List.of(Samples.cans(3))).get(0).toBuy());
    assertEquals(2, shelf.handOut(NOBODY, List.of(Samples.cans(4))).get(0).toBuy());
    assertEquals(4, shelf.handOut(NOBODY, List.of(Samples.cans(4))).get(0).toBuy());
  }

  @Test
  void whatNobodyKeepsIsBought() {
    StockShelf shelf = new StockShelf(withCans(0));
    assertEquals(3, shelf.handOut(NOBODY, List.of(Samples.cans(3))).get(0).toBuy());
  }

  /** However builds share it: no more is handed out than lies there, and none lies there unused. */
  @Test
  void neverMoreThanThereIsNeverLessThanCouldBe() {
    Random random = new Random(12);
    for (int round = 0; round < 300; round++) {
      int cans = random.nextInt(12);
      StockShelf shelf = new StockShelf(withCans(cans));
      List<Need> served = new ArrayList<>();
      double wanted = 0;
      for (int build = 0; build < 3; build++) {
        List<Need> needs =
            IntStream.range(0, random.nextInt(3))
                .mapToObj(i -> Samples.cans(random.nextInt(50) / 10.0))
                .toList();
        wanted += needs.stream().mapToDouble(Need::quantity).sum();
        served.addAll(shelf.handOut(NOBODY, needs));
      }
      assertEquals(Math.min(cans, wanted), taken(served), 1e-9);
      assertTrue(served.stream().allMatch(need -> need.toBuy() >= -1e-9), served.toString());
    }
  }
}
