package emberyard.core.fit.held;

import emberyard.core.build.Component;
import emberyard.core.build.ComponentKind;
import emberyard.core.build.Enclosure;
import emberyard.core.build.FixingWay;
import emberyard.core.build.Walls;
import emberyard.core.finding.Caution;
import emberyard.core.units.Figures;
import emberyard.core.work.CostCategory;
import emberyard.core.work.Need;
import emberyard.core.work.Stage;
import emberyard.core.work.StationKind;
import emberyard.core.work.Task;
import emberyard.core.work.Why;
import emberyard.core.workshop.WorkshopBook;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** Brackets, ledges and holes that hold hardware, as work, and what they are screwed with. */
public final class HeldWork {
  /** Width of the foam tape that hardware is held with; a default. */
  static final double TAPE_MM = 12;

  private static final int BRACKET_MINUTES = 60;
  private static final int LEDGE_MINUTES = 20;

  /** Of a thing whose points nobody knows; a default. */
  private static final int USUAL_HOLES = 4;

  private static final int LEAD_DAYS = 7;

  private HeldWork() {}

  /** One task a component and way in which something has to be made; before the dry fit. */
  public static List<Task> tasks(
      Enclosure enclosure, List<Holding> holdings, WorkshopBook book, String behind) {
    Map<String, Task> tasks = new LinkedHashMap<>();
    for (Holding each : holdings) {
      for (FixingWay way : each.holds()) {
        Task task = task(enclosure, each, way, book);
        if (task != null) {
          tasks.putIfAbsent(task.key(), task.behind(behind));
        }
      }
    }
    return List.copyOf(tasks.values());
  }

  private static Task task(Enclosure enclosure, Holding each, FixingWay way, WorkshopBook book) {
    Component component = each.component();
    String key = "component:" + component.id();
    int pieces = component.quantity();
    return switch (way) {
      case BRACKET ->
          made(
              key + "/bracket",
              "Make a bracket for %s".formatted(named(component)),
              pieces * BRACKET_MINUTES,
              pieces,
              BRACKET_MINUTES,
              enclosure,
              component);
      case LEDGE, WEDGE ->
          made(
              key + "/" + (way == FixingWay.LEDGE ? "ledge" : "wedge"),
              "Make %s for %s".formatted(way.words(), named(component)),
              pieces * LEDGE_MINUTES,
              pieces,
              LEDGE_MINUTES,
              enclosure,
              component);
      case SCREWS -> holes(key + "/holes", each, enclosure, book);
      case POINTS, STRAP, TAPE -> null;
    };
  }

  private static String named(Component component) {
    return component.quantity() == 1
        ? component.name()
        : "each of %d %s".formatted(component.quantity(), component.name());
  }

  private static Task made(
      String key,
      String title,
      int minutes,
      int pieces,
      int each,
      Enclosure enclosure,
      Component component) {
    return bench(
        key,
        title,
        minutes,
        Why.of("pieces × time of one", pieces + " pieces", each + " min each (default)"),
        enclosure,
        component);
  }

  private static Task holes(String key, Holding each, Enclosure enclosure, WorkshopBook book) {
    int ofOne = each.points().isEmpty() ? USUAL_HOLES : each.screws();
    int all = ofOne * each.component().quantity();
    double minutes = book.workshop().times().drillMinutesPerHole();
    return bench(
        key,
        "Drill %d holes for %s: punch, pilot, final bit, deburr"
            .formatted(all, each.component().name()),
        (int) Math.ceil(all * minutes),
        Why.of(
            "holes × time of one",
            "%d holes%s".formatted(all, each.points().isEmpty() ? " (default: 4 each)" : ""),
            "%s min each (default)".formatted(Figures.plain(minutes))),
        enclosure,
        each.component());
  }

  private static Task bench(
      String key, String title, int minutes, Why why, Enclosure enclosure, Component component) {
    return Task.of(key, title, Stage.MAKE, minutes, why)
        .about(component.id())
        .at(StationKind.BENCH)
        .saying(List.of(enclosure.walls() == Walls.WOOD ? Caution.SAWING : Caution.METAL_CUTTING));
  }

  /** Screws, standoffs, straps and tape; those of a bay's own points come with the case. */
  public static List<Need> needs(List<Holding> holdings, String neededBy) {
    double screws = 0;
    double standoffs = 0;
    double straps = 0;
    double tapeMm = 0;
    for (Holding each : holdings) {
      for (FixingWay way : each.holds()) {
        boolean drilled = way == FixingWay.SCREWS || way == FixingWay.BRACKET;
        int ofOne =
            each.points().isEmpty() ? USUAL_HOLES : each.points().size() - each.open().size();
        screws += drilled ? ofOne : 0;
        standoffs += drilled && each.component().kind() == ComponentKind.BOARD ? ofOne : 0;
        straps += way == FixingWay.STRAP ? 1 : 0;
        tapeMm += way == FixingWay.TAPE ? HeldFindings.tape(each).lengthMm() : 0;
      }
    }
    List<Need> needs = new ArrayList<>();
    need(needs, "screws", "Screws that hold hardware, M3 (default)", screws, "pieces", neededBy);
    need(needs, "standoffs", "Standoffs for boards, M3 (default)", standoffs, "pieces", neededBy);
    need(needs, "straps", "Straps that hold hardware", straps, "pieces", neededBy);
    double metres = Math.ceil(tapeMm / 10 - 1e-9) / 100;
    need(needs, "tape-12", "Foam tape 12 mm that holds hardware", metres, "m", neededBy);
    return needs;
  }

  private static void need(
      List<Need> needs, String key, String title, double count, String unit, String neededBy) {
    if (count > 0) {
      needs.add(
          new Need(
              "fixing:held-" + key,
              title,
              CostCategory.MADE_PART_MATERIAL,
              "",
              count,
              0,
              unit,
              0,
              LEAD_DAYS,
              List.of(neededBy),
              Why.of("all hardware held this way together", "no price yet")));
    }
  }
}
