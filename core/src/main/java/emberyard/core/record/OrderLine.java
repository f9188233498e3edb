package emberyard.core.record;

import emberyard.core.thing.Thing;
import emberyard.core.units.Require;
import emberyard.core.work.CostCategory;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * A line of an order: what was agreed with a shop, whatever the design becomes. It hangs on the key
 * of the need it fills; what was paid for it is in the ledger, see {@link Move}.
 *
 * @param title what was ordered, kept as it was said then
 * @param quantity 0.01 to 10,000, in {@code unit}
 * @param unit what is counted, as the need had it; empty for pieces
 * @param unitPriceMinor agreed price of one in {@code currency}, with as many decimals as the
 *     workshop's money has
 * @param currency three letters; empty for the workshop's own
 * @param rate money of the workshop for one of {@code currency} on the day of the order, above 0
 *     and at most 1,000,000; 1 where it was left out, and for the workshop's own
 * @param condition what it has been through, new where it was left out
 * @param returnDays days from arrival in which it is taken back, as agreed for this one; null for
 *     the shop's own
 * @param way how it was bought, sent for where it was left out
 * @param number of the order it was sent with, empty where none was sent
 * @param deliveryMinor what it bears of the delivery it was sent for with, minor units of the
 *     workshop's money; null where the shop's usual fee is meant, once for all lines of its number
 * @param packQuantity how many came in a pack, so that what is too many in the last one is nobody's
 *     fault; null for no packs
 * @param askedMinor what the shop asks for one since it has the order, null where that is what was
 *     agreed or nobody said; agreed to by making it the price
 * @param partOf id of the line that it was one with, before it came in parts; empty for none
 * @param expectedOn promised day
 * @param trackingCode by which the courier knows its parcel, empty where nobody said
 * @param checkedBy who opened it and compared it with what was ordered
 * @param sentBackOn the day it was handed over to go back, null where it wasn't
 * @param labelKind what its label is asked, null for nothing
 * @param facts what was ordered, as far as the design knew it then
 * @param label what its label says
 * @param warrantyUntil the last day of what its maker stands for, null where nobody said
 */
