package emberyard.core.supply;

import emberyard.core.build.Build;
import emberyard.core.finding.Finding;
import emberyard.core.finding.Remedy;
import emberyard.core.finding.Severity;
import emberyard.core.record.OrderLine;
import emberyard.core.units.Figures;
import emberyard.core.work.Need;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * What was ordered against what is needed now.
 *
 * @param nowTitle what the design asks for in its place, null where it asks for nothing
 * @param tooMuch how much more is ordered than is needed, 0 where that isn't so
 */
public record Difference(Kind kind, @Nullable String nowTitle, double tooMuch) {
  /** Less than this is nothing. */
  private static final double NOTHING = 1e-9;

  /** What differs. */
  public enum Kind {
    /** Nothing needs it any more. */
    NOT_NEEDED,
    /** The design asks for something else in its place. */
    OTHER,
    /** More than is needed. */
    TOO_MUCH
  }

  /**
   * @param need what the line was ordered for, null where the design has no such need any more
   * @return null where it is what is needed, or is neither on its way nor here
   */
  static @Nullable Difference of(OrderLine line, @Nullable Need need, Build build) {
    if (!line.live() || line.way() == OrderLine.Way.DUTY) {
      return null;
    }
    if (need == null) {
      return new Difference(Kind.NOT_NEEDED, null, line.quantity());
    }
    if (!line.title().equals(need.title())) {
      return new Difference(Kind.OTHER, need.title(), 0);
    }
    if (!alike(line, need)) {
      return null;
    }
    List<OrderLine> live = build.liveOrders(need.key());
    double tooMuch = build.ordered(need) - need.toBuy();
    boolean last = live.get(live.size() - 1).id().equals(line.id());
    double inTheLastPack = line.packQuantity() == null ? 0 : line.packQuantity();
    return last && tooMuch > NOTHING && tooMuch >= inTheLastPack
        ? new Difference(Kind.TOO_MUCH, null, Math.min(tooMuch, line.quantity()))
        : null;
  }

  /** Pieces are not held against packs, nor packs of 20 against packs of 50. */
  private static boolean alike(OrderLine line, Need need) {
    return line.unit().isEmpty() ? !need.wholePacks() : line.unit().equals(need.unit());
  }

  /**
   * What to do about it.
   *
   * @param placed whether it has a place on the shelf
   */
  Finding finding(OrderLine line, boolean placed) {
    return Finding.of(
            kind == Kind.TOO_MUCH ? Severity.NOTE : Severity.RISK,
            "supply",
            "order:" + line.id() + "/differs",
            title(line),
            detail(line),
            "Its money is out, or will be: a shop takes back what is said in time.")
        .about(line.needKey())
        .with(ways(line, placed).toArray(Remedy[]::new));
  }

  private String title(OrderLine line) {
    return switch (kind) {
      case NOT_NEEDED -> "%s is ordered, and nothing needs it now".formatted(line.title());
      case OTHER -> "Ordered is %s, needed is now %s".formatted(line.title(), nowTitle);
      case TOO_MUCH -> "%s too many: %s".formatted(amount(tooMuch, line), line.title());
    };
  }

  private String detail(OrderLine line) {
    String came =
        line.state().underWay()
            ? "promised for " + Figures.day(line.expectedOn())
            : "here since " + Figures.day(line.receivedOn());
    return "Ordered %s: %s, %s."
        .formatted(Figures.day(line.orderedOn()), amount(line.quantity(), line), came);
  }

  private static String amount(double quantity, OrderLine line) {
    return (Figures.plain(quantity) + " " + line.unit()).strip();
  }

  private List<Remedy> ways(OrderLine line, boolean placed) {
    List<Remedy> ways = new ArrayList<>();
    boolean whole = tooMuch >= line.quantity() - NOTHING || kind == Kind.OTHER;
    if (kind == Kind.OTHER) {
      ways.add(set(line, "It is the same thing, by another name", "title", nowTitle));
    }
    if (!whole) {
      if (line.state().underWay()) {
        double rest = line.quantity() - tooMuch;
        String label = "Order only " + amount(rest, line);
        ways.add(new Remedy(label, new Remedy.Change("orders", line.id(), "quantity", rest)));
      } else {
        ways.add(
            Remedy.byHand(
                "Lay the rest on the shelf, send it back, or use it in another build: under More of its line"));
      }
      return ways;
    }
    ways.add(
        line.state().underWay()
            ? set(line, "Cancel the order", "state", "CANCELLED")
            : set(line, "Ask to send it back", "state", "RETURN_ASKED"));
    ways.add(
        placed
            ? Remedy.byHand("Lay it on the shelf: at its line, under Here")
            : set(line, "Keep it", "state", "KEPT"));
    ways.add(Remedy.byHand("Use it in another build that needs one: under More of its line"));
    return ways;
  }

  private static Remedy set(OrderLine line, String label, String field, @Nullable String words) {
    return new Remedy(label, new Remedy.Change("orders", line.id(), field, 0, words));
  }
}
