package emberyard.core.light.port;

import emberyard.core.units.Require;
import java.util.List;

/**
 * A way that somebody chose: the rest is solved round it.
 *
 * @param sourceId the socket
 * @param via links between the socket and the last lead, in their order
 */
public record FixedLink(String sinkId, String sourceId, List<String> via) {
  public FixedLink {
    Require.text("sinkId", sinkId);
    Require.text("sourceId", sourceId);
    via = Require.list(via);
  }
}
