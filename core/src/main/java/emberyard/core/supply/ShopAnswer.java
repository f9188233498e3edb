package emberyard.core.supply;

import emberyard.core.build.Build;
import emberyard.core.record.OrderLine;
import emberyard.core.record.OrderLine.State;
import emberyard.core.thing.Thing;
import emberyard.core.units.Require;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * What a shop says of a line of an order. It moves on what is still to arrive; what a builder holds
 * in the hand, has cancelled or settled is no longer the shop's to say.
 *
 * @param lineId id of the line as it was ordered, whatever parts it came in since
 * @param unitPriceMinor what it asks for one; null while it has not answered
 * @param parts in which it comes, the first first; empty while it has not answered
 */
public record ShopAnswer(String lineId, @Nullable Long unitPriceMinor, List<Part> parts) {
  private static final double NOTHING = 1e-6;

  public ShopAnswer {
    Require.text("lineId", lineId);
    parts = Require.list(parts);
  }

  /**
   * What comes in one parcel.
   *
   * @param state CONFIRMED, BACK_ORDERED, SHIPPED, or CANCELLED where the shop has none and gets
   *     none
   * @param trackingCode of the courier, empty before it is on its way
   */
  public record Part(double quantity, State state, LocalDate expectedOn, String trackingCode) {
    public Part {
      Require.between("quantity", quantity, 0.01, 10_000, "");
      Require.given("state", state);
      Require.that(state == State.CANCELLED || state.underWay(), "state", "A shop can't say that.");
      Require.given("expectedOn", expectedOn);
      trackingCode = Require.textOrEmpty("trackingCode", trackingCode);
    }
  }

  /**
   * What changes by it: lines as they are now, and the payments that are carried over where one
   * comes in parts; nothing where all of it was known.
   *
   * <p>Example: 4 ordered; the shop sends 3, and 1 a week later: the line has 3, another has 1.
   */
  public List<Thing> news(Build build, LocalDate today) {
    List<OrderLine> lines = linesOf(build);
    List<Thing> news = new ArrayList<>();
    double said = parts.stream().mapToDouble(Part::quantity).sum();
    double have = lines.stream().mapToDouble(OrderLine::quantity).sum();
    boolean whole = Math.abs(said - have) < NOTHING;
    for (int i = 0; i < lines.size(); i++) {
      OrderLine was = lines.get(i);
      boolean last = i == lines.size() - 1;
      boolean splits = last && whole && parts.size() > lines.size() && was.state().underWay();
      Split split =
          splits
              ? Split.of(build, was, parts.get(i).quantity(), restId(lines.size() + 1), today)
              : new Split(was, was, List.of());
      OrderLine now = parts.size() > i ? moved(split.first(), parts.get(i)) : asked(split.first());
      if (!now.equals(was)) {
        news.add(now);
      }
      if (splits) {
        news.add(moved(split.rest(), parts.get(i + 1)));
        news.addAll(split.moves());
      }
    }
    return news;
  }

  private String restId(int part) {
    return lineId + "-part-" + part;
  }

  /** The line, and what was split off it, in that order. */
  private List<OrderLine> linesOf(Build build) {
    return build.orders().stream()
        .filter(line -> line.id().equals(lineId) || line.partOf().equals(lineId))
        .sorted(
            Comparator.comparing((OrderLine line) -> !line.id().equals(lineId))
                .thenComparing(OrderLine::id))
        .toList();
  }

  private OrderLine asked(OrderLine line) {
    return line.state().underWay() && unitPriceMinor != null
        ? line.withAskedMinor(unitPriceMinor)
        : line;
  }

  private OrderLine moved(OrderLine line, Part part) {
    if (!line.state().underWay()) {
      return line;
    }
    LocalDate day =
        part.expectedOn().isBefore(line.orderedOn()) ? line.orderedOn() : part.expectedOn();
    return asked(line)
        .with(
            each ->
                each.state(further(line.state(), part.state()))
                    .expectedOn(day)
                    .trackingCode(part.trackingCode()));
  }

  /** What is on its way is not taken back to confirmed. */
  private static State further(State now, State said) {
    return now == State.SHIPPED && said == State.CONFIRMED ? now : said;
  }
}
