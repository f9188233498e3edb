package emberyard.core.light.port;

import emberyard.core.units.Require;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A way that somebody chose: the rest is solved round it.
 *
 * @param sourceId the socket
 * @param via links between the socket and the last lead, in their order; null for whatever it takes
 */
public record FixedLink(String sinkId, String sourceId, @Nullable List<String> via) {
  public FixedLink {
    Require.text("sinkId", sinkId);
    Require.text("sourceId", sourceId);
    via = via == null ? null : List.copyOf(via);
  }
}
