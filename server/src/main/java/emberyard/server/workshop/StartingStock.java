package emberyard.server.workshop;

import emberyard.core.workshop.Material;
import emberyard.core.workshop.PaintBase;
import emberyard.core.workshop.PaintKind;
import emberyard.core.workshop.PaintProduct;
import emberyard.core.workshop.SheetProduct;
import emberyard.core.workshop.Supplier;
import java.util.List;

/** Invented suppliers, sheets and paints with generic values: something to choose from at first. */
public final class StartingStock {
  private StartingStock() {}

  public static List<Supplier> suppliers() {
    return List.of(
        new Supplier("quayside", "Quayside Sheet & Film", 5, 990),
        new Supplier("kiln-lane", "Kiln Lane Colours", 3, 690),
        new Supplier("rookery", "Rookery Hardware", 4, 790),
        new Supplier("lumen-loft", "Lumen Loft", 9, 890));
  }

  public static List<SheetProduct> sheets() {
    return List.of(
        sheet(
            "acrylic-clear-3",
            "Clear cast acrylic 3 mm",
            Material.ACRYLIC,
            3,
            2.86,
            "#DCE9EA",
            12,
            2_400),
        sheet(
            "acrylic-black-3",
            "Black cast acrylic 3 mm",
            Material.ACRYLIC,
            3,
            null,
            "#161616",
            12,
            2_250),
        sheet(
            "acrylic-opal-5",
            "Opal cast acrylic 5 mm",
            Material.ACRYLIC,
            5,
            null,
            "#F1F1EC",
            6,
            3_600),
        sheet("ply-birch-4", "Birch ply 4 mm", Material.PLY, 4, 3.9, "#D9BF94", 10, 1_450),
        sheet("ply-birch-6", "Birch ply 6 mm", Material.PLY, 6, 5.6, "#D4B98C", 6, 1_900),
        sheet(
            "aluminium-15",
            "Aluminium sheet 1.5 mm",
            Material.ALUMINIUM,
            1.5,
            null,
            "#B9BDBF",
            1,
            3_100),
        sheet("steel-1", "Steel sheet 1 mm", Material.STEEL, 1, null, "#8B8F92", 1, 2_100),
        sheet("pvc-3", "Foamed PVC 3 mm", Material.PVC, 3, null, "#F5F5F3", 1, 900));
  }

  public static List<PaintProduct> paints() {
    return List.of(
        paint(
            "primer-grey",
            "Grey primer",
            "#8C8C8C",
            PaintKind.PRIMER,
            PaintBase.SOLVENT,
            20,
            0.22,
            980),
        paint(
            "primer-white",
            "White primer",
            "#E9E9E6",
            PaintKind.PRIMER,
            PaintBase.SOLVENT,
            20,
            0.22,
            980),
        paint(
            "harbour-green",
            "Harbour green satin",
            "#2E4A45",
            PaintKind.COLOUR,
            PaintBase.SOLVENT,
            15,
            0.18,
            1_150),
        paint(
            "fog-grey",
            "Fog grey matt",
            "#B7BEBC",
            PaintKind.COLOUR,
            PaintBase.SOLVENT,
            15,
            0.18,
            1_150),
        paint(
            "enamel-red",
            "Depot red enamel",
            "#9E2B25",
            PaintKind.COLOUR,
            PaintBase.ENAMEL,
            22,
            0.42,
            1_390),
        paint(
            "cream",
            "Chart cream",
            "#EDE3C4",
            PaintKind.COLOUR,
            PaintBase.WATERBORNE,
            18,
            0.3,
            1_250),
        paint(
            "fern",
            "Fern green",
            "#4F6F3A",
            PaintKind.COLOUR,
            PaintBase.WATERBORNE,
            18,
            0.3,
            1_250),
        paint(
            "brass",
            "Brass metallic",
            "#B08B3E",
            PaintKind.METALLIC,
            PaintBase.SOLVENT,
            12,
            0.12,
            1_490),
        paint(
            "white",
            "Kite white",
            "#F2F2EF",
            PaintKind.COLOUR,
            PaintBase.WATERBORNE,
            18,
            0.3,
            1_250),
        paint(
            "clear-matt",
            "Matt clear",
            "#F7F7F5",
            PaintKind.CLEAR,
            PaintBase.SOLVENT,
            18,
            0.2,
            1_190),
        paint(
            "clear-two-pack",
            "Two-pack gloss clear",
            "#F7F7F5",
            PaintKind.CLEAR,
            PaintBase.TWO_PACK,
            30,
            0.5,
            2_450));
  }

  private static SheetProduct sheet(
      String id,
      String name,
      Material material,
      double thicknessMm,
      Double measuredMm,
      String hex,
      double speed,
      long priceMinor) {
    return new SheetProduct(
        id,
        name,
        material,
        thicknessMm,
        measuredMm,
        600,
        400,
        hex,
        speed,
        priceMinor,
        "quayside",
        0);
  }

  private static PaintProduct paint(
      String id,
      String name,
      String hex,
      PaintKind kind,
      PaintBase base,
      double filmUm,
      double solids,
      long priceMinor) {
    int recoat = base == PaintBase.ENAMEL ? 240 : base == PaintBase.WATERBORNE ? 60 : 20;
    double handle = base == PaintBase.ENAMEL ? 8 : base == PaintBase.WATERBORNE ? 4 : 2;
    double cure = base == PaintBase.ENAMEL ? 168 : base == PaintBase.WATERBORNE ? 96 : 48;
    int until = base == PaintBase.ENAMEL ? 1_440 : 0;
    return new PaintProduct(
        id,
        name,
        hex,
        kind,
        base,
        filmUm,
        solids,
        0.6,
        recoat / 2,
        recoat,
        until,
        handle,
        cure,
        400,
        priceMinor,
        "kiln-lane",
        0);
  }
}
