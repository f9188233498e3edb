package emberyard.server.store;

import org.jspecify.annotations.Nullable;

/** One stored thing with its place. */
public record Row(
    ThingKind kind,
    String id,
    @Nullable String buildId,
    long version,
    long position,
    Object value) {}
