package emberyard.core.colour;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import emberyard.core.units.InvalidValue;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvFileSource;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;

class ColourTest {
  private static final Random RANDOM = new Random(7);

  private static Colour any() {
    return Colour.hex(String.format("#%06X", RANDOM.nextInt(0x1000000)));
  }

  @ParameterizedTest
  @CsvFileSource(resources = "ciede2000-pairs.csv", numLinesToSkip = 1)
  void ciede2000AgreesWithThePublishedPairs(
      double l1, double a1, double b1, double l2, double a2, double b2, double published) {
    Lab one = new Lab(l1, a1, b1);
    Lab two = new Lab(l2, a2, b2);
    assertEquals(published, Difference.deltaE00(one, two), 0.00005);
    assertEquals(published, Difference.deltaE00(two, one), 0.00005, "symmetric");
  }

  @Test
  void everyColourOfAScreenSurvivesTheWayThroughLab() {
    for (int i = 0; i < 5_000; i++) {
      Colour colour = any();
      assertEquals(colour.hex(), Colour.lab(colour.lab()).hex());
    }
    for (int grey = 0; grey < 256; grey++) {
      String hex = String.format("#%02X%02X%02X", grey, grey, grey);
      assertEquals(hex, Colour.lab(Colour.hex(hex).lab()).hex());
      assertEquals(0, Colour.hex(hex).lab().a(), 1e-4);
    }
  }

  @Test
  void differenceIsNothingToItselfAndTheSameBothWays() {
    for (int i = 0; i < 2_000; i++) {
      Colour one = any();
      Colour two = any();
      assertEquals(0, one.deltaE00(one));
      assertEquals(one.deltaE00(two), two.deltaE00(one), 1e-9);
      assertTrue(one.deltaE00(two) >= 0);
    }
  }

  @Test
  void whiteIsLightnessHundredWithoutHue() {
    Lab white = Colour.WHITE.lab();
    assertEquals(100, white.l(), 1e-4);
    assertEquals(0, white.a(), 1e-4);
    assertEquals(0, white.b(), 1e-4);
    assertEquals(0, Colour.BLACK.lab().l(), 1e-12);
  }

  @ParameterizedTest
  @ValueSource(strings = {"2E4A45", "#2E4A4", "#2E4A4G", "green", "#2E4A45F", ""})
  void onlySixDigitsAreAColour(String hex) {
    assertThrows(InvalidValue.class, () -> Colour.hex(hex));
  }

  @Test
  void lightIsMixedInLinearLight() {
    assertEquals("#BCBCBC", Colour.BLACK.mixedWith(Colour.WHITE, 0.5).hex());
    Colour one = any();
    assertEquals(one.hex(), one.mixedWith(any(), 0).hex());
  }

  @Test
  void aSurfaceUnderALightIsTheirProduct() {
    Colour fog = Colour.hex("#B7BEBC");
    assertEquals(fog.hex(), fog.under(Colour.WHITE, 1).hex());
    assertEquals("#000000", fog.under(Colour.WHITE, 0).hex());
    assertEquals("#AC7728", fog.under(Colour.hex("#F0A13A"), 1).hex());
    // a rose metal under green light turns nearly black
    assertTrue(Colour.hex("#C9A0A0").under(Colour.hex("#00FF00"), 1).red() < 1e-9);
  }

  @Test
  void contrastIsThatOfWcag() {
    assertEquals(21, Colour.BLACK.contrast(Colour.WHITE), 1e-4);
    assertEquals(4.54, Colour.hex("#767676").contrast(Colour.WHITE), 0.005);
    assertEquals(1, Colour.WHITE.contrast(Colour.WHITE), 1e-12);
  }

  @Test
  void aDifferenceSaysHowItReadsAndWhichWay() {
    assertEquals("not visible", Difference.between(Colour.BLACK, Colour.BLACK).words());
    assertEquals("visible only side by side", Difference.reads(1));
    assertEquals("visible", Difference.reads(5));
    assertEquals("a different colour", Difference.reads(5.01));
    Difference match = Difference.between(new Lab(40, -20, 4), new Lab(38, -17, 4.2));
    assertEquals("visible: a little darker, a little less green", match.words());
    assertTrue(
        Difference.between(Colour.hex("#B08B3E"), Colour.hex("#FFFFFF"))
            .words()
            .contains("much lighter"));
  }

