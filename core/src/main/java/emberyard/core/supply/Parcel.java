package emberyard.core.supply;

import emberyard.core.build.Build;
import emberyard.core.record.OrderLine;
import emberyard.core.record.TaskMark;
import emberyard.core.work.Need;
import emberyard.core.work.Stage;
import emberyard.core.work.Task;
import emberyard.core.work.Why;
import emberyard.core.workshop.Supplier;
import emberyard.core.workshop.WorkshopBook;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/**
 * What one supplier brings on one day: opened and checked in one go. It is open as long as one of
 * its lines is, so nothing that came to it later is taken for checked.
 *
 * @param key of the task in which it is opened
 * @param arrives the day from which it can be opened
 * @param ordered whether it is on its way, or here; else it is still to be ordered
 * @param lines what is in it
 * @param checkedOn the day the last of them was, null while any is open
 */
public record Parcel(
    String key,
    String supplierId,
    LocalDate arrives,
    boolean ordered,
    List<Line> lines,
    @Nullable LocalDate checkedOn) {
  public Parcel {
    lines = List.copyOf(lines);
  }

  /**
   * All or some of a need.
   *
   * @param receiveKey under which its marks and hours are kept
   * @param first whether it is the first of its need: what was kept under the need's own key is its
   * @param order null while it is not ordered
   * @param checkedOn the day somebody compared it with what was ordered, null before
   */
  public record Line(
      Need need,
      String receiveKey,
      boolean first,
      @Nullable OrderLine order,
      @Nullable LocalDate checkedOn) {

    /** What is on its way or here of a need, and what is still to be ordered of it. */
    static List<Line> of(Build build, Need need) {
      List<OrderLine> live = build.liveOrders(need.key());
      List<Line> lines = new ArrayList<>();
      for (OrderLine order : live) {
        String key = "order:" + order.id() + "/receive";
        lines.add(new Line(need, key, lines.isEmpty(), order, checkedOn(build, need, order)));
      }
      if (build.open(need) > 0) {
        LocalDate marked = marked(build, need.receiveKey());
        lines.add(new Line(need, need.receiveKey(), lines.isEmpty(), null, marked));
      }
      return lines;
    }

    /** The day of the check: as the order has it, or as the opened parcel was marked. */
    private static @Nullable LocalDate checkedOn(Build build, Need need, OrderLine order) {
      if (order.state() == OrderLine.State.CHECKED) {
        return order.checkedOn();
      }
      LocalDate own = marked(build, "order:" + order.id() + "/receive");
      if (own != null) {
        return own;
      }
      // marks of before orders had keys of their own; one that came again is not checked by them
      LocalDate ofNeed = marked(build, need.receiveKey());
      return ofNeed != null && order.orderedOn().isBefore(ofNeed) ? ofNeed : null;
    }

    private static @Nullable LocalDate marked(Build build, String key) {
      return build.marks().stream()
          .filter(mark -> mark.taskKey().equals(key))
          .max(Comparator.comparing(TaskMark::at).thenComparing(TaskMark::id))
          .filter(mark -> mark.what() == TaskMark.What.DONE)
          .map(mark -> LocalDate.ofInstant(mark.at(), ZoneOffset.UTC))
          .orElse(null);
    }

    private String parcel() {
      return order == null
          ? "parcel:%s/in-%d-days".formatted(need.supplierId(), need.leadDays())
          : "parcel:%s/%s".formatted(order.supplierId(), day(order));
    }

    private LocalDate arrives(LocalDate today) {
      if (order == null) {
        return today.plusDays(need.leadDays());
      }
      LocalDate day = day(order);
      return order.receivedOn() == null && day.isBefore(today) ? today : day;
    }

    private static LocalDate day(OrderLine order) {
      return order.receivedOn() == null ? order.expectedOn() : order.receivedOn();
    }

    /** Keys under which its marks and hours are kept. */
    private Stream<String> keys() {
      return first ? Stream.of(receiveKey, need.receiveKey()) : Stream.of(receiveKey);
    }
  }

  /**
   * All parcels of a build. What is ordered comes on the promised day, today when that is past;
   * what is not, {@code today} + lead time.
   */
  public static List<Parcel> of(Build build, List<Need> needs, LocalDate today) {
    Map<String, List<Line>> lines = new LinkedHashMap<>();
    for (Need need : needs) {
      Line.of(build, need)
          .forEach(
              line -> lines.computeIfAbsent(line.parcel(), key -> new ArrayList<>()).add(line));
    }
    List<Parcel> parcels = new ArrayList<>();
    lines.forEach((key, of) -> parcels.add(parcel(key, of, today)));
    return parcels;
  }

  private static Parcel parcel(String key, List<Line> lines, LocalDate today) {
    Line one = lines.get(0);
    boolean open = lines.stream().anyMatch(line -> line.checkedOn() == null);
    return new Parcel(
        key,
        one.order() == null ? one.need().supplierId() : one.order().supplierId(),
        one.arrives(today),
        one.order() != null,
        lines,
        open
            ? null
            : lines.stream().map(Line::checkedOn).max(Comparator.naturalOrder()).orElse(null));
  }

  /** Keys under which marks and hours of what is in it are kept. */
  public Set<String> keys() {
    return lines.stream().flatMap(Line::keys).collect(Collectors.toSet());
  }

  /** What is said of the parcel, said of each line of it. */
  public List<TaskMark> ofLines(TaskMark mark) {
    return IntStream.range(0, lines.size()).mapToObj(line -> ofLine(mark, line)).toList();
  }

  private TaskMark ofLine(TaskMark mark, int line) {
    return new TaskMark(
        mark.id() + "-" + line,
        lines.get(line).receiveKey(),
        mark.what(),
        mark.at(),
        mark.by(),
        mark.note(),
        mark.passedFor());
  }

  /** Things in it whose label has to be read first, or says something else. */
  public List<OrderLine> unread() {
    return lines.stream()
        .map(Line::order)
        .filter(order -> order != null && order.state() != OrderLine.State.CHECKED)
        .filter(order -> !LabelCheck.passes(order))
        .toList();
  }

  /** Whether what needs this has to wait for the parcel to be opened. */
  public boolean holdsBack(Line line) {
    return checkedOn != null || line.checkedOn() == null;
  }

  /**
   * The task in which it is opened; it can't begin before the parcel is there.
   *
   * @param behind what comes before anything is ordered; what is on its way simply arrives
   */
  public Task task(WorkshopBook book, String behind) {
    int minutes = book.workshop().times().receiveMinutes();
    Why why = Why.of("a default", minutes + " min a parcel (default)");
    Task task = Task.of(key, title(book), Stage.ORDER, minutes, why).about(key).inOneGo();
    return (ordered ? task : task.behind(behind)).notBefore(arrives.atStartOfDay());
  }

  private String title(WorkshopBook book) {
    if (lines.size() == 1) {
      OrderLine order = lines.get(0).order();
      return "Open and check " + (order == null ? lines.get(0).need().title() : order.title());
    }
    String from =
        book.suppliers().stream()
            .filter(supplier -> supplier.id().equals(supplierId))
            .map(Supplier::name)
            .findFirst()
            .map(name -> "the parcel from " + name)
            .orElse("what no supplier brings");
    return "Open and check %s: %d things".formatted(from, lines.size());
  }
}
