package emberyard.core.finish.layer;

import emberyard.core.build.LayerStep;
import emberyard.core.build.Side;
import emberyard.core.colour.Colour;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * An independent, slow painter: one point of the sheet at a time, one coat at a time, with the
 * ground of each film computed by adding thin sheets of light up in a loop instead of in closed
 * form. It shares no code with the replay but colours.
 */
final class SlowPainter {
  /** A paint in numbers: full reflectance per channel and scattering power of a coat. */
  record Paint(double[] full, double strength) {}

  private record Layer(String what, double[] reflects, double[] passes) {}

  private final Map<String, Paint> paints;
  private final Map<Side, List<Layer>> sides = new HashMap<>();
  private final Map<Side, Boolean> frost = new HashMap<>();
  private final Map<String, LayerStep> stencils = new LinkedHashMap<>();

  SlowPainter(Map<String, Paint> paints) {
    this.paints = paints;
    for (Side side : Side.values()) {
      sides.put(side, new ArrayList<>());
      frost.put(side, false);
    }
  }

  /** Does all steps at a point for which it is known in which shapes it lies. */
  void paint(List<LayerStep> steps, Map<String, Boolean> inside) {
    for (LayerStep step : steps) {
      List<Layer> pile = sides.get(step.side());
      boolean hit = hit(step, inside);
      switch (step.op()) {
        case PAINT -> {
          for (int n = 0; hit && n < step.coats(); n++) {
            pile.add(coat(paints.get(step.productId())));
          }
        }
        case STENCIL -> {
          stencils.put(step.id(), step);
          if (hit) {
            pile.add(new Layer(step.id(), linear("#C9A26B"), new double[] {0, 0, 0}));
          }
        }
        case PEEL -> peel(step, pile);
        case ENGRAVE -> {
          if (hit) {
            pile.clear();
            frost.put(step.side(), true);
          }
        }
        default -> throw new IllegalStateException();
      }
    }
  }

  private static boolean hit(LayerStep step, Map<String, Boolean> inside) {
    for (String free : step.less()) {
      if (inside.get(free)) {
        return false;
      }
    }
    boolean any = false;
    for (String shape : step.shapes()) {
      any = any || inside.get(shape);
    }
    return step.shapes().isEmpty() || (step.outside() ? !any : any);
  }

  private void peel(LayerStep peel, List<Layer> pile) {
    List<String> gone = new ArrayList<>();
    String last = null;
    for (LayerStep stencil : stencils.values()) {
      if (stencil.side() == peel.side()) {
        last = stencil.id();
        boolean named =
            peel.shapes().containsAll(stencil.shapes())
                && stencil.shapes().containsAll(peel.shapes());
        if (!peel.shapes().isEmpty() && named) {
          gone.add(stencil.id());
        }
      }
    }
    if (peel.shapes().isEmpty() && last != null) {
      gone.add(last);
    }
    for (String id : gone) {
      stencils.remove(id);
      for (int i = 0; i < pile.size(); i++) {
        if (pile.get(i).what().equals(id)) {
          while (pile.size() > i) {
            pile.remove(pile.size() - 1);
          }
        }
      }
    }
  }

  /** Euler's way through the film: ten thousand thin sheets, each adding its scattered light. */
  private static Layer coat(Paint paint) {
    double[] reflects = new double[3];
    double[] passes = new double[3];
    for (int c = 0; c < 3; c++) {
      double full = paint.full()[c];
      double k = (1 - full) * (1 - full) / (2 * full);
      int sheets = 4_000;
      double ds = paint.strength() / sheets;
      double r = 0;
      double t = 1;
      for (int i = 0; i < sheets; i++) {
        // one more thin sheet in front: it scatters ds and absorbs k·ds
        double thinR = ds;
        double thinT = 1 - ds - k * ds;
        double many = 1 / (1 - thinR * r);
        double nextR = thinR + thinT * thinT * r * many;
        t = thinT * t * many;
        r = nextR;
      }
      reflects[c] = r;
      passes[c] = t;
    }
    return new Layer("paint", reflects, passes);
  }

  /** What is seen from a side over a dark ground, bouncing light between neighbours. */
  Colour seen(Side from, double passes, double[] ground) {
    List<Layer> order = new ArrayList<>();
    Side far = from == Side.FRONT ? Side.BACK : Side.FRONT;
    List<Layer> behind = sides.get(far);
    for (int i = behind.size() - 1; i >= 0; i--) {
      order.add(behind.get(i));
    }
    if (frost.get(far)) {
      order.add(frosted());
    }
    order.add(new Layer("sheet", new double[3], new double[] {passes, passes, passes}));
    if (frost.get(from)) {
      order.add(frosted());
    }
    order.addAll(sides.get(from));
    double[] light = ground.clone();
    for (Layer layer : order) {
      for (int c = 0; c < 3; c++) {
        double sum = layer.reflects()[c];
        double bounce = layer.passes()[c] * layer.passes()[c] * light[c];
        for (int i = 0; i < 400 && bounce > 1e-13; i++) {
          sum += bounce;
          bounce *= layer.reflects()[c] * light[c];
        }
        light[c] = sum;
      }
    }
    return Colour.linear(light[0], light[1], light[2]);
  }

  private static Layer frosted() {
    return new Layer("frost", new double[] {0.22, 0.22, 0.22}, new double[] {0.78, 0.78, 0.78});
  }

  static double[] linear(String hex) {
    Colour colour = Colour.hex(hex);
    return new double[] {colour.red(), colour.green(), colour.blue()};
  }
}
