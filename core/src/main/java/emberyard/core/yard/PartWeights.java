package emberyard.core.yard;

import emberyard.core.build.Build;
import emberyard.core.build.Enclosure;
import emberyard.core.build.Size;
import emberyard.core.fit.stability.Balance.Weight;
import emberyard.core.make.part.MadePart;
import java.util.List;

/** Made parts as weights: each in the middle of the face it sits on. */
final class PartWeights {
  private PartWeights() {}

  static List<Weight> of(Build build, List<MadePart> parts) {
    Size wish = build.look().size() == null ? new Size(20, 20, 20) : build.look().size();
    Size size = build.enclosures().stream().findFirst().map(Enclosure::size).orElse(wish);
    return parts.stream()
        .filter(part -> part.figures() != null)
        .map(part -> weight(part, size))
        .toList();
  }

  private static Weight weight(MadePart part, Size size) {
    double x = size.widthMm() / 2;
    double y = size.depthMm() / 2;
    double z = size.heightMm() / 2;
    switch (part.panel().face()) {
      case LEFT -> x = 0;
      case RIGHT -> x = size.widthMm();
      case FRONT -> y = 0;
      case BACK -> y = size.depthMm();
      case BOTTOM -> z = 0;
      case TOP -> z = size.heightMm();
    }
    double mass = part.figures().massKg() * part.panel().quantity();
    return new Weight(part.panel().name(), mass, x, y, z);
  }
}
