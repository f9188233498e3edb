package emberyard.core.work;

import static org.junit.jupiter.api.Assertions.assertEquals;

import java.util.Random;
import org.junit.jupiter.api.Test;

/** Pieces and packs of any size are counted together. */
class PackUnitTest {
  @Test
  void packsSayWhatIsInThem() {
    assertEquals("packs of 50 pieces", PackUnit.of(50, "pieces"));
    assertEquals("packs of 2.5 m", PackUnit.of(2.5, "m"));
    assertEquals("m", PackUnit.of(1, "m"));
  }

  @Test
  void onesThatAreNoPacksAreOne() {
    assertEquals(1, PackUnit.pieces("cans"));
    assertEquals(1, PackUnit.pieces(""));
    assertEquals(50, PackUnit.pieces("packs of 50 pieces"));
    assertEquals(2.5, PackUnit.pieces("packs of 2.5 m"));
    assertEquals(1_000, PackUnit.pieces(PackUnit.of(1_000, "pieces")));
  }

  @Test
  void oneIsSaidAsOne() {
    assertEquals("1 pack of 10 sheets", PackUnit.counted(1, "packs of 10 sheets"));
    assertEquals("3 packs of 10 sheets", PackUnit.counted(3, "packs of 10 sheets"));
    assertEquals("1 can", PackUnit.counted(1, "cans"));
    assertEquals("0.5 m", PackUnit.counted(0.5, "m"));
    assertEquals("2", PackUnit.counted(2, ""));
  }

  @Test
  void anAmountIsTheSameThereAndBack() {
    assertEquals(0.4, PackUnit.converted(20, "pieces", "packs of 50 pieces"), 1e-12);
    Random random = new Random(7);
    for (int i = 0; i < 500; i++) {
      String from = PackUnit.of(1 + random.nextInt(4_000), "pieces");
      String to = PackUnit.of(0.25 * (1 + random.nextInt(400)), "pieces");
      double quantity = random.nextInt(1_000) / 8.0;
      double there = PackUnit.converted(quantity, from, to);
      assertEquals(quantity, PackUnit.converted(there, to, from), 1e-9, from + " " + to);
    }
  }
}
