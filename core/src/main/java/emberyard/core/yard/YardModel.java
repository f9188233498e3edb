package emberyard.core.yard;

import emberyard.core.build.Build;
import emberyard.core.workshop.WorkshopBook;
import java.time.Instant;
import java.util.List;
import java.util.Map;

/**
 * All builds over shared people, stations and stock: the one function from what people entered to
 * what every screen shows.
 *
 * @param builds by id, nearest reveal first, builds without a date behind, revealed ones last
 */
public record YardModel(Map<String, BuildModel> builds) {

  /** Derives everything. Equal inputs give equal models. */
  public static YardModel of(List<Build> builds, WorkshopBook book, Instant now) {
    return YardPlan.of(builds, book, now).model();
  }
}
