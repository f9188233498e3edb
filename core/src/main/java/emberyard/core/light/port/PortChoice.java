package emberyard.core.light.port;

import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * How one is fed.
 *
 * @param root the class of sockets that its way begins at, −1 for dark
 * @param behind who put the node there that its own links hang on, null where they hang on a socket
 * @param chain links it brings
 * @param lead its last lead, null for its own
 */
record PortChoice(
    int root, @Nullable String behind, List<PortItem> chain, @Nullable PortItem lead) {
  static final PortChoice DARK = new PortChoice(-1, null, List.of(), null);

  boolean dark() {
    return root < 0;
  }
}