@RecordBuilder
public record OrderLine(
    String id,
    String needKey,
    String title,
    CostCategory category,
    String supplierId,
    double quantity,
    String unit,
    long unitPriceMinor,
    String currency,
    Double rate,
    Offer.Condition condition,
    @Nullable Integer returnDays,
    State state,
    Way way,
    String number,
    @Nullable Long deliveryMinor,
    @Nullable Double packQuantity,
    @Nullable Long askedMinor,
    String partOf,
    LocalDate orderedOn,
    LocalDate expectedOn,
    String trackingCode,
    @Nullable LocalDate receivedOn,
    @Nullable LocalDate checkedOn,
    String checkedBy,
    @Nullable LocalDate sentBackOn,
    @Nullable LabelKind labelKind,
    List<Fact> facts,
    List<Fact> label,
    @Nullable LocalDate warrantyUntil,
    String note)
    implements Thing, OrderLineBuilder.With {
  private static final int MOST_FACTS = 20;
  private static final double MOST_RATE = 1_000_000;
  private static final Set<State> NOT_OWED =
      EnumSet.of(State.CANCELLED, State.SENT_BACK, State.PASSED_ON, State.SHELVED);

  /**
   * One thing that was ordered, or that a label says.
   *
   * @param field which, see {@link LabelKind}
   * @param words as it was written, at most 200 characters
   */
  public record Fact(String field, String words) {
    private static final int LONGEST = 200;

    public Fact {
      Require.text("field", field);
      words = Require.textOrEmpty("words", words);
      Require.that(words.length() <= LONGEST, "words", "That is too long for a label.");
    }
  }

  public OrderLine {
    Require.text("id", id);
    Require.text("needKey", needKey);
    Require.text("title", title);
    Require.given("category", category);
    supplierId = Require.textOrEmpty("supplierId", supplierId);
    Require.between("quantity", quantity, 0.01, 10_000, "");
    unit = Require.textOrEmpty("unit", unit);
    Require.between("unitPriceMinor", unitPriceMinor, 0, 100_000_000, "minor units");
    currency = Require.textOrEmpty("currency", currency).strip().toUpperCase(Locale.ROOT);
    Require.that(
        currency.isEmpty() || currency.matches("[A-Z]{3}"),
        "currency",
        "A currency is three letters, EUR for example.");
    rate = rate == null ? 1.0 : rate;
    Require.that(
        rate > 0 && rate <= MOST_RATE, "rate", "A rate is above 0, and a million at most.");
    Require.that(
        rate == 1 || !currency.isEmpty(), "rate", "Money of the workshop’s own has a rate of 1.");
    condition = condition == null ? Offer.Condition.NEW : condition;
    if (returnDays != null) {
      Require.between("returnDays", returnDays, 0, 365, "days");
    }
    Require.given("state", state);
    way = way == null ? Way.SENT_FOR : way;
    number = Require.textOrEmpty("number", number);
    if (deliveryMinor != null) {
      Require.between("deliveryMinor", deliveryMinor, 0, 100_000_000, "minor units");
    }
    if (packQuantity != null) {
      Require.between("packQuantity", packQuantity, 0.01, 10_000, "in a pack");
    }
    if (askedMinor != null) {
      Require.between("askedMinor", askedMinor, 0, 100_000_000, "minor units");
    }
    partOf = Require.textOrEmpty("partOf", partOf);
    trackingCode = Require.textOrEmpty("trackingCode", trackingCode);
    Require.given("orderedOn", orderedOn);
    Require.given("expectedOn", expectedOn);
    Require.that(
        !expectedOn.isBefore(orderedOn), "expectedOn", "It can't arrive before it was ordered.");
    checkedBy = Require.textOrEmpty("checkedBy", checkedBy);
    facts = Require.list(facts);
    label = Require.list(label);
    Require.that(label.size() <= MOST_FACTS, "label", "A label says at most twenty things.");
    note = Require.textOrEmpty("note", note);
    Require.that(
        state != State.RECEIVED || receivedOn != null, "receivedOn", "Say when it arrived.");
    Require.that(
        state != State.CHECKED || (receivedOn != null && checkedOn != null && !checkedBy.isBlank()),
        "checkedBy",
        "A check needs the day it arrived, the day of the check and who looked.");
  }

  /**
   * Price of the whole line in the workshop's money, rounded half up to a minor unit.
   *
   * <p>Example: 2.5 at 12.99 in a currency of which one is 0.85: 27.60375, which is 27.60.
   */
  public long totalMinor() {
    return Math.round(quantity * unitPriceMinor * rate);
  }

  /** Whether it fills its need: it is on its way, or here and not found wrong. */
  public boolean live() {
    return state.underWay() || state == State.RECEIVED || state == State.CHECKED;
  }

  /** Whether its shop has nothing more to do with it under this id. */
  public boolean gone() {
    return state == State.CANCELLED || state == State.PASSED_ON;
  }

  /** Whether the shop has, or will have, a claim to its price. */
  public boolean owed() {
    return way != Way.CLIENT_PAYS && !NOT_OWED.contains(state);
  }

  /** Whether the shop wants another price than was agreed, and nobody has answered it. */
  public boolean priceOpen() {
    return askedMinor != null && askedMinor != unitPriceMinor && state.underWay();
  }

  /**
   * Another of it, ordered from the same shop as the first was.
   *
   * @param otherId of the new line
   * @param otherNumber of the order it is sent with
   * @param today the day of that order; it is promised as many days later as the first was
   * @param delivery what is asked for bringing it, minor units
   */
  public OrderLine again(String otherId, String otherNumber, LocalDate today, long delivery) {
    long days = ChronoUnit.DAYS.between(orderedOn, expectedOn);
    return with(
        line ->
            line.id(otherId)
                .number(otherNumber)
                .state(State.ORDERED)
                .way(Way.SENT_FOR)
                .deliveryMinor(delivery)
                .askedMinor(null)
                .partOf("")
                .orderedOn(today)
                .expectedOn(today.plusDays(days))
                .trackingCode("")
                .receivedOn(null)
                .checkedOn(null)
                .checkedBy("")
                .sentBackOn(null)
                .label(List.of())
                .warrantyUntil(null)
                .note(""));
  }

  /**
   * The same line further on.
   *
   * @param next as far as CHECKED
   * @param on the day: of its arrival where it wasn't here yet, and of the check
   * @param by who checked it
   */
  public OrderLine onTo(State next, LocalDate on, String by) {
    boolean here = !next.underWay();
    boolean checked = next == State.CHECKED;
    return with(
        line ->
            line.state(next)
                .receivedOn(here && receivedOn == null ? on : receivedOn)
                .checkedOn(checked ? on : checkedOn)
                .checkedBy(checked ? by : checkedBy));
  }

  /** What is said of it, by field. */
  public static Map<String, String> byField(List<Fact> facts) {
    Map<String, String> said = new LinkedHashMap<>();
    facts.forEach(fact -> said.put(fact.field(), fact.words()));
    return said;
  }

  /** How far it has come. */
  public enum State {
    ORDERED,
    CONFIRMED,
    SHIPPED,
    /** The shop has none: {@code expectedOn} is its new day. */
    BACK_ORDERED,
    RECEIVED,
    CHECKED,
    /** Not what was ordered. */
    WRONG,
    /** It doesn't work. */
    DEAD,
    DAMAGED,
    RETURN_ASKED,
    SENT_BACK,
    /** Another came in its place; what was paid stands for that one. */
    REPLACED,
    /** It stays, though its build doesn't need it. */
    KEPT,
    CANCELLED,
    /** Another build uses it, and bears what it cost. */
    PASSED_ON,
    /** It lies on the shelf; whoever takes it bears what it cost. */
    SHELVED;

    /** Whether it is still to arrive. */
    public boolean underWay() {
      return compareTo(BACK_ORDERED) <= 0;
    }

    /** Whether it arrived and can't be used: it has to come again. */
    public boolean amiss() {
      return this == WRONG || this == DEAD || this == DAMAGED;
    }
  }

  /** How it was bought. */
  public enum Way {
    SENT_FOR,
    COUNTER,
    CASH,
    PRIVATE,
    /** The client pays the shop: never the workshop's money. */
    CLIENT_PAYS,
    /** Duty and import tax on an order: a line of its own, of which nothing arrives. */
    DUTY
  }
}
