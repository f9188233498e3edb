package emberyard.core.fit.worksheet;

import emberyard.core.build.Worksheet.Stack;
import emberyard.core.build.Worksheet.StackLayer;
import emberyard.core.units.Figures;
import emberyard.core.work.Why;
import java.util.ArrayList;
import java.util.List;

/**
 * What stays free over a stack of layers.
 *
 * @param gapMm with all at nominal size
 * @param worstGapMm with all tolerances against you
 * @param statisticalGapMm with tolerances that partly cancel: gap less √Σt²
 * @param fitsWorst whether the wanted gap is kept in the worst case
 * @param fitsStatistically whether it is kept in nearly all cases
 */
public record StackUp(
    double gapMm,
    double worstGapMm,
    double statisticalGapMm,
    boolean fitsWorst,
    boolean fitsStatistically,
    Why why) {
  /**
   * Worst case = gap − Σ tolerances, statistical = gap − √Σ tolerance². Source: tolerance stacks,
   * worst case and root sum square.
   *
   * <p>Example: cavity 62 ± 0.5; board 1.6 ± 0.2, standoffs 6.5 ± 0.1, cooler 47 ± 0.5, plug 3 ±
   * 0.5: gap 3.9, worst 2.1, statistical 3.01.
   */
  public static StackUp of(Stack stack) {
    double sum = 0;
    double worst = stack.cavityToleranceMm();
    double squares = stack.cavityToleranceMm() * stack.cavityToleranceMm();
    List<String> inputs = new ArrayList<>();
    inputs.add(line("cavity", stack.cavityMm(), stack.cavityToleranceMm()));
    for (StackLayer layer : stack.layers()) {
      sum += layer.nominalMm();
      worst += layer.toleranceMm();
      squares += layer.toleranceMm() * layer.toleranceMm();
      inputs.add(line(layer.name(), layer.nominalMm(), layer.toleranceMm()));
    }
    double gap = stack.cavityMm() - sum;
    return new StackUp(
        gap,
        gap - worst,
        gap - Math.sqrt(squares),
        gap - worst >= stack.wantedGapMm() - 1e-9,
        gap - Math.sqrt(squares) >= stack.wantedGapMm() - 1e-9,
        Why.of(
            "cavity − layers; less Σ tolerances at worst, less √Σ tolerance² statistically",
            inputs.toArray(String[]::new)));
  }

  private static String line(String name, double nominal, double tolerance) {
    return "%s %s ± %s mm".formatted(name, Figures.plain(nominal), Figures.plain(tolerance));
  }
}
