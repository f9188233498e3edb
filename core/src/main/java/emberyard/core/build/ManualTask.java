package emberyard.core.build;

import emberyard.core.thing.Thing;
import emberyard.core.units.Require;
import emberyard.core.work.Stage;
import emberyard.core.work.StationKind;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * Work that the design does not say, added by hand.
 *
 * @param handsOnMinutes 0 to 100,000
 * @param waitMinutes 0 to 1,000,000
 * @param after keys of tasks that come first
 * @param before keys of tasks that wait for it
 * @param station what it occupies, null for nothing
 */
public record ManualTask(
    String id,
    String title,
    Stage stage,
    int handsOnMinutes,
    int waitMinutes,
    List<String> after,
    List<String> before,
    @Nullable StationKind station)
    implements Thing {
  public ManualTask {
    Require.text("id", id);
    Require.text("title", title);
    Require.given("stage", stage);
    Require.between("handsOnMinutes", handsOnMinutes, 0, 100_000, "min");
    Require.between("waitMinutes", waitMinutes, 0, 1_000_000, "min");
    after = Require.list(after);
    before = Require.list(before);
  }
}