  @ParameterizedTest
  @EnumSource(Vision.class)
  void greysLookTheSameToEveryEye(Vision vision) {
    for (String grey : List.of("#000000", "#404040", "#8C8C8C", "#FFFFFF")) {
      assertTrue(Colour.hex(grey).deltaE00(vision.seen(Colour.hex(grey))) < 0.01, grey);
    }
  }

  @Test
  void redAndGreenCollapseWithoutRedOrGreenConesAndStayApartWithoutBlueOnes() {
    Colour red = Colour.hex("#B05A3A");
    Colour green = Colour.hex("#7C7A2E");
    assertEquals(1, Vision.DEUTAN.collapsing(List.of(red, green)).size());
    assertEquals(List.of(), Vision.TRITAN.collapsing(List.of(red, green)));
    assertEquals(
        List.of(),
        Vision.DEUTAN.collapsing(List.of(Colour.BLACK, Colour.WHITE)),
        "black and white never do");
  }

  @Test
  void seeingTwiceChangesNothingMore() {
    for (Vision vision : Vision.values()) {
      Colour seen = vision.seen(Colour.hex("#8F8A70"));
      assertTrue(seen.deltaE00(vision.seen(seen)) < 0.01);
    }
  }

  @Test
  void aPictureGivesItsColoursByArea() {
    List<Colour> pixels = new ArrayList<>();
    add(pixels, "#2E4A45", 600);
    add(pixels, "#EDE3C4", 300);
    add(pixels, "#F0A13A", 100);
    List<PictureColours.Main> main = PictureColours.of(pixels, 5, false);
    assertEquals(3, main.size(), "as many as there are, not as many as looked for");
    assertEquals("#2E4A45", main.get(0).colour().hex());
    assertEquals(0.6, main.get(0).share(), 1e-9);
    assertEquals(1, main.stream().mapToDouble(PictureColours.Main::share).sum(), 1e-9);
  }

  @Test
  void thePaletteOfAPictureIsAlwaysTheSame() {
    List<Colour> pixels = new ArrayList<>();
    for (int i = 0; i < 900; i++) {
      pixels.add(any());
    }
    List<PictureColours.Main> once = PictureColours.of(pixels, 5, false);
    assertEquals(once, PictureColours.of(pixels, 5, false));
    for (int i = 1; i < once.size(); i++) {
      assertTrue(once.get(i - 1).share() >= once.get(i).share());
      assertTrue(once.get(i - 1).colour().deltaE00(once.get(i).colour()) >= 6);
    }
  }

  @Test
  void aPaperMarginCanBeLeftOut() {
    List<Colour> pixels = new ArrayList<>();
    add(pixels, "#FFFFFF", 900);
    add(pixels, "#9E2B25", 100);
    assertEquals("#FFFFFF", PictureColours.of(pixels, 3, false).get(0).colour().hex());
    assertEquals("#9E2B25", PictureColours.of(pixels, 3, true).get(0).colour().hex());
    assertEquals(1, PictureColours.of(pixels.subList(0, 900), 3, true).size(), "all white stays");
  }

  @Test
  void nearColoursBecomeOne() {
    List<Colour> pixels = new ArrayList<>();
    add(pixels, "#2E4A45", 60);
    add(pixels, "#304C47", 40);
    assertEquals(1, PictureColours.of(pixels, 2, false).size());
  }

  @Test
  void equalColoursAreEqual() {
    assertEquals(Colour.hex("#2e4a45"), Colour.hex("#2E4A45"));
    assertEquals(Colour.hex("#2e4a45").hashCode(), Colour.hex("#2E4A45").hashCode());
    assertNotEquals(Colour.hex("#2E4A45"), Colour.hex("#2E4A46"));
  }

  private static void add(List<Colour> pixels, String hex, int count) {
    for (int i = 0; i < count; i++) {
      pixels.add(Colour.hex(hex));
    }
  }
}
