package emberyard.core.money;

import emberyard.core.build.Build;
import emberyard.core.build.Component;
import emberyard.core.build.Ledger;
import emberyard.core.build.Source;
import emberyard.core.finding.Finding;
import emberyard.core.finding.Remedy;
import emberyard.core.finding.Severity;
import emberyard.core.record.OrderLine;
import emberyard.core.record.Use;
import emberyard.core.units.FigureKey;
import emberyard.core.units.Figures;
import emberyard.core.work.CostCategory;
import emberyard.core.work.Need;
import emberyard.core.work.Why;
import emberyard.core.workshop.Supplier;
import emberyard.core.workshop.Workshop;
import emberyard.core.workshop.WorkshopBook;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.ToLongFunction;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/**
 * The money of a build, minor units throughout, never floating point once a price is multiplied.
 *
 * @param quoteMinor planned cost × (1 + mark-up) + tax
 * @param countedForecastMinor forecast of what counts towards the cap
 * @param countedCommittedMinor commitment of what counts towards the cap
 * @param broughtMinor of both, what the client brings or pays the shop for: never the workshop's
 *     cost, never in the price
 * @param earnedPerHourMinor (price without tax − forecast of all but labour) ÷ all hours: logged,
 *     guessed and still planned; null while there is neither price nor hours
 */
