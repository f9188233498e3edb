package emberyard.core.finish;

import emberyard.core.build.Build;
import emberyard.core.build.LayerStep;
import emberyard.core.build.Scheme;
import emberyard.core.colour.Colour;
import emberyard.core.finding.Finding;
import emberyard.core.finish.coat.PaintTarget;
import emberyard.core.finish.coat.Substrate;
import emberyard.core.finish.layer.SheetOptic;
import emberyard.core.geometry.Contour;
import emberyard.core.geometry.Outline;
import emberyard.core.record.PaintFault;
import emberyard.core.work.Task;
import emberyard.core.work.Work;
import emberyard.core.workshop.FilmProduct;
import emberyard.core.workshop.PaintBase;
import emberyard.core.workshop.PaintKind;
import emberyard.core.workshop.PaintProduct;
import emberyard.core.workshop.WorkshopBook;
import emberyard.core.yard.Samples;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** A few paints and a plate of 400 × 300 mm. */
public final class FinishSamples {
  public static final Colour SOOT = Colour.hex("#151515");
  private static final Outline PLATE = Outline.of(Contour.rectangle(0, 0, 400, 300, 0));

  private FinishSamples() {}

  public static PaintProduct paint() {
    return Samples.paint(0);
  }

  /** An invented paint with the times of its base; recoat until so many minutes, 0 for any time. */
  public static PaintProduct paint(
      String id, String hex, PaintKind kind, PaintBase base, int until, double hiding) {
    boolean enamel = base == PaintBase.ENAMEL;
    return new PaintProduct(
        id,
        id,
        hex,
        kind,
        base,
        15,
        0.18,
        0.6,
        enamel ? 120 : 10,
        enamel ? 240 : 20,
        until,
        enamel ? 8 : 2,
        enamel ? 168 : 48,
        400,
        1_000,
        "quay",
        0,
        hiding,
        PaintProduct.GENERIC,
        0.0,
        null,
        null);
  }

  /** The same paint otherwise: called so, shining so, with this much in an opened can. */
  public static PaintProduct as(
      PaintProduct p, String name, PaintKind kind, PaintProduct.Shine gloss, double openMl) {
    return new PaintProduct(
        p.id(),
        name,
        p.colourHex(),
        kind,
        p.base(),
        p.dryFilmUm(),
        p.solids(),
        p.transfer(),
        p.flashMinutes(),
        p.recoatFromMinutes(),
        p.recoatUntilMinutes(),
        p.handleHours(),
        p.cureHours(),
        p.packMl(),
        p.priceMinor(),
        p.supplierId(),
        p.onHandPacks(),
        p.hiding(),
        p.valuesFrom(),
        openMl,
        null,
        gloss);
  }

  public static WorkshopBook book() {
    return with(paint());
  }

  public static WorkshopBook with(PaintProduct green) {
    return Samples.book()
        .with(
            PaintProduct.class,
            List.of(
                green,
                paint("grey", "#8C8C8C", PaintKind.PRIMER, PaintBase.SOLVENT, 0, 0.9),
                paint("white", "#F2F2EF", PaintKind.COLOUR, PaintBase.SOLVENT, 0, 0.7),
                paint("enamel", "#9E2B25", PaintKind.COLOUR, PaintBase.ENAMEL, 1_440, 0.84),
                paint("honey-stain", "#C99A5B", PaintKind.STAIN, PaintBase.WATERBORNE, 0, 0.15),
                paint("clear", "#F7F7F5", PaintKind.CLEAR, PaintBase.SOLVENT, 0, 0.05)))
        .with(
            FilmProduct.class,
            List.of(
                new FilmProduct(
                    "film-red",
                    "Red film",
                    "#B82B2B",
                    FilmProduct.Gloss.GLOSS,
                    300,
                    740,
                    "quay",
                    0)));
  }

  /** Primer and green on the front. */
  public static Scheme plain(String id, int primer, int colour) {
    return PlainScheme.of(
        id,
        "Finish " + id,
        "p1",
        false,
        primer == 0 ? null : new PlainScheme.Coats("grey", primer),
        new PlainScheme.Coats("green", colour),
        null);
  }

  public static Scheme layers(String id, LayerStep... steps) {
    return PlainScheme.of(id, "Finish " + id, "p1", false, null, null, null)
        .withLayers(List.of(steps));
  }

  public static PaintTarget painted(Scheme scheme, Substrate ground) {
    return painted(scheme, ground, new SheetOptic(Colour.hex("#8B8F92"), 0, 2));
  }

  public static PaintTarget painted(Scheme scheme, SheetOptic optic) {
    return painted(scheme, Substrate.STEEL, optic);
  }

  public static PaintTarget clear(Scheme scheme) {
    return painted(scheme, Substrate.ACRYLIC, SheetOptic.of(Samples.sheet(0)));
  }

  private static PaintTarget painted(Scheme scheme, Substrate ground, SheetOptic optic) {
    return new PaintTarget(
        scheme, "Plate", 0.12, 1_400, 2, 1, ground, optic, PLATE, Map.of(), Map.of(), "part:p/cut");
  }

  public static Work work(List<PaintTarget> painted, PaintFault... faults) {
    Build plain = Samples.build();
    Build build =
        plain
            .with(Scheme.class, painted.stream().map(PaintTarget::scheme).toList())
            .with(PaintFault.class, List.of(faults));
    return FinishWork.derive(
        build, FinishWork.plans(painted, book()), List.of(), book(), "make/dry-fit");
  }

  public static Task task(Work work, String key) {
    return work.tasks().stream()
        .filter(task -> task.key().equals(key))
        .findFirst()
        .orElseThrow(() -> new AssertionError(key + " is not among " + keys(work)));
  }

  private static List<String> keys(Work work) {
    return work.tasks().stream().map(Task::key).toList();
  }

  public static Optional<Finding> finding(Work work, String key) {
    return work.findings().stream().filter(f -> f.key().equals(key)).findFirst();
  }
}
