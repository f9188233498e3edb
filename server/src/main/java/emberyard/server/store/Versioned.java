package emberyard.server.store;

/**
 * A thing as it is stored.
 *
 * @param version grows by one with every change; send it back as {@code If-Match}
 */
public record Versioned<T>(long version, T value) {}
