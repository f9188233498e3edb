package emberyard.server;

import emberyard.core.build.CutFigure;
import emberyard.core.build.CutMethod;
import emberyard.core.build.FigureKind;
import emberyard.core.build.Panel;
import emberyard.core.build.PartDrawing;
import emberyard.core.build.RecipeStep;
import emberyard.core.make.PartAnswer;
import emberyard.core.nest.Jigsaws;
import emberyard.core.nest.NestJob;
import emberyard.core.nest.Nester;
import emberyard.core.workshop.Material;
import emberyard.core.workshop.SheetProduct;
import java.io.PrintStream;

/** How well sheets are filled in the time given, and how fast a part with many holes is judged. */
final class MakeBenchmark {
  private static final int SEEDS = 4;

  private MakeBenchmark() {}

  static void appendTo(Timing timing, PrintStream out) {
    out.println("\n## Made parts\n");
    timing.head();
    int[] run = {0};
    double[] times = Timing.measure(() -> PartAnswer.of(perforated(run[0]++), sheet()), () -> {});
    timing.row(
        "drawing and judging a part with 512 holes, another each time", times, "under 100 ms");
    out.println("\nJigsaws: a sheet of 600 × 400 mm cut into pieces and shuffled.\n");
    out.println(
        "| jigsaw | time | share of the sheet placed, %d seeds | worst | wanted |\n| --- | --- | --- | --- | --- |"
            .formatted(SEEDS));
    row(out, "40 rectangles", 10, 0.95, true);
    row(out, "30 irregular pieces, half of them not convex", 30, 0.82, false);
  }

  private static SheetProduct sheet() {
    return SheetProduct.loose(Material.ACRYLIC, 3, 12);
  }

  /** A border of holes that moves a little and a field of 500. */
  private static Panel perforated(int run) {
    CutFigure field =
        new CutFigure(
            FigureKind.HOLE_FIELD,
            300.0,
            240.0,
            5.0,
            null,
            null,
            12.0,
            null,
            null,
            false,
            null,
            null,
            null);
    return Panel.loose(
        400,
        300,
        CutMethod.LASER,
        PartDrawing.of(
            RecipeStep.of("field", RecipeStep.Op.CUT, field, 200 + 0.01 * run, 150),
            RecipeStep.of("hole", RecipeStep.Op.CUT, CutFigure.hole(6), 20, 20),
            RecipeStep.of("window", RecipeStep.Op.CUT, CutFigure.rectangle(10, 30), 380, 150)));
  }

  private static void row(
      PrintStream out, String what, int seconds, double wanted, boolean rectangles) {
    StringBuilder shares = new StringBuilder();
    double worst = 1;
    for (int seed = 1; seed <= SEEDS; seed++) {
      NestJob job = rectangles ? Jigsaws.rectangles(40, seed) : Jigsaws.irregular(30, seed);
      long until = System.nanoTime() + seconds * 1_000_000_000L;
      Nester nester = new Nester(job);
      while (System.nanoTime() < until && nester.result().unplaced().size() > 0) {
        nester.step();
      }
      double share = Jigsaws.placed(nester.result());
      worst = Math.min(worst, share);
      shares.append(seed == 1 ? "" : ", ").append("%.1f %%".formatted(share * 100));
    }
    out.println(
        "| %s | at most %d s | %s | %.1f %% | %.0f %% |"
            .formatted(what, seconds, shares, worst * 100, wanted * 100));
  }
}
