package emberyard.core.finish.optic;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import emberyard.core.colour.Colour;
import emberyard.core.units.InvalidValue;
import java.util.List;
import java.util.SplittableRandom;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class CoatsTest {
  private static final Coating WHITE = Coating.paint("white", Colour.hex("#F2F2EF"), 0.70);

  @ParameterizedTest
  @CsvSource({
    "#F2F2EF, 0.70, #151515, 1.5, 5, '9.36 4.49 2.67 1.75 1.21'",
    "#F2F2EF, 0.70, #8C8C8C, 1.5, 5, '7.55 3.90 2.39 1.59 1.11'",
    "#F2F2EF, 0.70, #8C8C8C, 2.5, 3, '7.55 3.90 2.39'",
    "#F2F2EF, 0.70, #E9E9E6, 1.5, 2, '1.24'",
    "#B5651D, 0.80, #151515, 1.5, 2, '4.85 1.06'"
  })
  void theHandbooksExamples(
      String hex, double ratio, String ground, double tolerance, int coats, String deltas) {
    Coating paint = Coating.paint("paint", Colour.hex(hex), ratio);
    CoatCount count = CoatCount.of(paint, Colour.hex(ground), tolerance);
    assertEquals(coats, count.coats());
    String[] expected = deltas.split(" ");
    for (int i = 0; i < expected.length; i++) {
      assertEquals(
          Double.parseDouble(expected[i]), count.steps().get(i).deltaE00(), 0.0051, "coat " + i);
    }
  }

  @Test
  void strengthAndContrastAreInverse() {
    SplittableRandom random = new SplittableRandom(7);
    for (int i = 0; i < 200; i++) {
      Colour colour = colour(random);
      double ratio = 0.05 + 0.9 * random.nextDouble();
      double strength = KubelkaMunk.strength(colour, ratio);
      assertEquals(ratio, KubelkaMunk.contrast(colour, strength), 1e-6);
    }
  }

  @Test
  void moreCoatsNeverMoveAwayFromTheFullColour() {
    SplittableRandom random = new SplittableRandom(11);
    for (int i = 0; i < 300; i++) {
      Colour colour = colour(random);
      Coating paint = Coating.paint("p", colour, 0.1 + 0.85 * random.nextDouble());
      Colour ground = colour(random);
      Colour full = KubelkaMunk.full(colour);
      double before = away(ground, full);
      for (int n = 1; n <= 12; n++) {
        double now = away(paint.coats(n).on(ground), full);
        assertTrue(now <= before + 1e-12, "coat " + n);
        before = now;
      }
    }
  }

  /** The largest distance in linear light: each channel goes its way straight. */
  private static double away(Colour one, Colour full) {
    return Math.max(
        Math.abs(one.red() - full.red()),
        Math.max(Math.abs(one.green() - full.green()), Math.abs(one.blue() - full.blue())));
  }

  @Test
  void theHyperbolicFormOfTheHandbookIsTheSlabOverItsGround() {
    SplittableRandom random = new SplittableRandom(5);
    for (int i = 0; i < 300; i++) {
      double full = 0.01 + 0.97 * random.nextDouble();
      double ground = random.nextDouble();
      double s = 0.05 + 3 * random.nextDouble();
      double a = (1 / full + full) / 2;
      double b = Math.sqrt(a * a - 1);
      double coth = Math.cosh(b * s) / Math.sinh(b * s);
      double expected = (1 - ground * (a - b * coth)) / (a - ground + b * coth);
      Slab film = KubelkaMunk.film(Colour.linear(full, full, full), s);
      assertEquals(expected, film.on(Colour.linear(ground, ground, ground)).red(), 1e-9);
      double passes = b / (a * Math.sinh(b * s) + b * Math.cosh(b * s));
      assertEquals(passes, film.through().red(), 1e-12);
    }
  }

  @Test
  void layingSlabsIsAssociativeAndKeepsEnergy() {
    SplittableRandom random = new SplittableRandom(3);
    for (int i = 0; i < 300; i++) {
      Slab one = slab(random);
      Slab two = slab(random);
      Slab three = slab(random);
      Slab left = one.before(two).before(three);
      Slab right = one.before(two.before(three));
      assertEquals(left.front().red(), right.front().red(), 1e-9);
      assertEquals(left.back().green(), right.back().green(), 1e-9);
      assertEquals(left.through().blue(), right.through().blue(), 1e-9);
      assertTrue(left.front().red() + left.through().red() <= 1 + 1e-9);
      assertEquals(left.front(), left.turned().turned().front());
    }
  }

  private static Slab slab(SplittableRandom random) {
    return random.nextBoolean()
        ? KubelkaMunk.film(colour(random), 2 * random.nextDouble())
        : Slab.glaze(colour(random));
  }

  @Test
  void twoHalfCoatsAreOneCoat() {
    Slab half = WHITE.coats(0.5);
    assertEquals(WHITE.coats(1).front().red(), half.before(half).front().red(), 1e-9);
    assertEquals(WHITE.coats(1).through().blue(), half.before(half).through().blue(), 1e-9);
  }

  @Test
  void candyPassesTwiceThroughEveryCoat() {
    Coating candy = new Coating("c", "candy", Colour.linear(0.36, 0.25, 0.04), 0, false);
    Colour ground = Colour.linear(0.5, 0.5, 0.5);
    Colour shown = candy.coats(3).on(ground);
    assertEquals(Math.pow(0.6, 6) * 0.5, shown.red(), 1e-12, "T = 0.6: R = T^2n × Rg");
    assertEquals(Math.pow(0.5, 6) * 0.5, shown.green(), 1e-12);
  }

  @Test
  void aCardGivesTheHidingThatAsksForAsManyCoats() {
    for (int coats = 2; coats <= 9; coats++) {
      for (String hex : List.of("#F2F2EF", "#B5651D", "#E8A33D", "#B7BEBC")) {
        double ratio = Calibration.contrastRatio(Colour.hex(hex), coats, 1.5);
        Coating paint = Coating.paint("p", Colour.hex(hex), ratio);
        // the card's coats keep the tolerance exactly: a breath more is enough
        assertEquals(coats, CoatCount.of(paint, Colour.BLACK, 1.5001).coats(), hex);
      }
    }
    assertEquals(0.66, Calibration.contrastRatio(Colour.hex("#F2F2EF"), 5, 1.5), 0.02);
  }

  @Test
  void whatHidesNeverIsSaidAndNotGuessed() {
    Coating pale = Coating.paint("pale", Colour.hex("#F2D33C"), 0.02);
    CoatCount count = CoatCount.of(pale, Colour.BLACK, 1.5);
    assertFalse(count.reached());
    assertThrows(
        InvalidValue.class, () -> Calibration.contrastRatio(Colour.hex("#010101"), 3, 1.5));
    assertThrows(InvalidValue.class, () -> CoatCount.of(pale, Colour.BLACK, 0.01));
  }

  static Colour colour(SplittableRandom random) {
    return Colour.linear(random.nextDouble(), random.nextDouble(), random.nextDouble());
  }
}
