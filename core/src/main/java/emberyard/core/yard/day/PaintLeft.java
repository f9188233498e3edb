package emberyard.core.yard.day;

import emberyard.core.finish.coat.CoatStep;
import emberyard.core.finish.coat.PaintQuantity;
import emberyard.core.record.Use;
import emberyard.core.supply.NeedLine;
import emberyard.core.units.Figures;
import emberyard.core.workshop.PaintProduct;
import emberyard.core.yard.BuildModel;
import emberyard.core.yard.TaskModel;
import java.util.Optional;

/** What is left of a paint in the cans that a build has. */
final class PaintLeft {
  private PaintLeft() {}

  /**
   * In words, for somebody who reaches for the can.
   *
   * <p>Example: two cans of 400 ml of which 90 % can be sprayed, 36 ml sprayed: “684 ml left in 2
   * cans”.
   */
  static String words(BuildModel build, PaintProduct paint) {
    NeedLine line =
        build.needs().stream()
            .filter(each -> each.need().key().equals("paint:" + paint.id()))
            .findFirst()
            .orElse(null);
    if (line == null) {
      return "";
    }
    boolean here =
        line.state() == NeedLine.State.IN_STOCK
            || line.state() == NeedLine.State.RECEIVED
            || line.state() == NeedLine.State.CHECKED;
    if (!here) {
      return line.state() == NeedLine.State.ORDERED ? "ordered, not here yet" : "not ordered yet";
    }
    double cans = line.need().quantity();
    double left = Math.max(0, had(build, paint, cans) - sprayed(build, paint));
    String in = cans == 0 ? "the opened can" : cans == 1 ? "1 can" : Figures.plain(cans) + " cans";
    return "%.0f ml left in %s".formatted(left, in);
  }

  private static double had(BuildModel build, PaintProduct paint, double cans) {
    String key = "paint:" + paint.id();
    Optional<Double> taken =
        build.build().uses().stream()
            .filter(use -> use.needKey().equals(key))
            .map(Use::openMl)
            .reduce(Double::sum);
    double opened = taken.orElse(paint.openMl());
    return cans * paint.packMl() * PaintQuantity.USABLE_SHARE_OF_CAN + opened;
  }

  private static double sprayed(BuildModel build, PaintProduct paint) {
    return build.schemes().stream()
        .flatMap(plan -> plan.coats().stream())
        .filter(coat -> coat.coat() && coat.paint().id().equals(paint.id()))
        .filter(coat -> done(build, coat))
        .mapToDouble(CoatStep::ml)
        .sum();
  }

  private static boolean done(BuildModel build, CoatStep coat) {
    return build.tasks().stream()
        .filter(model -> model.task().key().equals(coat.key()))
        .anyMatch(TaskModel::handsDone);
  }
}
