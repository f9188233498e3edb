package emberyard.core.make.panel;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import emberyard.core.build.HoleField;
import emberyard.core.build.HoleField.Pattern;
import emberyard.core.build.VentCut;
import emberyard.core.build.Window;
import emberyard.core.units.InvalidValue;
import emberyard.core.workshop.Material;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

class VentHolesTest {
  private static VentCut vent(Pattern pattern, double width, double height, double slot) {
    return new VentCut(new Window(10, 20, width, height), new HoleField(pattern, 4, 6, slot));
  }

  @Test
  void onlyWholeHolesCentredInTheirField() {
    VentHoles square = VentHoles.of(vent(Pattern.SQUARE, 20, 20, 0));
    assertEquals(9, square.centres().size());
    assertEquals(9 * Math.PI * 4, square.openMm2(), 1e-9);
    assertEquals(new PanelFigures.Centre(14, 24), square.centres().get(0));
    VentHoles staggered = VentHoles.of(vent(Pattern.STAGGERED, 20, 20, 0));
    assertEquals(3 + 2 + 3 + 2, staggered.centres().size(), "four rows");
  }

  @ParameterizedTest
  @EnumSource(Pattern.class)
  void noHoleLeavesTheFieldOrMeetsAnother(Pattern pattern) {
    VentCut cut = vent(pattern, 97, 61, pattern == Pattern.SLOTS ? 20 : 0);
    VentHoles holes = VentHoles.of(cut);
    double half = (pattern == Pattern.SLOTS ? 20 : 4) / 2.0;
    for (int i = 0; i < holes.centres().size(); i++) {
      PanelFigures.Centre a = holes.centres().get(i);
      assertTrue(a.xMm() - half >= 10 - 1e-9 && a.xMm() + half <= 107 + 1e-9, "across");
      assertTrue(a.yMm() - 2 >= 20 - 1e-9 && a.yMm() + 2 <= 81 + 1e-9, "up");
      for (PanelFigures.Centre b : holes.centres().subList(i + 1, holes.centres().size())) {
        boolean apart =
            Math.abs(a.yMm() - b.yMm()) >= 4 - 1e-9
                || Math.abs(a.xMm() - b.xMm()) >= 2 * half - 1e-9;
        assertTrue(apart || Math.hypot(a.xMm() - b.xMm(), a.yMm() - b.yMm()) >= 4, "apart");
      }
    }
    double share = holes.openMm2() / (97.0 * 61);
    assertTrue(share <= cut.field().openShare() * 1.08, "edges only take away: " + share);
    assertTrue(share > cut.field().openShare() * 0.7, "share " + share);
  }

  @Test
  void aPanelIsLighterByItsHolesAndTakesLongerToCut() {
    VentCut cut = vent(Pattern.STAGGERED, 100, 60, 0);
    PanelShape closed = new PanelShape(140, 100, 3, Material.ACRYLIC, null, null);
    PanelShape open = new PanelShape(140, 100, 3, Material.ACRYLIC, null, null, cut);
    PanelFigures without = PanelFigures.of(closed, PanelCut.at(10));
    PanelFigures with = PanelFigures.of(open, PanelCut.at(10));
    VentHoles holes = VentHoles.of(cut);
    assertEquals(without.areaMm2() - holes.openMm2(), with.areaMm2(), 1e-9);
    assertEquals(without.contourMm() + holes.contourMm(), with.contourMm(), 1e-9);
    assertEquals(
        without.cutSeconds() + holes.contourMm() / 10 + 0.4 * holes.centres().size(),
        with.cutSeconds(),
        1e-6);
  }

  @Test
  void aFieldThatLeavesItsPanelOrHasTooManyHolesIsRefused() {
    VentCut wide = vent(Pattern.SQUARE, 200, 20, 0);
    assertThrows(
        InvalidValue.class, () -> new PanelShape(140, 100, 3, Material.ACRYLIC, null, null, wide));
    VentCut fine = new VentCut(new Window(0, 0, 900, 900), new HoleField(Pattern.SQUARE, 1, 2, 0));
    assertThrows(InvalidValue.class, () -> VentHoles.of(fine));
  }
}
