package emberyard.core.build;

import emberyard.core.units.Require;
import org.jspecify.annotations.Nullable;

/**
 * The finish of one part: key, primer, colour, clear.
 *
 * @param panelId the part it is for
 * @param bothSides whether the back is painted too, as a second cycle
 * @param primer null for none
 * @param colour null for none
 * @param clear null for none
 */
public record Scheme(
    String id,
    String name,
    String panelId,
    boolean bothSides,
    @Nullable Coats primer,
    @Nullable Coats colour,
    @Nullable Coats clear) {
  public Scheme {
    Require.text("id", id);
    Require.text("name", name);
    Require.text("panelId", panelId);
  }

  /**
   * Coats of one paint on top of each other.
   *
   * @param count 1 to 20
   */
  public record Coats(String paintId, int count) {
    public Coats {
      Require.text("paintId", paintId);
      Require.between("count", count, 1, 20, "coats");
    }
  }
}
