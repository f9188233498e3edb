package emberyard.core.supply;

import emberyard.core.build.Build;
import emberyard.core.finding.Finding;
import emberyard.core.finding.Remedy;
import emberyard.core.finding.Severity;
import emberyard.core.record.OrderLine;
import emberyard.core.units.Figures;
import emberyard.core.work.Need;
import emberyard.core.workshop.OpenHours;
import emberyard.core.workshop.Supplier;
import emberyard.core.workshop.WorkshopBook;
import java.math.BigDecimal;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import org.joda.money.CurrencyUnit;
import org.jspecify.annotations.Nullable;

/**
 * Needs against orders: what to order until when, what comes too late, what came wrong, what is
 * ordered and not needed.
 *
 * @param lines each need with where it stands, the first to order first
 */
public record OrderBook(List<NeedLine> lines, Ordered ordered, List<Finding> findings) {
  /** Ends the key of what is said of a price that the shop asks. */
  private static final String ASKED = "/asked-price";

  public OrderBook {
    lines = List.copyOf(lines);
    findings = List.copyOf(findings);
  }

  /**
   * @param latestStarts per task key, the latest start that keeps the reveal, or the way back; none
   *     where neither decides it
   * @param proofs by id of the line that has to be shown to work while it can go back
   */
  public static OrderBook of(
      Build build,
      List<Need> needs,
      Map<String, LocalDateTime> latestStarts,
      Map<String, ProofDue> proofs,
      WorkshopBook book,
      LocalDate today) {
    List<NeedLine> lines = new ArrayList<>();
    List<Finding> findings = new ArrayList<>();
    Map<String, Need> byKey = new HashMap<>();
    for (Need need : needs) {
      byKey.put(need.key(), need);
      LocalDate neededOn = neededOn(need, latestStarts);
      LocalDate last =
          neededOn == null ? null : orderBy(neededOn, need.leadDays(), book.workshop().hours());
      NeedLine line = NeedLine.of(need, build, neededOn, last, today);
      lines.add(line);
      findings.addAll(judge(line, build.liveOrders(need.key()), neededOn, today, book));
      if (line.open() > 0) {
        findings.addAll(Unanswered.findings(build, need, today, book));
      }
    }
    Ordered ordered = Ordered.of(build, byKey, proofs, book);
    for (OrderedLine order : ordered.lines()) {
      if (order.line().priceOpen()) {
        findings.add(anotherPrice(order.line(), book));
      }
      if (order.differs() != null) {
        findings.add(order.differs().finding(order.line(), order.forShelf() > 0));
      }
    }
    lines.stream()
        .filter(line -> line.open() > 0)
        .forEach(line -> findings.addAll(wrong(build, line.need().key(), book)));
    findings.addAll(Loans.findings(build, today));
    lines.sort(
        Comparator.comparing(NeedLine::orderBy, Comparator.nullsLast(Comparator.naturalOrder()))
            .thenComparing(line -> line.need().key()));
    return new OrderBook(lines, ordered, findings);
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

  private static List<Finding> judge(
      NeedLine line,
      List<OrderLine> live,
      @Nullable LocalDate neededOn,
      LocalDate today,
      WorkshopBook book) {
    Need need = line.need();
    List<Finding> findings = new ArrayList<>();
    if (line.open() > 0 && line.daysLate() > 0) {
      findings.add(orderTooLate(need, today.minusDays(line.daysLate()), neededOn));
    }
    if (line.open() > 0 && !live.isEmpty()) {
      findings.add(tooFew(line));
    }
    if (line.open() > 0 && book.isRetired("suppliers", need.supplierId())) {
      findings.add(fromARetiredShop(need, book));
    }
    for (OrderLine order : live) {
      LocalDate expected = order.expectedOn();
      if (order.state() == OrderLine.State.RECEIVED && order.receivedOn().isBefore(today)) {
        findings.add(unopened(need, order, today, book));
      }
      if (!order.state().underWay()) {
        continue;
      }
      if (neededOn != null && expected.isAfter(neededOn)) {
        findings.add(arrivesTooLate(need, order, neededOn));
      } else if (expected.isBefore(today)) {
        findings.add(overdue(need, order, today));
      }
    }
    return findings;
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

  private static Finding arrivesTooLate(Need need, OrderLine order, LocalDate neededOn) {
    return finding(
        need,
        Severity.STOP,
        "late",
        "%s comes %s, needed %s"
            .formatted(order.title(), Figures.day(order.expectedOn()), Figures.day(neededOn)),
        "The work behind it can't start, and the reveal moves by as much.",
        Remedy.byHand("Ask the supplier for an earlier day"),
        Remedy.byHand("Buy one elsewhere"));
  }

  /** Whether a finding has amounts of money in its words, which helpers don't see. */
  public static boolean tellsPrices(Finding finding) {
    return finding.key().endsWith(ASKED);
  }

  private static Finding anotherPrice(OrderLine order, WorkshopBook book) {
    String asked = price(order, order.askedMinor(), book);
    return Finding.of(
            Severity.RISK,
            "supply",
            "order:" + order.id() + ASKED,
            "%s: the shop asks %s".formatted(order.title(), asked),
            "Agreed were %s for one. It is not sent before somebody answers."
                .formatted(price(order, order.unitPriceMinor(), book)),
            "What is not answered is not on its way, and its day is not promised.")
        .about(order.needKey())
        .with(
            new Remedy(
                "Agree to " + asked,
                new Remedy.Change("orders", order.id(), "unitPriceMinor", order.askedMinor())),
            new Remedy(
                "Cancel it", new Remedy.Change("orders", order.id(), "state", 0, "CANCELLED")));
  }

  /** In the money it was agreed in, which has as many decimals as the workshop's. */
  private static String price(OrderLine order, long minor, WorkshopBook book) {
    String own = book.workshop().currency();
    return order.currency().isEmpty()
        ? Figures.money(own, minor)
        : BigDecimal.valueOf(minor, CurrencyUnit.of(own).getDecimalPlaces()).toPlainString()
            + " "
            + order.currency();
  }

  private static Finding overdue(Need need, OrderLine order, LocalDate today) {
    return finding(
        need,
        Severity.RISK,
        "overdue",
        "%s was promised for %s".formatted(order.title(), Figures.day(order.expectedOn())),
        "Today is %s and it is not marked as received.".formatted(Figures.day(today)),
        Remedy.byHand("Ask where it is"));
  }

  private static Finding unopened(Need need, OrderLine order, LocalDate today, WorkshopBook book) {
    String left =
        lastReturn(order, book)
            .map(day -> daysLeft(today, day))
            .orElse("Nobody takes it back, or nobody said how long.");
    return Finding.of(
            Severity.RISK,
            "supply",
            "order:" + order.id() + "/unopened",
            "%s is here since %s, and nobody looked at it"
                .formatted(order.title(), Figures.day(order.receivedOn())),
            left,
            "A wrong one is found when its label is read; each day before that is one less to send"
                + " it back.")
        .about(need.key())
        .with(Remedy.byHand("Open it today: its card is on the bench"));
  }

  private static String daysLeft(LocalDate today, LocalDate last) {
    long days = ChronoUnit.DAYS.between(today, last);
    return days < 0
        ? "The shop took it back until %s.".formatted(Figures.day(last))
        : "It can be sent back until %s: %d days, one less each day it lies."
            .formatted(Figures.day(last), days);
  }

  private static Finding fromARetiredShop(Need need, WorkshopBook book) {
    String shop = book.supplier(need.supplierId()).map(Supplier::name).orElse("a shop");
    return finding(
        need,
        Severity.RISK,
        "retired-shop",
        "%s comes from %s, which is retired".formatted(need.title(), shop),
        "Nothing new is ordered from there.",
        Remedy.byHand("Type an offer of another shop and buy that one"),
        Remedy.byHand("Bring the shop back, under Suppliers"));
  }

  private static Finding tooFew(NeedLine line) {
    Need need = line.need();
    return finding(
        need,
        Severity.RISK,
        "too-few",
        "%s: %s ordered, %s needed"
            .formatted(need.title(), plain(need.toBuy() - line.open()), plain(need.toBuy())),
        "The design asks for more than the orders bring.",
        Remedy.byHand("Order the rest"));
  }

  /** What came and can't be used, while nothing was ordered in its place. */
  private static List<Finding> wrong(Build build, String needKey, WorkshopBook book) {
    return build.orders().stream()
        .filter(order -> order.needKey().equals(needKey) && order.state().amiss())
        .map(
            order ->
                Finding.of(
                        Severity.STOP,
                        "supply",
                        "order:" + order.id() + "/wrong",
                        "%s %s".formatted(order.title(), came(order.state())),
                        why(order) + until(order, book),
                        "It has to be sent back, and another ordered.")
                    .about(order.needKey())
                    .with(
                        new Remedy(
                            "Ask to send it back",
                            new Remedy.Change("orders", order.id(), "state", 0, "RETURN_ASKED")),
                        Remedy.byHand("Order another today")))
        .toList();
  }

  /** What the label says, or somebody wrote. */
  private static String why(OrderLine order) {
    LabelCheck check = LabelCheck.of(order);
    String differs = check == null ? "" : check.difference();
    if (!differs.isEmpty()) {
      return differs + ".";
    }
    return order.note().isBlank() ? "No note was left." : order.note();
  }

  private static String until(OrderLine order, WorkshopBook book) {
    return lastReturn(order, book)
        .map(day -> " Can be sent back until %s.".formatted(Figures.day(day)))
        .orElse("");
  }

  /**
   * The last day on which a thing is taken back, counted from the day it came or is promised for;
   * empty where nobody knows, or nobody does.
   */
  public static Optional<LocalDate> lastReturn(OrderLine order, WorkshopBook book) {
    LocalDate came = order.receivedOn() == null ? order.expectedOn() : order.receivedOn();
    return lastReturn(order.supplierId(), order.returnDays(), came, book);
  }

  /**
   * @param agreedDays for this one, null for the shop's own
   */
  public static Optional<LocalDate> lastReturn(
      String supplierId, @Nullable Integer agreedDays, LocalDate came, WorkshopBook book) {
    Integer days =
        agreedDays == null
            ? book.supplier(supplierId).map(Supplier::returnDays).orElse(null)
            : agreedDays;
    return days == null || days == 0 ? Optional.empty() : Optional.of(came.plusDays(days));
  }

  private static String came(OrderLine.State state) {
    return switch (state) {
      case DEAD -> "doesn’t work";
      case DAMAGED -> "came damaged";
      default -> "is not what was ordered";
    };
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
