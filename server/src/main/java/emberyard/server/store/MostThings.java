package emberyard.server.store;

import emberyard.core.kind.ThingKind;
import emberyard.core.units.Require;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/**
 * How many things of a kind there may be: far more than anybody makes, and few enough that a build
 * is worked out in seconds.
 */
public final class MostThings {
  private static final int DESIGNED = 500;
  private static final int LISTED = 2_000;
  private static final int LOGGED = 20_000;

  private MostThings() {}

  /** At most so many in a build, or in the workshop; of briefs, so many builds. */
  public static int of(ThingKind kind) {
    return switch (kind) {
      case TIME, MARK, NOTE, PHOTO -> LOGGED;
      case BRIEF, REQUIREMENT, MANUAL_TASK, ORDER, REMARK, AIR, OFFCUT, HARDWARE -> LISTED;
      default -> DESIGNED;
    };
  }

  /**
   * @throws emberyard.core.units.InvalidValue where one more is made than there may be
   */
  static void check(Contents before, List<Write> writes) {
    if (writes.stream().allMatch(write -> write.value() == null || before.has(write))) {
      return;
    }
    Map<String, Integer> count = new HashMap<>();
    for (Row row : before.rows()) {
      count.merge(shelf(row.kind(), row.buildId()), 1, Integer::sum);
    }
    for (Write write : writes) {
      boolean known = before.has(write);
      int change = write.value() == null ? (known ? -1 : 0) : known ? 0 : 1;
      int now = count.merge(shelf(write.kind(), write.buildId()), change, Integer::sum);
      Require.that(
          change <= 0 || now <= of(write.kind()),
          "id",
          "There are %,d %s already, and room for no more."
              .formatted(of(write.kind()), write.kind().word()));
    }
  }

  private static String shelf(ThingKind kind, @Nullable String buildId) {
    return kind == ThingKind.BRIEF ? kind.name() : kind + " of " + buildId;
  }
}
