package emberyard.server.table;

import emberyard.core.workshop.Workshop;
import emberyard.core.workshop.Writing;
import java.util.Currency;

/**
 * How people of a workshop write tables.
 *
 * @param minorDigits decimals of an amount of its money: 2 for EUR
 */
public record TableStyle(Writing writing, int minorDigits) {
  /** Of tables that ship with the program. */
  static final TableStyle SHIPPED = new TableStyle(Writing.DEFAULT, 2);

  /** As the workshop's settings say. */
  public static TableStyle of(Workshop workshop) {
    Currency currency = Currency.getInstance(workshop.currency());
    return new TableStyle(workshop.writing(), Math.max(0, currency.getDefaultFractionDigits()));
  }
}
