package emberyard.server.supply.standin;

import emberyard.core.units.Require;

/**
 * How often the stand-in does what shops and couriers do: each a share of lines, 0 to 1.
 *
 * @param dearer asks more than was agreed
 * @param later has none, and a later day
 * @param parts sends a count in two parcels
 * @param wrong sends another thing
 * @param delayed is a day late on the way
 */
public record Chances(double dearer, double later, double parts, double wrong, double delayed) {
  /** Now and then one of each. */
  static final Chances USUAL = new Chances(0.10, 0.12, 0.20, 0.06, 0.15);

  public Chances {
    Require.between("dearer", dearer, 0, 1, "");
    Require.between("later", later, 0, 1, "");
    Require.between("parts", parts, 0, 1, "");
    Require.between("wrong", wrong, 0, 1, "");
    Require.between("delayed", delayed, 0, 1, "");
  }
}
