package emberyard.core.brief;

import emberyard.core.build.Secrecy;
import java.util.EnumSet;
import java.util.Set;

/**
 * What the client may see before the reveal: one table, asked by everything that leaves the house.
 *
 * <pre>
 *                     open   no specification   surprise
 * on time or not       yes          yes            yes
 * name and theme       yes          yes             –
 * pictures, palette    yes          yes             –
 * requirements         yes          yes             –
 * day it is ready      yes          yes             –
 * price                yes           –              –
 * specification        yes           –              –
 * hours                yes           –              –
 * </pre>
 */
public enum ClientVeil {
  ON_TIME,
  THEME,
  PICTURES,
  REQUIREMENTS,
  READY_DAY,
  PRICE,
  SPECIFICATION,
  HOURS;

  private static final Set<ClientVeil> PRICED = EnumSet.of(PRICE, SPECIFICATION, HOURS);

  /** Whether the client may see this; while nothing was agreed, as for no specification. */
  public boolean shownAt(@org.jspecify.annotations.Nullable Secrecy secrecy) {
    Secrecy level = secrecy == null ? Secrecy.NO_SPECIFICATION : secrecy;
    return switch (level) {
      case OPEN -> true;
      case NO_SPECIFICATION -> !PRICED.contains(this);
      case SURPRISE -> this == ON_TIME;
    };
  }
}
