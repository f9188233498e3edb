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
import java.util.Optional;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;

/**
 * What one supplier brings on one day: opened and checked in one go. It is open as long as one of
 * its lines is, so nothing that came to it later is taken for checked.
 *
 * @param key of the task in which it is opened
 * @param arrives the day from which it can be opened
 * @param ordered whether it is on its way, or here; else it is still to be ordered
 * @param needs what is in it
 * @param checked keys of needs that somebody has compared with the order already
 * @param checkedOn the day the last of them was, null while any is open
 */
public record Parcel(
    String key,
    String supplierId,
    LocalDate arrives,
    boolean ordered,
    List<Need> needs,
    List<String> checked,
    @Nullable LocalDate checkedOn) {
  public Parcel {
    needs = List.copyOf(needs);
    checked = List.copyOf(checked);
  }

  /**
   * All parcels of a build. What is ordered comes on the promised day, today when that is past;
   * what is not, {@code today} + lead time.
   */
  public static List<Parcel> of(Build build, List<Need> needs, LocalDate today) {
    Map<String, List<Line>> lines = new LinkedHashMap<>();
    for (Need need : needs) {
      Optional<OrderLine> order = build.liveOrder(need.key());
      if (need.toBuy() > 0 || order.isPresent()) {
        Line line = new Line(need, order.orElse(null), checkedOn(build, need, order));
        lines.computeIfAbsent(line.parcel(), key -> new ArrayList<>()).add(line);
      }
    }
    List<Parcel> parcels = new ArrayList<>();
    lines.forEach((key, of) -> parcels.add(parcel(key, of, today)));
    return parcels;
  }

  /**
   * @param order null while it is not ordered
   * @param checkedOn null while nobody has compared it with the order
   */
  private record Line(Need need, @Nullable OrderLine order, @Nullable LocalDate checkedOn) {
    String parcel() {
      return order == null
          ? "parcel:%s/in-%d-days".formatted(need.supplierId(), need.leadDays())
          : "parcel:%s/%s".formatted(order.supplierId(), day(order));
    }

    LocalDate arrives(LocalDate today) {
      if (order == null) {
        return today.plusDays(need.leadDays());
      }
      LocalDate day = day(order);
      return order.receivedOn() == null && day.isBefore(today) ? today : day;
    }

    private static LocalDate day(OrderLine order) {
      return order.receivedOn() == null ? order.expectedOn() : order.receivedOn();
    }
  }

  private static Parcel parcel(String key, List<Line> lines, LocalDate today) {
    List<Line> checked = lines.stream().filter(line -> line.checkedOn() != null).toList();
    return new Parcel(
        key,
        lines.get(0).order() == null
            ? lines.get(0).need().supplierId()
            : lines.get(0).order().supplierId(),
        lines.get(0).arrives(today),
        lines.get(0).order() != null,
        lines.stream().map(Line::need).toList(),
        checked.stream().map(line -> line.need().key()).toList(),
        checked.size() < lines.size()
            ? null
            : checked.stream().map(Line::checkedOn).max(Comparator.naturalOrder()).orElse(null));
  }

  /** The day of the check: as the order has it, or as the opened parcel was marked. */
  private static @Nullable LocalDate checkedOn(Build build, Need need, Optional<OrderLine> order) {
    LocalDate checked =
        order
            .filter(line -> line.state() == OrderLine.State.CHECKED)
            .map(OrderLine::checkedOn)
            .orElse(null);
    return checked != null
        ? checked
        : build.marks().stream()
            .filter(mark -> mark.taskKey().equals(need.receiveKey()))
            .max(Comparator.comparing(TaskMark::at).thenComparing(TaskMark::id))
            .filter(mark -> mark.what() == TaskMark.What.DONE)
            .map(mark -> LocalDate.ofInstant(mark.at(), ZoneOffset.UTC))
            .orElse(null);
  }

  /** What is said of the parcel, said of each line of it. */
  public List<TaskMark> ofLines(TaskMark mark) {
    return IntStream.range(0, needs.size()).mapToObj(line -> ofLine(mark, line)).toList();
  }

  private TaskMark ofLine(TaskMark mark, int line) {
    return new TaskMark(
        mark.id() + "-" + line,
        needs.get(line).receiveKey(),
        mark.what(),
        mark.at(),
        mark.by(),
        mark.note(),
        mark.passedFor());
  }

  /** Whether what needs this has to wait for the parcel to be opened. */
  public boolean holdsBack(Need need) {
    return checkedOn != null || !checked.contains(need.key());
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
    if (needs.size() == 1) {
      return "Open and check " + needs.get(0).title();
    }
    String from =
        book.suppliers().stream()
            .filter(supplier -> supplier.id().equals(supplierId))
            .map(Supplier::name)
            .findFirst()
            .map(name -> "the parcel from " + name)
            .orElse("what no supplier brings");
    return "Open and check %s: %d things".formatted(from, needs.size());
  }
}
