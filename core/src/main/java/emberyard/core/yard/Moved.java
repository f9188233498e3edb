package emberyard.core.yard;

import emberyard.core.plan.PlannedStep;
import emberyard.core.supply.NeedLine;
import emberyard.core.units.Figures;
import emberyard.core.work.StationKind;
import emberyard.core.workshop.Person;
import emberyard.core.workshop.Station;
import emberyard.core.workshop.WorkshopBook;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/**
 * A build whose dates moved because another was changed.
 *
 * @param finishBefore planned finish without the change, null where nothing was left to plan
 * @param finishAfter planned finish with it
 * @param steps how many of its steps begin or end at another time
 * @param shares people, stations and stock that both need, by name; empty where it shares only with
 *     a build that was moved itself
 * @param sentence all that in words
 */
public record Moved(
    String buildId,
    String name,
    @Nullable LocalDate finishBefore,
    @Nullable LocalDate finishAfter,
    int steps,
    List<String> shares,
    String sentence) {

  /**
   * What else moved when builds were changed, in the order of the yard.
   *
   * @param changed ids of the builds that were changed
   */
  public static List<Moved> between(
      YardModel before, YardModel after, Set<String> changed, WorkshopBook book) {
    TreeSet<String> needed = new TreeSet<>();
    for (String id : changed) {
      Stream.of(before, after)
          .map(yard -> yard.builds().get(id))
          .filter(Objects::nonNull)
          .forEach(model -> needed.addAll(needed(model, book)));
    }
    List<Moved> moved = new ArrayList<>();
    for (BuildModel model : after.builds().values()) {
      BuildModel was = before.builds().get(model.build().id());
      int steps = was == null || changed.contains(model.build().id()) ? 0 : steps(was, model);
      if (steps > 0) {
        TreeSet<String> shares = new TreeSet<>(needed(was, book));
        shares.addAll(needed(model, book));
        shares.retainAll(needed);
        moved.add(of(was, model, steps, List.copyOf(shares)));
      }
    }
    return moved;
  }

  private static Moved of(BuildModel was, BuildModel is, int steps, List<String> shares) {
    LocalDate before = was.fuse().finish();
    LocalDate after = is.fuse().finish();
    String name = is.build().brief().name();
    String how =
        Objects.equals(before, after)
            ? "%d %s, planned finish stays %s"
                .formatted(steps, steps == 1 ? "step moves" : "steps move", day(after))
            : "planned finish %s instead of %s".formatted(day(after), day(before));
    String why =
        shares.isEmpty()
            ? "it shares people with a build that moves"
            : "it shares " + String.join(", ", shares);
    return new Moved(
        is.build().id(),
        name,
        before,
        after,
        steps,
        shares,
        "%s: %s; %s.".formatted(name, how, why));
  }

  private static String day(@Nullable LocalDate day) {
    return day == null ? "open" : Figures.day(day);
  }

  private static int steps(BuildModel was, BuildModel is) {
    Map<String, PlannedStep> planned = new HashMap<>();
    was.tasks().stream()
        .filter(task -> task.planned() != null)
        .forEach(task -> planned.put(task.task().key(), task.planned()));
    return (int)
        is.tasks().stream()
            .filter(task -> task.planned() != null)
            .filter(task -> moved(planned.get(task.task().key()), task.planned()))
            .count();
  }

  private static boolean moved(@Nullable PlannedStep was, PlannedStep is) {
    return was == null || !was.start().equals(is.start()) || !was.finish().equals(is.finish());
  }

  /** Who and what the open work of a build needs, by name. */
  private static Set<String> needed(BuildModel model, WorkshopBook book) {
    Set<String> names = new TreeSet<>();
    for (TaskModel task : model.tasks()) {
      if (task.planned() != null) {
        book.person(Objects.requireNonNullElse(task.planned().worker(), ""))
            .map(Person::name)
            .ifPresent(names::add);
        station(task.task().station(), book).ifPresent(names::add);
      }
    }
    model.needs().stream()
        .map(NeedLine::need)
        .filter(need -> need.onHand() > 0)
        .forEach(need -> names.add(need.title() + " on the shelf"));
    return names;
  }

  private static Optional<String> station(@Nullable StationKind kind, WorkshopBook book) {
    return book.stations().stream()
        .filter(station -> station.kind() == kind)
        .map(Station::name)
        .findFirst();
  }
}
