package emberyard.core.finish.layer;

import emberyard.core.colour.Colour;
import emberyard.core.finish.optic.Slab;
import emberyard.core.units.Require;
import emberyard.core.workshop.SheetProduct;

/**
 * The sheet as light meets it.
 *
 * @param colour of the sheet; of a clear one the tint of what passes
 * @param transmittance share of light that passes, 0 for opaque to 1; the 8 % that two clean
 *     surfaces send back as gloss count as passing, for they carry no colour
 * @param thicknessMm 0.05 to 100 mm
 */
public record SheetOptic(Colour colour, double transmittance, double thicknessMm) {
  /** Share of diffuse light that a frosted face adds; a default. */
  static final double FROST = 0.22;

  private static final double LEAST_PASSING = 0.02;

  public SheetOptic {
    Require.between("transmittance", transmittance, 0, 1, "");
    Require.between("thicknessMm", thicknessMm, 0.05, 100, "mm");
  }

  public static SheetOptic of(SheetProduct sheet) {
    return new SheetOptic(
        Colour.hex(sheet.colourHex()), sheet.transmittance(), sheet.realThicknessMm());
  }

  /** Whether what lies on the other side is seen at all. */
  public boolean clear() {
    return transmittance > LEAST_PASSING;
  }

  /** A sheet that passes t sends (1 − t)² of its colour back and tints what passes. */
  public Slab slab() {
    double passes = Math.min(1, transmittance / SheetProduct.CLEAR);
    double most = Math.max(colour.red(), Math.max(colour.green(), colour.blue()));
    // the clearer a sheet is called, the less its colour can be in what passes
    Colour tint = most <= 0 ? Colour.WHITE : colour.times(1 / most);
    Colour through = tint.mixedWith(Colour.WHITE, passes).times(passes);
    return Slab.alike(colour.times((1 - passes) * (1 - passes)), through);
  }

  /** A face that was engraved: some of the light is scattered back white. */
  static Slab frost() {
    return Slab.alike(
        Colour.linear(FROST, FROST, FROST), Colour.linear(1 - FROST, 1 - FROST, 1 - FROST));
  }
}
