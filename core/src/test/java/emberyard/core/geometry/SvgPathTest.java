package emberyard.core.geometry;

import static org.junit.jupiter.api.Assertions.assertEquals;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.Random;
import org.junit.jupiter.api.Test;

class SvgPathTest {
  private static String slow(double value) {
    BigDecimal rounded = BigDecimal.valueOf(value).setScale(4, RoundingMode.HALF_EVEN);
    return rounded.signum() == 0 ? "0" : rounded.stripTrailingZeros().toPlainString();
  }

  @Test
  void numbersHaveFourDecimalsAtMostAndNoEmptyOnes() {
    assertEquals("412", SvgPath.number(412));
    assertEquals("-0.5", SvgPath.number(-0.5));
    assertEquals("0", SvgPath.number(-0.00001));
    assertEquals("0.0005", SvgPath.number(0.0005));
    assertEquals("1200", SvgPath.number(1199.99999));
    assertEquals("2.0002", SvgPath.number(2.00015));
    assertEquals("1000000000000000", SvgPath.number(1e15));
  }

  /** Numbers as they are typed, computed, halved, and those in the middle between two. */
  @Test
  void quicklyWrittenNumbersAreThoseOfExactArithmetic() {
    Random random = new Random(17);
    for (int i = 0; i < 20_000; i++) {
      double typed = random.nextInt(2_000_000) / 1000.0 - 1000;
      double middle = (random.nextInt(2_000_000) + 0.5) / 10_000;
      double any = (random.nextDouble() - 0.5) * Math.pow(10, random.nextInt(12));
      for (double value : new double[] {typed, typed / 2, -middle, middle, any}) {
        assertEquals(slow(value), SvgPath.number(value), "of " + value);
      }
    }
  }
}
