package emberyard.core.concept;

import static emberyard.core.yard.Drawings.CREAM;
import static emberyard.core.yard.Drawings.GREEN;
import static emberyard.core.yard.Drawings.colour;
import static emberyard.core.yard.Drawings.item;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import emberyard.core.build.FaceItem;
import emberyard.core.build.ItemKind;
import emberyard.core.build.LightStrip;
import emberyard.core.build.PaletteColour;
import emberyard.core.build.PaletteColour.Role;
import emberyard.core.colour.Colour;
import emberyard.core.elevation.Elevation;
import emberyard.core.elevation.Shares;
import emberyard.core.finding.Finding;
import emberyard.core.finding.Remedy;
import emberyard.core.workshop.StockColour;
import emberyard.core.workshop.WorkshopBook;
import emberyard.core.yard.Drawings;
import emberyard.core.yard.Samples;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;

class PaletteChecksTest {
  private static final WorkshopBook BOOK = Samples.book();
  private static final StockPalette STOCK = StockPalette.of(BOOK);

  private static List<Finding> of(
      List<PaletteColour> palette, List<LightStrip> strips, FaceItem... items) {
    List<Elevation> faces = List.of(Drawings.front(items));
    return PaletteChecks.of("b1", palette, faces, Shares.of(faces, palette), strips, STOCK);
  }

  private static List<Finding> about(List<Finding> findings, String key) {
    return findings.stream().filter(finding -> finding.key().contains(key)).toList();
  }

  @Test
  void sixtyThirtyTenIsARuleOfThumb() {
    FaceItem second = item("s", ItemKind.VINYL, 0, 0, 60, 100).withColourHex(CREAM);
    FaceItem accent = item("a", ItemKind.BADGE, 60, 0, 20, 100).withColourHex(Drawings.BRASS);
    assertEquals(List.of(), about(of(Drawings.palette(), List.of(), second, accent), "share"));
    List<Finding> bare = about(of(Drawings.palette(), List.of()), "share");
    assertEquals("The base covers 100 % of what shows; about 60 % is usual", bare.get(0).title());
    assertEquals(3, bare.size());
  }

  @Test
  void textMustStandOutFromItsGround() {
    List<PaletteColour> dim =
        List.of(colour("green", GREEN, Role.BASE), colour("moss", "#3C5A50", Role.TEXT));
    Finding finding = about(of(dim, List.of()), "palette/text").get(0);
    double ratio = Colour.hex("#3C5A50").contrast(Colour.hex(GREEN));
    assertEquals(
        "Text reads at %.1f to 1 on the base; 4.5 to 1 wanted".formatted(ratio), finding.title());
    assertEquals(List.of(), about(of(Drawings.palette(), List.of()), "palette/text"));
  }

  @Test
  void wordsOnAFaceAreHeldAgainstWhatLiesUnderThem() {
    FaceItem words =
        item("w", ItemKind.VINYL, 10, 10, 80, 20)
            .withColourHex(CREAM)
            .drawn("", null, "TIDE", null);
    FaceItem plate = item("plate", ItemKind.BADGE, 0, 0, 100, 50).withColourHex("#E0D8B8");
    assertEquals(List.of(), about(of(Drawings.palette(), List.of(), words), "legible"));
    List<Finding> found = about(of(Drawings.palette(), List.of(), plate, words), "legible");
    assertEquals(1, found.size());
    assertEquals("w", found.get(0).thingId());
  }

  @Test
  void coloursThatOnlyUsualEyesTellApartAreNamed() {
    List<PaletteColour> palette =
        List.of(colour("red", "#B0413E", Role.BASE), colour("olive", "#6E7B34", Role.SECOND));
    List<Finding> eyes = about(of(palette, List.of()), "eyes");
    assertTrue(eyes.stream().anyMatch(f -> f.title().startsWith("“red” and “olive” become one")));
  }

  @Test
  void aStrongLightCanMakeTwoColoursOne() {
    LightStrip red =
        LightStrip.one("l", "Red lamp", 100)
            .feed(LightStrip.Feed.SUPPLY_LEAD)
            .colourHex("#FF0000")
            .supplierId("quay")
            .build();
    List<PaletteColour> palette =
        List.of(colour("white", "#F0F0F0", Role.BASE), colour("pink", "#F0A0A8", Role.SECOND));
    List<Finding> found = about(of(palette, List.of(red)), "light");
    assertEquals(
        "Under “Red lamp” “white” and “pink” are hard to tell apart", found.get(0).title());
    assertEquals(List.of(), about(of(palette, List.of()), "light"));
  }

  @Test
  void aColourNothingInStockComesNearToHasThreeWaysOut() {
    List<PaletteColour> palette =
        List.of(colour("green", GREEN, Role.BASE), colour("purple", "#7A2BA0", Role.ACCENT));
    List<Finding> found = about(of(palette, List.of()), "stock");
    assertEquals(1, found.size(), "the green is in stock");
    Remedy.Change move = found.get(0).remedies().get(0).change();
    assertEquals("look.palette.1.hex", move.field());
    List<PaletteColour> moved = List.of(palette.get(0), colour("purple", move.text(), Role.ACCENT));
    assertEquals(List.of(), about(of(moved, List.of()), "stock"));
  }

  @Test
  void lightsAreNotPaintedAndNeedNoStock() {
    List<PaletteColour> palette = List.of(colour("glow", "#7A2BA0", Role.GLOW));
    assertEquals(List.of(), about(of(palette, List.of()), "stock"));
  }

  /** An independent slow check of the search. */
  @Test
  void theBestMatchIsTheLeastOfAllDifferences() {
    Random random = new Random(3);
    for (int i = 0; i < 200; i++) {
      String hex = String.format("#%06X", random.nextInt(0x1000000));
      double least = Double.MAX_VALUE;
      for (StockColour stock : BOOK.stockColours()) {
        least = Math.min(least, Colour.hex(stock.hex()).deltaE00(Colour.hex(hex)));
      }
      assertEquals(least, STOCK.best(hex).deltaE00(), 1e-12);
      List<StockPalette.Match> near = STOCK.nearest(hex, 2);
      assertEquals(least, near.get(0).deltaE00(), 1e-12);
    }
  }

  @Test
  void anEmptyStockListMatchesNothing() {
    WorkshopBook bare = WorkshopBook.of(List.of(BOOK.workshop()));
    assertEquals(null, StockPalette.of(bare).best(GREEN));
    assertEquals(null, StockPalette.of(bare).bestMix(GREEN));
  }
}
