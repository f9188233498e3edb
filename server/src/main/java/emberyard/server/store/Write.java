package emberyard.server.store;

import emberyard.core.kind.ThingKind;
import emberyard.core.thing.Thing;
import org.jspecify.annotations.Nullable;

/**
 * One wish to change a thing.
 *
 * @param value the new value, null to remove the thing
 * @param expected version it was read at, {@link #NEW} for a thing that must not exist yet, {@link
 *     #ANY} to overwrite
 */
public record Write(
    ThingKind kind, String id, @Nullable String buildId, @Nullable Thing value, long expected) {
  /** The thing must not exist yet, or exist with the same value. */
  public static final long NEW = 0;

  /** Whatever is there. */
  public static final long ANY = -1;

  public static Write create(@Nullable String buildId, Thing value) {
    return new Write(ThingKind.of(value), value.id(), buildId, value, NEW);
  }

  public static Write overwrite(@Nullable String buildId, Thing value) {
    return new Write(ThingKind.of(value), value.id(), buildId, value, ANY);
  }

  /** The same wish with another value. */
  Write with(Thing other) {
    return new Write(kind, id, buildId, other, expected);
  }

  public static Write remove(ThingKind kind, @Nullable String buildId, String id) {
    return new Write(kind, id, buildId, null, ANY);
  }
}