@FigureKey("build/{buildId}")
public record Budget(
    List<BudgetLine> lines,
    Labour labour,
    long plannedMinor,
    long committedMinor,
    long spentMinor,
    long forecastMinor,
    long quoteMinor,
    long countedForecastMinor,
    long countedCommittedMinor,
    long broughtMinor,
    @FigureKey("briefs/{buildId}/budgetCap") @Nullable Long capMinor,
    @FigureKey("build/{buildId}/agreed") @Nullable Long priceMinor,
    @Nullable Long earnedPerHourMinor,
    Why quoteWhy) {

  public static Budget of(Build build, List<Need> needs, Labour labour, WorkshopBook book) {
    return new Sums(build, needs, labour, book).budget();
  }

  /** Over the cap by forecast is a risk, by commitment a stop. */
  public List<Finding> findings(String currency) {
    if (capMinor == null) {
      return List.of();
    }
    if (countedCommittedMinor > capMinor) {
      return List.of(over(Severity.STOP, "Committed", countedCommittedMinor, currency));
    }
    if (countedForecastMinor > capMinor) {
      return List.of(over(Severity.RISK, "Forecast", countedForecastMinor, currency));
    }
    return List.of();
  }

  private Finding over(Severity severity, String what, long amount, String currency) {
    return Finding.of(
            severity,
            "money",
            "money/cap",
            "%s %s over the cap".formatted(what, Figures.money(currency, amount - capMinor)),
            "%s against a cap of %s, counting what the brief counts."
                .formatted(Figures.money(currency, amount), Figures.money(currency, capMinor)),
            "Said now it is a talk; said at the reveal it is a loss.")
        .with(
            Remedy.byHand("Take something out, or choose a cheaper one"),
            Remedy.byHand("Agree a higher cap with the client"));
  }

  /** What an hour earned: (price − all costs but labour) ÷ hours; null without hours. */
  static @Nullable Long earnedPerHour(long netPriceMinor, long otherCostMinor, long minutes) {
    return minutes <= 0 ? null : Math.round((netPriceMinor - otherCostMinor) * 60.0 / minutes);
  }

  /** Adds up per category. */
  private static final class Sums {
    private final Build build;
    private final List<Need> needs;
    private final Labour labour;
    private final WorkshopBook book;
    private final Map<CostCategory, Long> planned = new EnumMap<>(CostCategory.class);
    private final Map<CostCategory, Long> committed = new EnumMap<>(CostCategory.class);
    private final Map<CostCategory, Long> spent = new EnumMap<>(CostCategory.class);
    private final Map<CostCategory, Long> brought = new EnumMap<>(CostCategory.class);
    private final Map<CostCategory, Long> unordered = new EnumMap<>(CostCategory.class);
    private final PlannedDeliveries deliveries = new PlannedDeliveries();
    private final Ledger ledger;

    Sums(Build build, List<Need> needs, Labour labour, WorkshopBook book) {
      this.build = build;
      this.needs = needs;
      this.labour = labour;
      this.book = book;
      this.ledger = new Ledger(build);
    }

    Budget budget() {
      needs.forEach(this::need);
      usedForNothing();
      build.orders().forEach(this::order);
      paidForWhatIsGone();
      build.components().forEach(this::counted);
      shipping();
      add(planned, CostCategory.LABOUR, labour.plannedMinor());
      add(committed, CostCategory.LABOUR, labour.spentMinor());
      add(spent, CostCategory.LABOUR, labour.spentMinor());
      add(unordered, CostCategory.LABOUR, labour.remainingMinor() + labour.guessedMinor());
      contingency();
      List<BudgetLine> lines = new ArrayList<>();
      for (CostCategory category : CostCategory.values()) {
        lines.add(line(category));
      }
      return total(lines);
    }

    /** What was taken off the shelf for a need was worth what it was then. */
    private long usedMinor(String needKey) {
      return build.uses().stream()
          .filter(use -> use.needKey().equals(needKey))
          .mapToLong(Use::worthMinor)
          .sum();
    }

    /** What was used is used, whatever the design needs now. */
    private void usedForNothing() {
      Set<String> needed = needs.stream().map(Need::key).collect(Collectors.toSet());
      for (Use use : build.uses()) {
        if (!needed.contains(use.needKey())) {
          add(planned, use.category(), use.worthMinor());
          add(committed, use.category(), use.worthMinor());
          add(spent, use.category(), use.worthMinor());
        }
      }
    }

    /**
     * What lies on the shelf costs what it cost, and is paid; what the client pays costs nothing.
     */
    private void need(Need need) {
      CostCategory category = need.category();
      double used = Math.min(need.onHand(), build.used(need));
      long shelf = usedMinor(need.key()) + Math.round((need.onHand() - used) * need.worthMinor());
      double bought = Math.max(0, need.toBuy() - paidByClient(need.key()));
      add(planned, category, shelf + Math.round(bought * need.unitPriceMinor()));
      add(committed, category, shelf);
      add(spent, category, shelf);
      if (bought > 0) {
        deliveries.wants(need.supplierId(), Math.round(bought * need.unitPriceMinor()));
      }
      double open = build.open(need);
      if (open > 0) {
        long missing = Math.round(open * need.unitPriceMinor());
        deliveries.misses(need.supplierId(), missing);
        add(unordered, category, missing);
      }
      duty(need, bought, open);
    }

    /** What customs will ask for it; of what is ordered it is a line of its own. */
    private void duty(Need need, double bought, double open) {
      Supplier shop = book.supplier(need.supplierId()).orElse(null);
      if (shop != null && shop.dutyPercent() != null) {
        double price = need.unitPriceMinor();
        add(planned, CostCategory.SHIPPING, shop.dutyMinor(Math.round(bought * price)));
        add(unordered, CostCategory.SHIPPING, shop.dutyMinor(Math.round(open * price)));
      }
    }

    private double paidByClient(String needKey) {
      return build.liveOrders(needKey).stream()
          .filter(order -> order.way() == OrderLine.Way.CLIENT_PAYS)
          .mapToDouble(OrderLine::quantity)
          .sum();
    }

    private void order(OrderLine order) {
      add(committed, order.category(), ledger.committedMinor(order));
      add(spent, order.category(), ledger.spentMinor(order));
      if (order.way() == OrderLine.Way.CLIENT_PAYS && order.live()) {
        add(brought, order.category(), order.totalMinor());
      }
    }

    /** Money stays out though nobody holds the line any more for which it was paid. */
    private void paidForWhatIsGone() {
      for (CostCategory category : CostCategory.values()) {
        long ofLines =
            build.orders().stream()
                .filter(line -> line.category() == category)
                .mapToLong(ledger::spentMinor)
                .sum();
        if (category != CostCategory.SHIPPING) {
          add(committed, category, ledger.spentMinor(category) - ofLines);
          add(spent, category, ledger.spentMinor(category) - ofLines);
        }
      }
    }

    /** What is kept here counts for what the brief agreed; what the client brings, for the cap. */
    private void counted(Component component) {
      if (component.source() == Source.BUY) {
        return;
      }
      CostCategory category =
          component.forLook() ? CostCategory.LOOK_HARDWARE : CostCategory.PERFORMANCE_HARDWARE;
      long value = component.countedMinor();
      if (component.source().othersOwn()) {
        add(brought, category, value);
        return;
      }
      add(planned, category, value);
      add(committed, category, value);
      add(spent, category, value);
    }

    /** One delivery from each shop with something to bring; of what was ordered, as it came. */
    private void shipping() {
      build.orders().forEach(deliveries::has);
      for (Supplier shop : book.suppliers()) {
        add(planned, CostCategory.SHIPPING, deliveries.plannedMinor(shop));
        add(
            committed,
            CostCategory.SHIPPING,
            ledger.deliveriesMinor(shop.id(), shop.shippingMinor()));
        add(unordered, CostCategory.SHIPPING, deliveries.openMinor(shop));
      }
      add(spent, CostCategory.SHIPPING, ledger.spentMinor(CostCategory.SHIPPING));
    }

    private void contingency() {
      double share = book.workshop().contingencyPercent() / 100;
      add(planned, CostCategory.CONTINGENCY, Math.round(share * material(planned)));
      add(unordered, CostCategory.CONTINGENCY, Math.round(share * material(unordered)));
    }

    private static long material(Map<CostCategory, Long> sums) {
      return sums.entrySet().stream()
          .filter(entry -> entry.getKey() != CostCategory.LABOUR)
          .mapToLong(Map.Entry::getValue)
          .sum();
    }

    private BudgetLine line(CostCategory category) {
      long open = committed.getOrDefault(category, 0L) - spent.getOrDefault(category, 0L);
      long forecast =
          spent.getOrDefault(category, 0L) + open + unordered.getOrDefault(category, 0L);
      return new BudgetLine(
          category,
          planned.getOrDefault(category, 0L),
          committed.getOrDefault(category, 0L),
          spent.getOrDefault(category, 0L),
          forecast,
          build.brief().capCounts().contains(category),
          why(category));
    }

    private Why why(CostCategory category) {
      Workshop workshop = book.workshop();
      return switch (category) {
        case LABOUR ->
            Why.of(
                "minutes × rate of the person",
                Figures.minutes(labour.loggedMinutes()) + " logged",
                Figures.minutes(labour.guessedMinutes())
                    + " done without a time, taken as planned: a guess",
                Figures.minutes(labour.remainingMinutes()) + " still planned");
        case SHIPPING ->
            Why.of(
                "one delivery per shop at its terms for the goods of this build, or as many as there"
                    + " are orders; paid ones as paid; duty where goods cross a border",
                "%d with something to bring".formatted(deliveries.count(book.suppliers())));
        case CONTINGENCY ->
            Why.of(
                "share of all cost but labour that is not ordered yet",
                Figures.plain(workshop.contingencyPercent()) + " % (default)");
        default ->
            Why.of(
                "paid + ordered, not paid + wanted, not ordered",
                "prices of orders as agreed, of wanted things as listed today");
      };
    }

    private Budget total(List<BudgetLine> lines) {
      long cost = lines.stream().mapToLong(BudgetLine::plannedMinor).sum();
      long forecast = lines.stream().mapToLong(BudgetLine::forecastMinor).sum();
      Workshop workshop = book.workshop();
      double factor = (1 + workshop.markUpPercent() / 100) * (1 + workshop.taxPercent() / 100);
      Long price = build.concept().frozen() == null ? null : build.concept().frozen().priceMinor();
      return new Budget(
          lines,
          labour,
          cost,
          lines.stream().mapToLong(BudgetLine::committedMinor).sum(),
          lines.stream().mapToLong(BudgetLine::spentMinor).sum(),
          forecast,
          Math.round(cost * factor),
          towardsCap(lines, BudgetLine::forecastMinor),
          towardsCap(lines, BudgetLine::committedMinor),
          towardsCap(lines, line -> 0),
          build.brief().budgetCapMinor(),
          price,
          earned(price, lines, forecast),
          Why.of(
              "planned cost × (1 + mark-up) × (1 + tax)",
              "cost " + Figures.money(workshop.currency(), cost),
              "mark-up " + Figures.plain(workshop.markUpPercent()) + " %",
              "tax " + Figures.plain(workshop.taxPercent()) + " %"));
    }

    /** What counts towards the cap: what it costs, and what the client brings. */
    private long towardsCap(List<BudgetLine> lines, ToLongFunction<BudgetLine> cost) {
      return lines.stream()
          .filter(BudgetLine::counts)
          .mapToLong(line -> cost.applyAsLong(line) + brought.getOrDefault(line.category(), 0L))
          .sum();
    }

    private @Nullable Long earned(@Nullable Long price, List<BudgetLine> lines, long forecast) {
      if (price == null) {
        return null;
      }
      long labourForecast = lines.get(CostCategory.LABOUR.ordinal()).forecastMinor();
      long net = Math.round(price / (1 + book.workshop().taxPercent() / 100));
      return earnedPerHour(net, forecast - labourForecast, labour.allMinutes());
    }

    private static void add(Map<CostCategory, Long> sums, CostCategory category, long amount) {
      sums.merge(category, amount, Long::sum);
    }
  }
}
