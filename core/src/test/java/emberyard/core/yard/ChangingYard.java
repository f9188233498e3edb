package emberyard.core.yard;

import emberyard.core.build.Brief;
import emberyard.core.build.Build;
import emberyard.core.build.Component;
import emberyard.core.build.Concept;
import emberyard.core.build.Look;
import emberyard.core.build.ManualTask;
import emberyard.core.build.Panel;
import emberyard.core.record.OrderLine;
import emberyard.core.record.TaskMark;
import emberyard.core.record.TimeEntry;
import emberyard.core.workshop.SheetProduct;
import emberyard.core.workshop.WorkshopBook;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;

/** Three builds over one workshop, to which anything happens. */
final class ChangingYard {
  /** Minutes of a meeting, a night, a weekend, a month. */
  private static final long[] TICKS = {0, 0, 0, 1, 1, 7, 15 * 60, 63 * 60, 30 * 1440};

  private static Build named(String id, int days) {
    Build like = Samples.build();
    Brief brief =
        like.brief()
            .with()
            .id(id)
            .name("Build " + id)
            .revealOn(like.brief().revealOn().plusDays(days))
            .build();
    return Build.begun(brief, Concept.open(id, Look.open()).with(like.concept().frozen()))
        .with(like.design());
  }

  private final Random random;
  final List<Build> builds = new ArrayList<>();
  WorkshopBook book = Samples.book();
  Instant now = Samples.MONDAY_NINE;
  private int serial;

  ChangingYard(long seed) {
    random = new Random(seed);
    builds.addAll(List.of(named("b1", 0), named("b2", 9), named("b3", 30)));
  }

  private <T> T any(List<T> list) {
    return list.get(random.nextInt(list.size()));
  }

  /** Something that somebody does, or time that goes by. */
  void change() {
    now = now.plus(Duration.ofMinutes(TICKS[random.nextInt(TICKS.length)]));
    if (random.nextInt(12) == 0) {
      book = book.with(SheetProduct.class, List.of(Samples.sheet(random.nextInt(3))));
      return;
    }
    int at = random.nextInt(builds.size());
    builds.set(at, changed(builds.get(at)));
  }

  private Build changed(Build build) {
    return switch (random.nextInt(8)) {
      case 0 -> renamed(build, build.brief().withName("Name " + serial++));
      case 1 ->
          renamed(
              build, build.brief().withRevealOn(Samples.MONDAY.plusDays(5 + random.nextInt(90))));
      case 2 -> {
        List<Panel> panels = new ArrayList<>(build.panels());
        if (panels.isEmpty()) {
          panels.add(Samples.panel());
        } else {
          panels.remove(random.nextInt(panels.size()));
        }
        yield build.with(Panel.class, panels);
      }
      case 3 -> {
        List<Component> those = new ArrayList<>(build.components());
        those.replaceAll(
            each -> each.withPriceMinor(random.nextInt(50_000)).withLeadDays(random.nextInt(40)));
        yield build.with(Component.class, those);
      }
      case 4 -> build.with(TaskMark.class, with(build.marks(), mark(build)));
      case 5 -> build.with(TimeEntry.class, with(build.times(), time(build)));
      case 6 -> build.with(OrderLine.class, orders(build));
      default -> build.with(ManualTask.class, List.of());
    };
  }

  private static <T> List<T> with(List<T> list, T another) {
    List<T> more = new ArrayList<>(list);
    more.add(another);
    return more;
  }

  static Build renamed(Build build, Brief brief) {
    return new Build(brief, build.concept(), build.things());
  }

  private String task(Build build) {
    YardModel yard = YardModel.of(builds, book, now);
    return any(yard.builds().get(build.id()).tasks()).task().key();
  }

  private TaskMark mark(Build build) {
    TaskMark.What what = random.nextInt(4) == 0 ? TaskMark.What.FAILED : TaskMark.What.DONE;
    return new TaskMark("m" + serial++, task(build), what, now, "Ines", "It leaks");
  }

  private TimeEntry time(Build build) {
    Instant ended = random.nextBoolean() ? null : now;
    return new TimeEntry(
        "t" + serial++, task(build), "ines", now.minus(Duration.ofMinutes(40)), ended);
  }

  private List<OrderLine> orders(Build build) {
    YardModel yard = YardModel.of(builds, book, now);
    List<String> needs =
        yard.builds().get(build.id()).needs().stream().map(line -> line.need().key()).toList();
    if (needs.isEmpty()) {
      return List.of();
    }
    return List.of(
        Samples.order(
            any(needs),
            OrderLine.State.values()[random.nextInt(OrderLine.State.values().length)],
            Samples.MONDAY.plusDays(random.nextInt(30))));
  }
}
