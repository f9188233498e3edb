package emberyard.core.build;

import emberyard.core.units.Require;
import org.jspecify.annotations.Nullable;

/**
 * How a component is put to use in this build.
 *
 * @param pin where it was put by hand, null to let it be placed
 * @param coolsId the chip that a cooler or block sits on, empty for none
 * @param openingId the opening it breathes through, empty for none
 * @param air which way it blows through that opening, null for not at all
 * @param wantedFacing where its light or display should be seen from, null for anywhere
 * @param fixing what holds it there; nobody has said where it is left out
 */
public record Fitted(
    @Nullable Pin pin,
    String coolsId,
    String openingId,
    @Nullable Air air,
    @Nullable Face wantedFacing,
    Fixing fixing) {
  /** Put to no special use. */
  public static final Fitted ANYHOW = new Fitted(null, "", "", null, null, Fixing.UNSAID);

  public Fitted {
    coolsId = Require.textOrEmpty("coolsId", coolsId);
    openingId = Require.textOrEmpty("openingId", openingId);
    fixing = fixing == null ? Fixing.UNSAID : fixing;
  }

  /** One of which nobody has said what holds it. */
  public Fitted(
      @Nullable Pin pin,
      String coolsId,
      String openingId,
      @Nullable Air air,
      @Nullable Face wantedFacing) {
    this(pin, coolsId, openingId, air, wantedFacing, Fixing.UNSAID);
  }

  /** Which way air goes through an opening. */
  public enum Air {
    INTAKE,
    EXHAUST
  }

  /**
   * A place chosen by hand.
   *
   * @param xMm lower left front corner of all that it takes, in the enclosure, −500 to 5,000 mm
   */
  public record Pin(String bayId, Turn turn, double xMm, double yMm, double zMm) {
    public Pin {
      Require.text("bayId", bayId);
      Require.given("turn", turn);
      Require.between("xMm", xMm, -500, 5_000, "mm");
      Require.between("yMm", yMm, -500, 5_000, "mm");
      Require.between("zMm", zMm, -500, 5_000, "mm");
    }
  }

  /** The same use at this place. */
  public Fitted at(@Nullable Pin place) {
    return new Fitted(place, coolsId, openingId, air, wantedFacing, fixing);
  }

  /** The same use, held like this. */
  public Fitted held(Fixing other) {
    return new Fitted(pin, coolsId, openingId, air, wantedFacing, other);
  }
}
