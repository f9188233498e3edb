package emberyard.core.build;

import emberyard.core.thing.DesignThing;
import emberyard.core.units.Require;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A way from a socket to a screen or device that somebody chose by hand: the rest is solved round
 * it.
 *
 * @param sinkId what is fed
 * @param sourceId the socket
 * @param via products of the links between them, the first at the socket, the last lead is found;
 *     null for whatever it takes
 */
@RecordBuilder
public record FixedWay(
    String id, String name, String sinkId, String sourceId, @Nullable List<String> via)
    implements DesignThing, FixedWayBuilder.With {
  public FixedWay {
    Require.text("id", id);
    Require.text("name", name);
    Require.text("sinkId", sinkId);
    Require.text("sourceId", sourceId);
    via = via == null ? null : List.copyOf(via);
    Require.that(via == null || via.size() <= 2, "via", "At most two links a way.");
  }
}
