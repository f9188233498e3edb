package emberyard.core.supply;

import emberyard.core.build.Build;
import emberyard.core.finding.Finding;
import emberyard.core.finding.Remedy;
import emberyard.core.finding.Severity;
import emberyard.core.record.OrderLine;
import emberyard.core.units.Figures;
import emberyard.core.work.Need;
import emberyard.core.workshop.OpenHours;
import emberyard.core.workshop.WorkshopBook;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/** Needs against orders: what to order until when, what comes too late, what came wrong. */
public record OrderBook(List<NeedLine> lines, List<Finding> findings) {
  public OrderBook {
    lines = List.copyOf(lines);
    findings = List.copyOf(findings);
  }

  /**
   * @param latestStarts per task key, the latest start that keeps the reveal, as planned
   */
  public static OrderBook of(
      Build build,
      List<Need> needs,
      Map<String, LocalDateTime> latestStarts,
      WorkshopBook book,
      LocalDate today) {
    List<NeedLine> lines = new ArrayList<>();
    List<Finding> findings = new ArrayList<>();
    for (Need need : needs) {
      Optional<OrderLine> order = build.liveOrder(need.key());
      LocalDate neededOn = build.brief().revealOn() == null ? null : neededOn(need, latestStarts);
      LocalDate last =
          neededOn == null ? null : orderBy(neededOn, need.leadDays(), book.workshop().hours());
      NeedLine line = line(need, state(need, order), last, order.orElse(null), today);
      lines.add(line);
      findings.addAll(judge(line, neededOn, today));
    }
    findings.addAll(wrong(build));
    lines.sort(
        Comparator.comparing(NeedLine::orderBy, Comparator.nullsLast(Comparator.naturalOrder()))
            .thenComparing(line -> line.need().key()));
    return new OrderBook(lines, findings);
  }

  private static NeedLine line(
      Need need,
      NeedLine.State state,
      @Nullable LocalDate last,
      @Nullable OrderLine order,
      LocalDate today) {
    boolean late = last != null && last.isBefore(today);
    int daysLate = late ? (int) ChronoUnit.DAYS.between(last, today) : 0;
    return new NeedLine(need, state, late ? today : last, daysLate, order);
  }

  /**
   * Latest start of the first task that needs it − lead time − 1 working day for receiving.
   *
   * <p>Example, working Monday to Friday: needed on Wednesday 18 March with 7 days of lead: one
   * working day before is Tuesday 17, less 7 days is Tuesday 10 March.
   */
  public static LocalDate orderBy(LocalDate neededOn, int leadDays, List<OpenHours> hours) {
    LocalDate receiving = neededOn.minusDays(1);
    while (!works(receiving, hours)) {
      receiving = receiving.minusDays(1);
    }
    return receiving.minusDays(leadDays);
  }

  private static boolean works(LocalDate day, List<OpenHours> hours) {
    return hours.stream().anyMatch(open -> open.day() == day.getDayOfWeek());
  }

  private static @Nullable LocalDate neededOn(Need need, Map<String, LocalDateTime> latest) {
    return need.neededBy().stream()
        .map(latest::get)
        .filter(Objects::nonNull)
        .min(Comparator.naturalOrder())
        .map(LocalDateTime::toLocalDate)
        .orElse(null);
  }

  private static NeedLine.State state(Need need, Optional<OrderLine> order) {
    if (order.isPresent()) {
      return NeedLine.State.valueOf(order.get().state().name());
    }
    return need.toBuy() > 0 ? NeedLine.State.WANTED : NeedLine.State.IN_STOCK;
  }

  private static List<Finding> judge(NeedLine line, @Nullable LocalDate neededOn, LocalDate today) {
    Need need = line.need();
    if (line.state() == NeedLine.State.WANTED && line.daysLate() > 0) {
      return List.of(orderTooLate(need, today.minusDays(line.daysLate()), neededOn));
    }
    OrderLine order = line.order();
    if (line.state() == NeedLine.State.ORDERED && order != null) {
      LocalDate expected = order.expectedOn();
      if (neededOn != null && expected.isAfter(neededOn)) {
        return List.of(arrivesTooLate(need, expected, neededOn));
      }
      if (expected.isBefore(today)) {
        return List.of(overdue(need, expected, today));
      }
    }
    if (order != null && order.quantity() < need.toBuy() - 1e-9) {
      return List.of(tooFew(need, order));
    }
    return List.of();
  }

  private static Finding orderTooLate(Need need, LocalDate orderBy, @Nullable LocalDate neededOn) {
    return finding(
        need,
        Severity.RISK,
        "late",
        "%s was to be ordered by %s".formatted(need.title(), Figures.day(orderBy)),
        "Needed on %s, %d days of lead, 1 working day to check."
            .formatted(neededOn == null ? "?" : Figures.day(neededOn), need.leadDays()),
        Remedy.byHand("Order it today, with express delivery"),
        Remedy.byHand("Choose one that is in stock"));
  }

  private static Finding arrivesTooLate(Need need, LocalDate expected, LocalDate neededOn) {
    return finding(
        need,
        Severity.STOP,
        "late",
        "%s comes %s, needed %s"
            .formatted(need.title(), Figures.day(expected), Figures.day(neededOn)),
        "The work behind it can't start, and the reveal moves by as much.",
        Remedy.byHand("Ask the supplier for an earlier day"),
        Remedy.byHand("Buy one elsewhere"));
  }

  private static Finding overdue(Need need, LocalDate expected, LocalDate today) {
    return finding(
        need,
        Severity.RISK,
        "overdue",
        "%s was promised for %s".formatted(need.title(), Figures.day(expected)),
        "Today is %s and it is not marked as received.".formatted(Figures.day(today)),
        Remedy.byHand("Ask where it is"));
  }

  private static Finding tooFew(Need need, OrderLine order) {
    return finding(
        need,
        Severity.RISK,
        "too-few",
        "%s: %s ordered, %s needed"
            .formatted(need.title(), plain(order.quantity()), plain(need.toBuy())),
        "The design asks for more than the order brings.",
        Remedy.byHand("Order the rest"));
  }

  private static List<Finding> wrong(Build build) {
    return build.orders().stream()
        .filter(order -> order.state() == OrderLine.State.WRONG)
        .filter(order -> build.liveOrder(order.needKey()).isEmpty())
        .map(
            order ->
                Finding.of(
                        Severity.STOP,
                        "supply",
                        "order:" + order.id() + "/wrong",
                        "%s came wrong or dead".formatted(order.title()),
                        order.note().isBlank() ? "No note was left." : order.note(),
                        "It has to be sent back, and another ordered.")
                    .about(order.needKey())
                    .with(Remedy.byHand("Order a replacement today")))
        .toList();
  }

  private static Finding finding(
      Need need, Severity severity, String rule, String title, String detail, Remedy... remedies) {
    return Finding.of(
            severity,
            "supply",
            "need:" + need.key() + "/" + rule,
            title,
            detail,
            "A part that is not there stops everything behind it.")
        .about(need.key())
        .with(remedies);
  }

  private static String plain(double value) {
    return Figures.plain(value);
  }
}
