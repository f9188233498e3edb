package emberyard.core.workshop;

import emberyard.core.thing.Thing;
import emberyard.core.units.Require;
import java.time.LocalDate;
import org.jspecify.annotations.Nullable;

/**
 * What a finished job left of a sheet, and can be cut from again.
 *
 * @param sheetId the sheet it is of
 * @param path its true outline, SVG path data in mm, y upwards
 * @param place where it lies, may be empty
 * @param sha256 its picture, empty for none
 * @param fromBuildId whose job left it, empty when it was entered by hand
 * @param cutOn since when it lies here, null where nobody knows
 */
public record Offcut(
    String id,
    String name,
    String sheetId,
    String path,
    String place,
    String sha256,
    String fromBuildId,
    @Nullable LocalDate cutOn)
    implements Thing {
  public Offcut {
    Require.text("id", id);
    Require.text("name", name);
    Require.text("sheetId", sheetId);
    Require.that(path != null && !path.isBlank(), "path", "An offcut needs its outline.");
    Require.that(path.length() <= 200_000, "path", "The outline has more than 200,000 characters.");
    place = Require.textOrEmpty("place", place);
    sha256 = Require.textOrEmpty("sha256", sha256);
    Require.that(
        sha256.isEmpty() || sha256.matches("[0-9a-f]{64}"),
        "sha256",
        "The picture's name is not a SHA-256.");
    fromBuildId = Require.textOrEmpty("fromBuildId", fromBuildId);
  }
}
