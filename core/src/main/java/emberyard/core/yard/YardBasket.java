package emberyard.core.yard;

import emberyard.core.build.Build;
import emberyard.core.supply.NeedLine;
import emberyard.core.supply.basket.BasketPlan;
import emberyard.core.supply.basket.Buying;
import emberyard.core.workshop.WorkshopBook;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;

/** The basket of a build: what it needs, together with what is agreed in all others. */
public final class YardBasket {
  /** So many things at most are looked at together: more is not proven in time. */
  private static final int MOST_TOGETHER = 400;

  private YardBasket() {}

  /**
   * Nothing is bought along for a build whose client has not agreed yet, or that is revealed; nor
   * for one that comes too late in a yard so large that not everything can be looked at together.
   *
   * @param id of the build that is looked at; its own needs are in it in any case
   */
  public static BasketPlan of(YardModel yard, String id, WorkshopBook book, LocalDate today) {
    List<Buying.Open> open = new ArrayList<>(open(yard.builds().get(id)));
    List<Build> builds = new ArrayList<>();
    for (BuildModel model : yard.builds().values()) {
      Build build = model.build();
      builds.add(build);
      boolean agreed = build.concept().frozen() != null && build.brief().revealedOn() == null;
      List<Buying.Open> along = agreed && !build.id().equals(id) ? open(model) : List.of();
      if (open.size() + along.size() <= MOST_TOGETHER) {
        open.addAll(along);
      }
    }
    List<NeedLine> own = yard.builds().get(id).needs();
    return BasketPlan.of(
        new Buying(builds, open, book, today), yard.builds().get(id).build(), own, book, today);
  }

  private static List<Buying.Open> open(BuildModel model) {
    return model.needs().stream()
        .filter(line -> line.open() > 0)
        .map(line -> new Buying.Open(model.build(), line))
        .toList();
  }
}
