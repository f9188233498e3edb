package emberyard.core.finish;

import emberyard.core.build.LayerOp;
import emberyard.core.finish.chain.Repairs;
import emberyard.core.finish.coat.CoatStep;
import emberyard.core.finish.coat.PaintQuantity;
import emberyard.core.finish.coat.SchemePlan;
import emberyard.core.finish.film.FilmRoll;
import emberyard.core.units.Figures;
import emberyard.core.work.CostCategory;
import emberyard.core.work.Need;
import emberyard.core.work.Why;
import emberyard.core.workshop.FilmProduct;
import emberyard.core.workshop.PaintProduct;
import emberyard.core.workshop.WorkshopBook;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;

/** What the finishes of a build use up: cans over the whole build, film, mask tape, abrasives. */
final class FinishNeeds {
  /** A card of 150 × 100 mm is sprayed with every paint; a default. */
  static final double TEST_CARD_M2 = 0.015;

  /** A sheet of abrasive does so much; a default. */
  private static final double SHEET_M2 = 0.5;

  /** Mask film is cut with this much around; a default. */
  private static final double FILM_EXTRA = 1.1;

  private final WorkshopBook book;
  private final Map<String, Double> ml = new LinkedHashMap<>();
  private final Map<String, Integer> coats = new LinkedHashMap<>();
  private final Map<String, List<String>> paintFor = new LinkedHashMap<>();
  private final Map<Integer, Double> abrasiveM2 = new TreeMap<>();
  private final List<String> keyed = new ArrayList<>();
  private double tapeM;
  private final List<String> taped = new ArrayList<>();
  private double maskM2;
  private final List<String> masked = new ArrayList<>();

  private final Set<String> done;
  private final Map<String, Double> openTaken;

  /**
   * @param done keys of tasks that are done: a can of which coats were sprayed was opened for this
   *     build
   * @param openTaken ml that the build took of cans that were open before, by key of the need
   */
  FinishNeeds(WorkshopBook book, Set<String> done, Map<String, Double> openTaken) {
    this.book = book;
    this.done = done;
    this.openTaken = openTaken;
  }

  void take(SchemePlan plan, double tape, Repairs repairs) {
    for (CoatStep coat : plan.coats()) {
      if (coat.coat()) {
        String id = coat.paint().id();
        ml.merge(id, coat.ml(), Double::sum);
        coats.merge(id, coat.number(), Math::max);
        paintFor.computeIfAbsent(id, k -> new ArrayList<>()).add(coat.key());
      } else if (coat.op() == LayerOp.STENCIL) {
        maskM2 += coat.areaM2() * FILM_EXTRA;
        masked.add(coat.key());
      }
    }
    repairs
        .ml()
        .forEach(
            (id, more) -> {
              ml.merge(id, more, Double::sum);
              paintFor.computeIfAbsent(id, k -> new ArrayList<>()).addAll(repairs.usedBy(id));
            });
    if (tape > 0) {
      tapeM += tape;
      taped.add(SchemePlan.key(plan.scheme(), "mask"));
    }
    if (!plan.coats().isEmpty()) {
      abrasiveM2.merge(plan.painted().substrate().grit(), plan.areaM2(), Double::sum);
      boolean ground = plan.coats().stream().anyMatch(SchemePlan::sandedGround);
      abrasiveM2.merge(800, ground ? plan.areaM2() : 0.0, Double::sum);
      keyed.add(SchemePlan.key(plan.scheme(), "key"));
    }
  }

  List<Need> needs() {
    List<Need> needs = new ArrayList<>();
    ml.forEach((id, amount) -> needs.add(can(id, amount)));
    if (tapeM > 0) {
      needs.add(
          bench(
              "tape:mask",
              "Mask tape",
              Math.ceil(tapeM * FILM_EXTRA),
              "m",
              taped,
              Why.of("all masked rims + 10 %, whole metres", "%.2f m".formatted(tapeM))));
    }
    if (maskM2 > 0) {
      needs.add(
          bench(
              "film:mask",
              "Mask film",
              Math.ceil(maskM2 * 100) / 100,
              "m²",
              masked,
              Why.of("area of all stencils + 10 %", "%.3f m²".formatted(maskM2))));
    }
    if (!abrasiveM2.isEmpty()) {
      needs.add(abrasives());
    }
    return needs;
  }

