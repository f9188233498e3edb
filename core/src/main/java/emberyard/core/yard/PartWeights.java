package emberyard.core.yard;

import emberyard.core.build.Build;
import emberyard.core.build.Enclosure;
import emberyard.core.build.Size;
import emberyard.core.fit.Balance.Weight;
import emberyard.core.make.MadePart;
import java.util.List;

/** Made parts as weights: each in the middle of the face it sits on. */
final class PartWeights {
  private PartWeights() {}

  static List<Weight> of(Build build, List<MadePart> parts) {
    Size size = size(build);
    return parts.stream()
        .filter(part -> part.figures() != null)
        .map(part -> weight(part, size))
        .toList();
  }

  private static Size size(Build build) {
    if (!build.enclosures().isEmpty()) {
      Enclosure in = build.enclosures().get(0);
      return new Size(in.widthMm(), in.heightMm(), in.depthMm());
    }
    Size drawn = build.concept().look().size();
    return drawn == null ? new Size(20, 20, 20) : drawn;
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
