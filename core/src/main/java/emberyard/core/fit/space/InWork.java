package emberyard.core.fit.space;

import emberyard.core.build.ComponentKind;
import emberyard.core.build.ScreenPlace;
import emberyard.core.finding.Caution;
import emberyard.core.fit.place.Placed;
import emberyard.core.fit.place.Solid;
import emberyard.core.work.Stage;
import emberyard.core.work.StationKind;
import emberyard.core.work.Task;
import emberyard.core.work.Why;
import emberyard.core.workshop.WorkshopBook;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/** Putting placed things in, in an order in which each still has a free way. */
public final class InWork {
  private static final int GATE_MINUTES = 10;

  private InWork() {}

  public static List<Task> of(Space space, WorkshopBook book) {
    Map<String, Placed> byId = new HashMap<>();
    space.placed().forEach(placed -> byId.put(placed.item().id(), placed));
    List<Task> tasks = new ArrayList<>();
    List<String> boards = new ArrayList<>();
    for (String id : space.goingIn().order()) {
      List<String> closedIn = closedIn(space, id);
      Task in = in(space, byId.get(id), book);
      if (isBoard(space, id)) {
        boards.add(in.key());
      } else if (plugsIntoBoard(space, id)) {
        in = in.behind(boards);
      }
      if (!closedIn.isEmpty()) {
        Task gate = gate(space, id, closedIn);
        tasks.add(gate);
        in = in.behind(gate.key());
      }
      tasks.add(in);
    }
    return tasks;
  }

  /** Keys of the tasks that put boards in. */
  public static List<String> boards(Space space) {
    return space.goingIn().order().stream()
        .filter(id -> isBoard(space, id))
        .map(InWork::key)
        .toList();
  }

  /** For each screen that bars a straight way in, keys of what has to be in before it. */
  public static Map<String, List<String>> beforeScreens(Space space) {
    Map<String, List<String>> before = new HashMap<>();
    for (ScreenPlace screen : space.screens()) {
      List<String> first = space.behind(screen).map(each -> key(each.item().id())).toList();
      if (!first.isEmpty()) {
        before.put(screen.screen().id(), first);
      }
    }
    return before;
  }

  private static boolean isBoard(Space space, String id) {
    return space.component(id).kind() == ComponentKind.BOARD;
  }

  private static boolean plugsIntoBoard(Space space, String id) {
    ComponentKind kind = space.component(id).kind();
    return kind == ComponentKind.GRAPHICS || kind == ComponentKind.RISER;
  }

  /** Pieces that these tasks put in, riders included. */
  public static int pieces(Space space) {
    return space.placed().stream().mapToInt(InWork::pieces).sum();
  }

  private static int pieces(Placed placed) {
    return (int) placed.posture().hard().stream().filter(Solid::body).count();
  }

  /** What lies behind a thing; things that bar each other in a circle don't wait for each other. */
  private static List<String> closedIn(Space space, String id) {
    List<String> trapped = space.goingIn().trapped();
    return space.goingIn().closedInBy().entrySet().stream()
        .filter(entry -> entry.getValue().contains(id))
        .map(Map.Entry::getKey)
        .filter(other -> !(trapped.contains(id) && trapped.contains(other)))
        .toList();
  }

  private static String key(String id) {
    return "component:" + id + "/in";
  }

  private static Task in(Space space, Placed placed, WorkshopBook book) {
    int pieces = pieces(placed);
    int each = book.workshop().times().componentFitMinutes();
    List<String> riders =
        placed.posture().hard().stream()
            .filter(Solid::body)
            .map(Solid::ofId)
            .filter(id -> !id.equals(placed.item().id()))
            .map(space::name)
            .distinct()
            .toList();
    String with = riders.isEmpty() ? "" : " with " + String.join(", ", riders);
    return Task.of(
            key(placed.item().id()),
            "Put in %s%s".formatted(placed.item().name(), with),
            Stage.ASSEMBLE,
            pieces * each,
            Why.of("pieces × time of one", pieces + " pieces", each + " min each (default)"))
        .about(space.component(placed.item().id()).id())
        .at(StationKind.BENCH)
        .saying(List.of(Caution.ELECTRONICS));
  }

  private static Task gate(Space space, String id, List<String> closedIn) {
    List<String> names = closedIn.stream().map(space::name).distinct().toList();
    return Task.of(
            "component:" + id + "/closes-in",
            "Before %s closes it in: %s cabled, tested, photographed"
                .formatted(space.name(id), String.join(", ", names)),
            Stage.ASSEMBLE,
            GATE_MINUTES,
            Why.of("a default", GATE_MINUTES + " min (default)"))
        .about(space.component(id).id())
        .at(StationKind.BENCH)
        .behind(closedIn.stream().map(InWork::key).toList())
        .asGate();
  }
}