  /** One parcel for all grits. */
  private Need abrasives() {
    List<String> grits = new ArrayList<>();
    List<String> inputs = new ArrayList<>();
    double sheets = 0;
    for (Map.Entry<Integer, Double> grit : abrasiveM2.entrySet()) {
      if (grit.getValue() > 0) {
        double count = Math.ceil(grit.getValue() / SHEET_M2);
        sheets += count;
        grits.add("%s × %d".formatted(Figures.plain(count), grit.getKey()));
        inputs.add("grit %d: %.3f m²".formatted(grit.getKey(), grit.getValue()));
      }
    }
    inputs.add(Figures.plain(SHEET_M2) + " m² a sheet (default)");
    return bench(
        "abrasive:sheets",
        "Abrasive sheets: " + String.join(", ", grits),
        sheets,
        "sheets",
        keyed,
        new Why("area ÷ what a sheet does, whole sheets of each grit", inputs));
  }

  /** Small things: they are listed, and count nothing until they have a price. */
  private Need bench(
      String key, String title, double quantity, String unit, List<String> by, Why why) {
    List<String> inputs = new ArrayList<>(why.inputs());
    inputs.add("no price is known yet: counts 0");
    return new Need(
        key,
        title,
        CostCategory.FINISH_MATERIAL,
        "",
        quantity,
        0,
        unit,
        0,
        0,
        by,
        new Why(why.formula(), inputs));
  }

  private Need can(String paintId, double amount) {
    PaintProduct paint = book.paint(paintId).orElseThrow();
    boolean carded = book.card(paintId).isPresent();
    double card =
        carded ? 0 : TEST_CARD_M2 * coats.getOrDefault(paintId, 1) * PaintQuantity.mlPerM2(paint);
    boolean begun = paintFor.getOrDefault(paintId, List.of()).stream().anyMatch(done::contains);
    double open = begun ? openTaken.getOrDefault("paint:" + paintId, 0.0) : paint.openMl();
    double wanted = Math.max(0, amount + card - open);
    return new Need(
        "paint:" + paintId,
        paint.name(),
        CostCategory.FINISH_MATERIAL,
        paint.supplierId(),
        PaintQuantity.cans(wanted, paint.packMl()),
        0,
        "cans",
        paint.priceMinor(),
        book.leadDays(paint.supplierId()),
        paintFor.getOrDefault(paintId, List.of()),
        Why.of(
            "(area × coats × ml a m² + test card − opened can) ÷ (can × 0.9), rounded up, over the"
                + " whole build",
            "%.0f ml wet".formatted(amount),
            "%.1f ml/m² a coat = %s µm ÷ (solids %s × transfer %s)"
                .formatted(
                    PaintQuantity.mlPerM2(paint),
                    Figures.plain(paint.dryFilmUm()),
                    Figures.plain(paint.solids()),
                    Figures.plain(paint.transfer())),
            carded ? "test card: sprayed already" : "test card %.0f ml".formatted(card),
            "opened can %.0f ml".formatted(open),
            "can %.0f ml".formatted(paint.packMl())));
  }

  /** Film by the metre off the roll, for all decals of one product. */
  static Need film(FilmProduct film, FilmRoll roll, List<String> by, WorkshopBook book) {
    double metres = Math.ceil(roll.lengthMm() * FILM_EXTRA / 10) / 100;
    return new Need(
        "film:" + film.id(),
        film.name(),
        CostCategory.FINISH_MATERIAL,
        film.supplierId(),
        metres,
        0,
        "m",
        film.pricePerMetreMinor(),
        book.leadDays(film.supplierId()),
        by,
        Why.of(
            "length that the nested pieces take on the roll + 10 %",
            "%.0f mm on a roll of %s wide"
                .formatted(roll.lengthMm(), Figures.mm(film.rollWidthMm())),
            "%d pieces".formatted(roll.pieces().size())));
  }
}
