package emberyard.core.build;

import emberyard.core.units.Require;
import org.jspecify.annotations.Nullable;

/**
 * The picture of a screen, by itself or built into a component.
 *
 * @param pixelsWide 1 to 16,000
 * @param pixelsHigh 1 to 16,000
 * @param input what it wants its picture from
 * @param rail what it is fed from, 5 V where nobody said
 * @param feed what more is known, null for nothing
 */
public record Display(
    int pixelsWide, int pixelsHigh, Screen.Input input, Rail rail, @Nullable ScreenFeed feed) {
  public Display {
    Require.between("pixelsWide", pixelsWide, 1, 16_000, "pixels");
    Require.between("pixelsHigh", pixelsHigh, 1, 16_000, "pixels");
    Require.given("input", input);
    rail = rail == null ? Rail.V5 : rail;
  }

  public static Display of(Screen screen) {
    return new Display(
        screen.pixelsWide(), screen.pixelsHigh(), screen.input(), screen.rail(), screen.feed());
  }
}
