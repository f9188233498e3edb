package emberyard.core.build;

import emberyard.core.units.Require;
import java.util.regex.Pattern;

/**
 * One colour of the theme.
 *
 * @param hex sRGB, {@code #RRGGBB}
 */
public record PaletteColour(String name, String hex, Role role) {
  private static final Pattern HEX = Pattern.compile("#[0-9A-Fa-f]{6}");

  public PaletteColour {
    Require.text("name", name);
    Require.text("hex", hex);
    Require.that(
        HEX.matcher(hex).matches(), "hex", "A colour is written # and six digits, like #2E4A45.");
    Require.given("role", role);
  }

  /** What the colour is for. */
  public enum Role {
    BASE,
    SECOND,
    ACCENT,
    METAL,
    GLOW,
    TEXT
  }
}
