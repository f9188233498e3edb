package emberyard.core.workshop;

import emberyard.core.colour.Colour;
import emberyard.core.thing.Thing;
import emberyard.core.units.Require;
import java.time.LocalDate;
import org.jspecify.annotations.Nullable;

/**
 * A card that was sprayed to see how a paint hides and what colour it has.
 *
 * @param paintId the paint
 * @param sprayedOn when
 * @param coatsOverBlack how many coats it took over black until nobody saw the ground, 1 to 20
 * @param tolerance what counted as hidden, ΔE00 0.3 to 10; 1.5 where it is left out
 * @param readHex the colour read from the card, null where nobody read it
 * @param by who sprayed it
 */
public record TestCard(
    String id,
    String paintId,
    LocalDate sprayedOn,
    int coatsOverBlack,
    Double tolerance,
    @Nullable String readHex,
    String by)
    implements Thing {
  public TestCard {
    Require.text("id", id);
    Require.text("paintId", paintId);
    Require.given("sprayedOn", sprayedOn);
    Require.between("coatsOverBlack", coatsOverBlack, 1, 20, "coats");
    tolerance = tolerance == null ? 1.5 : tolerance;
    Require.between("tolerance", tolerance, 0.3, 10, "");
    if (readHex != null) {
      Colour.hex("readHex", readHex);
    }
    by = Require.textOrEmpty("by", by);
  }
}
