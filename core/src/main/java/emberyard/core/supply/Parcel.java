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
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * What one supplier brings on one day: opened and checked in one go.
 *
 * @param key of the task in which it is opened
 * @param arrives the day from which it can be opened
 * @param orderedOn the day the last of it was ordered, null for what is still to be ordered
 * @param needs what is in it
 * @param checked keys of needs that somebody has compared with the order already
 * @param checkedOn the day the last of them was, null while any is open
 */
public record Parcel(
    String key,
    String supplierId,
    LocalDate arrives,
    @Nullable LocalDate orderedOn,
    List<Need> needs,
    List<String> checked,
    @Nullable LocalDate checkedOn) {
  public Parcel {
    needs = List.copyOf(needs);
    checked = List.copyOf(checked);
  }

  private static final String TO_ORDER = "in-";

  /** Whether a key is that of a parcel that nobody has ordered. */
  public static boolean toOrder(String key) {
    return key.startsWith("parcel:")
        && key.substring(key.lastIndexOf('/') + 1).startsWith(TO_ORDER);
  }

  /** Whether a mark of that day can't have meant all of it: something was ordered later. */
  public boolean grownSince(LocalDate day) {
    return checkedOn == null && orderedOn != null && orderedOn.isAfter(day);
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
          ? "parcel:%s/%s%d-days".formatted(need.supplierId(), TO_ORDER, need.leadDays())
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
        lines.stream()
            .map(Line::order)
            .filter(Objects::nonNull)
            .map(OrderLine::orderedOn)
            .max(Comparator.naturalOrder())
            .orElse(null),
        lines.stream().map(Line::need).toList(),
        checked.stream().map(line -> line.need().key()).toList(),
        checked.size() < lines.size()
            ? null
            : checked.stream().map(Line::checkedOn).max(Comparator.naturalOrder()).orElse(null));
  }

  /** The day of the check, also of one that was marked on a card of its own, line by line. */
  private static @Nullable LocalDate checkedOn(Build build, Need need, Optional<OrderLine> order) {
    LocalDate checked =
        order
            .filter(line -> line.state() == OrderLine.State.CHECKED)
            .map(OrderLine::checkedOn)
            .orElse(null);
    boolean marked =
        build.marks().stream()
            .filter(mark -> mark.taskKey().equals(need.receiveKey()))
            .max(Comparator.comparing(TaskMark::at))
            .filter(mark -> mark.what() == TaskMark.What.DONE)
            .isPresent();
    return checked == null && marked && order.isPresent()
        ? order.get().receivedOn() == null ? order.get().expectedOn() : order.get().receivedOn()
        : checked;
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
    return (orderedOn != null ? task : task.behind(behind)).notBefore(arrives.atStartOfDay());
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
