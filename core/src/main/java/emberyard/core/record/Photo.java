package emberyard.core.record;

import emberyard.core.thing.Thing;
import emberyard.core.units.Require;
import java.time.Instant;
import java.util.regex.Pattern;

/**
 * A picture of the work.
 *
 * @param sha256 names the file in the data folder, 64 hexadecimal digits
 * @param taskKey the task it was taken at, empty for the build
 */
public record Photo(String id, String sha256, String taskKey, String caption, Instant takenAt)
    implements Thing {
  private static final Pattern SHA = Pattern.compile("[0-9a-f]{64}");

  public Photo {
    Require.text("id", id);
    Require.text("sha256", sha256);
    Require.that(SHA.matcher(sha256).matches(), "sha256", "The picture's name is not a SHA-256.");
    taskKey = Require.textOrEmpty("taskKey", taskKey);
    caption = Require.textOrEmpty("caption", caption);
    Require.given("takenAt", takenAt);
  }
}
