package emberyard.server.supply.standin;

import emberyard.core.record.OrderLine.State;
import emberyard.core.supply.ShopAnswer;
import emberyard.server.supply.shop.ShopOrder;
import emberyard.server.supply.shop.ShopParcel;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.List;

/**
 * When a line is confirmed, handed over and delivered: it follows from the order, what was drawn
 * for it, and the hour.
 */
record Schedule(Kept.KeptOrder kept, ShopOrder.Line line, Fate fate) {
  private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("MMdd");

  static Schedule of(Kept.KeptOrder kept, ShopOrder.Line line) {
    return new Schedule(kept, line, kept.fates().get(line.line()));
  }

  /** A parcel of it: how much, when it leaves, when it comes, as the courier says it by then. */
  record Leg(double quantity, LocalDate promisedOn, LocalDateTime leavesAt, int delayDays) {
    LocalDate arrivesOn() {
      return promisedOn.plusDays(delayDays);
    }

    LocalDateTime deliveredAt() {
      return arrivesOn().atTime(11, 20);
    }

    boolean gone(LocalDateTime now) {
      return !now.isBefore(leavesAt);
    }

    /** A delay is known a day before. */
    LocalDate saidOn(LocalDateTime now) {
      return gone(now) ? arrivesOn() : promisedOn;
    }
  }

  long wantsMinor() {
    return kept.wantsMinor().get(line.line());
  }

  /** Whether it goes on: it was confirmed, and its price is agreed to. */
  boolean goesOn(LocalDateTime now) {
    return !now.isBefore(fate.confirmsAt()) && line.unitPriceMinor() >= wantsMinor();
  }

  List<Leg> legs() {
    LocalDate day = fate.wantedOn().plusDays(fate.laterDays());
    List<Leg> legs = new ArrayList<>();
    double first = fate.restDays() > 0 ? Math.ceil(line.quantity() / 2) : line.quantity();
    legs.add(leg(first, day));
    if (fate.restDays() > 0) {
      legs.add(leg(line.quantity() - first, day.plusDays(fate.restDays())));
    }
    return legs;
  }

  private Leg leg(double quantity, LocalDate promisedOn) {
    LocalDateTime evening = promisedOn.minusDays(1).atTime(16, 0);
    LocalDateTime ready = fate.confirmsAt().plusHours(1);
    LocalDateTime leaves = evening.isBefore(ready) ? ready : evening;
    return new Leg(quantity, promisedOn, leaves, fate.delayDays());
  }

  /** The courier's name for a parcel: what leaves a shop for a day goes together. */
  String code(Leg leg) {
    return "%s-%s-%s"
        .formatted(kept.supplierId(), kept.order().number(), DAY.format(leg.promisedOn()));
  }

  ShopAnswer answer(LocalDateTime now) {
    if (now.isBefore(fate.confirmsAt())) {
      return new ShopAnswer(line.line(), null, List.of());
    }
    if (!goesOn(now)) {
      return new ShopAnswer(line.line(), wantsMinor(), List.of());
    }
    return new ShopAnswer(
        line.line(), line.unitPriceMinor(), legs().stream().map(leg -> part(leg, now)).toList());
  }

  private ShopAnswer.Part part(Leg leg, LocalDateTime now) {
    State waits = fate.laterDays() > 0 ? State.BACK_ORDERED : State.CONFIRMED;
    State state = leg.gone(now) ? State.SHIPPED : waits;
    return new ShopAnswer.Part(
        leg.quantity(), state, leg.saidOn(now), leg.gone(now) ? code(leg) : "");
  }

  /** Where a parcel is by now. */
  ShopParcel parcel(Leg leg, LocalDateTime now) {
    List<ShopParcel.ParcelMove> moves = new ArrayList<>();
    moves.add(new ShopParcel.ParcelMove(leg.leavesAt(), "Handed over by the shop"));
    LocalDateTime sorted = leg.promisedOn().atTime(4, 30);
    moves.add(new ShopParcel.ParcelMove(sorted, "In the depot of the town"));
    if (leg.delayDays() > 0) {
      LocalDateTime missed = leg.promisedOn().atTime(17, 0);
      moves.add(new ShopParcel.ParcelMove(missed, "Missed its round, comes the next day"));
    }
    moves.add(new ShopParcel.ParcelMove(leg.arrivesOn().atTime(7, 40), "On its round"));
    moves.add(new ShopParcel.ParcelMove(leg.deliveredAt(), "Left at the door"));
    moves.removeIf(move -> move.at().isAfter(now) || move.at().isBefore(leg.leavesAt()));
    boolean here = !now.isBefore(leg.deliveredAt());
    return new ShopParcel(code(leg), leg.saidOn(now), here ? leg.deliveredAt() : null, moves);
  }
}
