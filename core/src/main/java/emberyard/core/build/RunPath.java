package emberyard.core.build;

import emberyard.core.units.Require;
import java.util.List;

/**
 * Edges that a light run is laid along: its length follows from them.
 *
 * @param itemId the thing on the same face whose edges they are, empty for those of the face itself
 * @param edges in the order in which it is laid, clockwise along each; 1 to 4, none twice
 * @param insetMm from the edge inwards, −200 to 1,000 mm
 */
public record RunPath(String itemId, List<Edge> edges, Double insetMm) {
  public RunPath {
    itemId = Require.textOrEmpty("itemId", itemId);
    edges = Require.list(edges);
    Require.between("edges", edges.size(), 1, 4, "edges");
    Require.that(
        edges.stream().distinct().count() == edges.size(), "edges", "Each edge once at most.");
    insetMm = insetMm == null ? 0 : insetMm;
    Require.between("insetMm", insetMm, -200, 1_000, "mm");
  }
}
