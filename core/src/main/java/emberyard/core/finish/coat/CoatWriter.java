package emberyard.core.finish.coat;

import emberyard.core.build.LayerOp;
import emberyard.core.build.LayerStep;
import emberyard.core.build.Scheme;
import emberyard.core.build.Side;
import emberyard.core.colour.Colour;
import emberyard.core.finish.layer.LayerStack;
import emberyard.core.finish.layer.Region;
import emberyard.core.workshop.PaintProduct;
import emberyard.core.workshop.StepTimes;
import emberyard.core.workshop.WorkshopBook;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/** Writes the steps of a finish out coat by coat, with their times, amounts and colours. */
final class CoatWriter {
  private static final int LAY_STENCIL_MINUTES = 8;
  private static final int PEEL_MINUTES = 3;
  private static final int ENGRAVE_SET_UP_MINUTES = 10;

  /** A laser at 400 mm/s with lines 0.1 mm apart burns 40 mm² a second. */
  private static final double ENGRAVE_MM2_PER_MINUTE = 40 * 60;

  private final PaintTarget painted;
  private final Scheme scheme;
  private final WorkshopBook book;
  private final StepTimes times;
  private final LayerStack stack;
  private final List<Region> regions;
  private final List<LayerStep> done = new ArrayList<>();

  CoatWriter(PaintTarget painted, WorkshopBook book, LayerStack stack, List<Region> regions) {
    this.painted = painted;
    this.scheme = painted.scheme();
    this.book = book;
    this.times = book.workshop().times();
    this.stack = stack;
    this.regions = regions;
  }

  List<CoatStep> coats() {
    List<CoatStep> coats = new ArrayList<>();
    for (LayerStep step : stack.steps()) {
      if (step.op().coats()) {
        book.paint(String.valueOf(step.productId())).ifPresent(paint -> add(coats, step, paint));
      } else {
        coats.add(work(step));
      }
      done.add(step);
    }
    return coats;
  }

  private void add(List<CoatStep> coats, LayerStep step, PaintProduct paint) {
    Drying drying = Drying.in(book.workshop().room(), paint.base());
    double area = StepArea.of(painted, step).areaM2();
    for (int number = 1; number <= step.coats(); number++) {
      LayerStep.CoatTime time = step.time(number);
      CoatStep coat =
          new CoatStep(
              SchemePlan.key(scheme, step.id() + "/" + number),
              step.id(),
              step.op(),
              paint,
              SchemePlan.layerName(step, paint),
              number,
              step.side().words(),
              SchemePlan.handsOn(area, SchemePlan.loads(area, times), times),
              drying.minutes(paint.flashMinutes()),
              drying.minutes(paint.recoatFromMinutes()),
              drying.minutes(paint.recoatUntilMinutes()),
              drying.minutes(paint.handleHours() * 60),
              drying.minutes(paint.cureHours() * 60),
              area * PaintQuantity.mlPerM2(paint),
              area,
              null,
              null,
              time.scuff(),
              time.notBefore());
      coats.add(shown(coat, step.with(number)));
    }
  }

  /** The colour where the coat lies, seen from the side it lies on or from where one looks. */
  private CoatStep shown(CoatStep coat, LayerStep step) {
    Region where = largest(step);
    if (where == null) {
      return coat;
    }
    List<LayerStep> until = new ArrayList<>(done);
    until.add(step);
    LayerStack now = stack.with(until);
    Side from = scheme.layeredArt() || painted.optic().clear() ? scheme.seenFrom() : step.side();
    Colour seen = now.shown(where.shapes(), from);
    @Nullable String wanted = stack.wantedHex(where.shapes());
    return coat.showing(seen.hex(), wanted == null ? null : seen.deltaE00(Colour.hex(wanted)));
  }

  private @Nullable Region largest(LayerStep step) {
    Region best = null;
    for (Region region : regions) {
      if (step.reaches(region.shapes())
          && (best == null || region.outline().areaMm2() > best.outline().areaMm2())) {
        best = region;
      }
    }
    return best;
  }

  private CoatStep work(LayerStep step) {
    StepArea area = StepArea.of(painted, step);
    double contour = area.contourM();
    int minutes =
        switch (step.op()) {
          case STENCIL -> LAY_STENCIL_MINUTES + up(contour * times.weedMinutesPerMetre());
          case FILM -> LAY_STENCIL_MINUTES + up(contour * times.weedMinutesPerMetre());
          case PEEL -> PEEL_MINUTES + up(peeledM(step) * times.weedMinutesPerMetre() / 3);
          case ENGRAVE -> ENGRAVE_SET_UP_MINUTES + up(area.areaM2() * 1e6 / ENGRAVE_MM2_PER_MINUTE);
          default -> throw new IllegalStateException(step.op().name());
        };
    return CoatStep.work(
        SchemePlan.key(scheme, "=" + step.id()), step, step.op().words(), minutes, area.areaM2());
  }

  private double peeledM(LayerStep peel) {
    return done.stream()
        .filter(step -> step.op() == LayerOp.STENCIL && step.side() == peel.side())
        .filter(
            step ->
                peel.peels().contains(step.id())
                    || (peel.peels().isEmpty()
                        && (peel.shapes().isEmpty()
                            || Set.copyOf(peel.shapes()).equals(Set.copyOf(step.shapes())))))
        .mapToDouble(step -> StepArea.of(painted, step).contourM())
        .sum();
  }

  private static int up(double minutes) {
    return (int) Math.ceil(minutes - 1e-9);
  }
}
