package emberyard.server.store;

import emberyard.core.kind.ThingKind;
import emberyard.core.thing.Thing;
import org.jspecify.annotations.Nullable;

/** One stored thing with its place. */
public record Row(
    ThingKind kind, String id, @Nullable String buildId, long version, long position, Thing value) {
  /** What tells it from all others. */
  String key() {
    return key(kind, id);
  }

  static String key(ThingKind kind, String id) {
    return kind + "/" + id;
  }

  /** The same place with another value. */
  Row with(Thing other) {
    return other == value ? this : new Row(kind, id, buildId, version, position, other);
  }
}
