package emberyard.core.workshop;

import emberyard.core.thing.Thing;
import emberyard.core.units.Require;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;

/**
 * Where things are bought.
 *
 * @param leadDays calendar days from order to arrival, 0 to 365
 * @param shippingMinor what one delivery costs, minor units
 * @param returnDays days from arrival in which it takes things back, 0 to 365; null where nobody
 *     knows
 * @param smallBelowMinor goods below which an order costs {@code smallMinor} more, minor units;
 *     null for no such limit
 * @param smallMinor what a small order costs more, minor units; nothing where it was left out
 * @param freeFromMinor goods from which the delivery is free, minor units; null for never
 * @param dutyPercent duty and import tax on what it sends, percent of the goods, 0 to 200; null for
 *     none, where nothing crosses a border
 * @param mail where letters to it go, empty where nobody said
 * @param link where it is found
 */
public record Supplier(
    String id,
    String name,
    int leadDays,
    long shippingMinor,
    @Nullable Integer returnDays,
    @Nullable Long smallBelowMinor,
    @Nullable Long smallMinor,
    @Nullable Long freeFromMinor,
    @Nullable Double dutyPercent,
    String mail,
    String link,
    String note)
    implements Thing {
  /** More is asked of nothing. */
  public static final double MOST_DUTY_PERCENT = 200;

  private static final long MOST_MINOR = 100_000_000;
  private static final Pattern MAIL = Pattern.compile("[^\\s@<>,;\"]+@[^\\s@<>,;\"]+");

  public Supplier {
    Require.text("id", id);
    Require.text("name", name);
    Require.between("leadDays", leadDays, 0, 365, "days");
    Require.between("shippingMinor", shippingMinor, 0, MOST_MINOR, "minor units");
    if (returnDays != null) {
      Require.between("returnDays", returnDays, 0, 365, "days");
    }
    if (smallBelowMinor != null) {
      Require.between("smallBelowMinor", smallBelowMinor, 0, MOST_MINOR, "minor units");
    }
    if (smallMinor != null) {
      Require.between("smallMinor", smallMinor, 0, MOST_MINOR, "minor units");
    }
    if (freeFromMinor != null) {
      Require.between("freeFromMinor", freeFromMinor, 0, MOST_MINOR, "minor units");
    }
    if (dutyPercent != null) {
      Require.between("dutyPercent", dutyPercent, 0, MOST_DUTY_PERCENT, "%");
    }
    mail = Require.textOrEmpty("mail", mail).strip();
    Require.that(
        mail.isEmpty() || MAIL.matcher(mail).matches(),
        "mail",
        "A mail address has a name, an @ and a place: orders@shop.example.");
    link = Require.textOrEmpty("link", link);
    note = Require.textOrEmpty("note", note);
  }

  /** One that nobody wrote anything more of. */
  public Supplier(
      String id,
      String name,
      int leadDays,
      long shippingMinor,
      @Nullable Integer returnDays,
      @Nullable Long smallBelowMinor,
      @Nullable Long smallMinor,
      @Nullable Long freeFromMinor) {
    this(
        id,
        name,
        leadDays,
        shippingMinor,
        returnDays,
        smallBelowMinor,
        smallMinor,
        freeFromMinor,
        null,
        "",
        "",
        "");
  }

  /** What it asks for bringing things. */
  public DeliveryTerms delivery() {
    return new DeliveryTerms(shippingMinor, smallBelowMinor, smallMinor, freeFromMinor);
  }

  /**
   * Duty and import tax on goods from it, rounded half up.
   *
   * <p>Example: 21 % of 49.90 is 10.48; of a shop that sends across no border 0.
   */
  public long dutyMinor(long goodsMinor) {
    return dutyPercent == null ? 0 : Math.round(goodsMinor * dutyPercent / 100);
  }

  /** One that asks the same for every delivery. */
  public Supplier(
      String id, String name, int leadDays, long shippingMinor, @Nullable Integer returnDays) {
    this(id, name, leadDays, shippingMinor, returnDays, null, null, null);
  }

  /** One of which nobody knows how long it takes things back. */
  public Supplier(String id, String name, int leadDays, long shippingMinor) {
    this(id, name, leadDays, shippingMinor, null);
  }
}
