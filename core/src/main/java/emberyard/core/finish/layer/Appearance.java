package emberyard.core.finish.layer;

import emberyard.core.build.Side;
import emberyard.core.colour.Colour;
import emberyard.core.finish.optic.Slab;

/**
 * How a region looks from one side, {@code #RRGGBB}.
 *
 * @param unlit by day
 * @param edgeLit by day with light in the sheet's edge: engraved places glow
 * @param backLit by day with light behind the sheet
 * @param dusk at dusk without light
 * @param edgeLitDusk at dusk with light in the edge
 * @param backLitDusk at dusk with light behind
 */
public record Appearance(
    String unlit,
    String edgeLit,
    String backLit,
    String dusk,
    String edgeLitDusk,
    String backLitDusk) {

  static Appearance of(Piles piles, SheetOptic sheet, Side from, Colour ground, LightOn light) {
    Slab before = piles.slab(from);
    Slab all = piles.slab(from, sheet);
    Colour day = all.on(ground);
    Colour dusk = product(day, LightOn.DUSK);
    Colour glow = glow(piles, sheet, before, from, light);
    Colour behind = product(all.through(), light.lit());
    return new Appearance(
        day.hex(),
        day.plus(glow).hex(),
        day.plus(behind).hex(),
        dusk.hex(),
        dusk.plus(glow).hex(),
        dusk.plus(behind).hex());
  }

  /** What an engraved place sends out, through what lies on it; the sheet has to be clear. */
  static Colour glow(Piles piles, SheetOptic sheet, Slab before, Side from, LightOn light) {
    if (!sheet.clear() || !(piles.frosted(from) || piles.frosted(from.across()))) {
      return Colour.BLACK;
    }
    return product(before.through(), light.lit()).times(LightOn.EDGE_SHARE);
  }

  private static Colour product(Colour one, Colour other) {
    return Colour.linear(
        one.red() * other.red(), one.green() * other.green(), one.blue() * other.blue());
  }
}
