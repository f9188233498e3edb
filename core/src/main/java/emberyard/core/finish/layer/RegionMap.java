package emberyard.core.finish.layer;

import emberyard.core.geometry.Outline;
import emberyard.core.geometry.Plane;
import emberyard.core.units.Remembered;
import emberyard.core.units.Require;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.Polygonal;
import org.locationtech.jts.geom.prep.PreparedGeometryFactory;
import org.locationtech.jts.geom.util.PolygonExtracter;
import org.locationtech.jts.index.strtree.STRtree;
import org.locationtech.jts.operation.overlayng.OverlayNG;
import org.locationtech.jts.operation.overlayng.OverlayNGRobust;
import org.locationtech.jts.operation.union.UnaryUnionOp;

/**
 * Divides a sheet by shapes: every point belongs to exactly one region, named by the shapes over
 * it. Shapes that touch no other are regions as they are; the others are split cell by cell.
 */
public final class RegionMap {
  private static final GeometryFactory FACTORY = new GeometryFactory();
  private static final double DUST_MM2 = 1e-4;
  private static final int MOST_REGIONS = 600;
  private static final Remembered<Key, List<Region>> KNOWN = new Remembered<>(120);

  private RegionMap() {}

  private record Key(Outline sheet, Map<String, Outline> shapes) {}

  private record Cell(Set<String> shapes, Geometry area) {}

  /**
   * @param shapes by id
   * @throws emberyard.core.units.InvalidValue on {@code shapes} where they cut each other into more
   *     than 600 pieces
   * @return the field first where anything of it is left, then by shapes
   */
  public static List<Region> of(Outline sheet, Map<String, Outline> shapes) {
    return KNOWN.get(new Key(sheet, new LinkedHashMap<>(shapes)), RegionMap::divide);
  }

  private static List<Region> divide(Key asked) {
    Geometry sheet = Plane.geometry(asked.sheet());
    var prepared = PreparedGeometryFactory.prepare(sheet);
    Map<String, Geometry> areas = new LinkedHashMap<>();
    asked
        .shapes()
        .forEach(
            (id, outline) -> {
              Geometry area = Plane.geometry(outline);
              Geometry within =
                  prepared.covers(area) ? area : overlay(area, sheet, OverlayNG.INTERSECTION);
              if (within.getArea() > DUST_MM2) {
                areas.put(id, within);
              }
            });
    Map<Set<String>, Geometry> regions = new LinkedHashMap<>();
    regions.put(Set.of(), sheet);
    for (List<String> cluster : clusters(areas)) {
      for (Cell cell : split(cluster, areas)) {
        regions.merge(cell.shapes(), cell.area(), (a, b) -> overlay(a, b, OverlayNG.UNION));
      }
    }
    if (!areas.isEmpty()) {
      Geometry covered = UnaryUnionOp.union(areas.values());
      regions.put(Set.of(), overlay(sheet, covered, OverlayNG.DIFFERENCE));
    }
    List<Region> all = new ArrayList<>();
    regions.forEach(
        (names, area) -> {
          if (area.getArea() > DUST_MM2) {
            all.add(new Region(names, Plane.outline(area)));
          }
        });
    return List.copyOf(all);
  }

  /** Shapes that touch each other, directly or over others. */
  private static List<List<String>> clusters(Map<String, Geometry> areas) {
    STRtree tree = new STRtree();
    areas.forEach((id, area) -> tree.insert(area.getEnvelopeInternal(), id));
    Map<String, List<String>> clusterOf = new HashMap<>();
    areas.forEach(
        (id, area) -> {
          List<String> mine = new ArrayList<>(List.of(id));
          for (Object near : tree.query(area.getEnvelopeInternal())) {
            List<String> other = clusterOf.get((String) near);
            if (other != null
                && !mine.contains((String) near)
                && area.intersects(areas.get((String) near))) {
              mine.addAll(other);
            }
          }
          mine.forEach(each -> clusterOf.put(each, mine));
        });
    return clusterOf.values().stream().distinct().toList();
  }

  private static List<Cell> split(List<String> cluster, Map<String, Geometry> areas) {
    List<Cell> cells = new ArrayList<>();
    for (String id : cluster) {
      Geometry left = areas.get(id);
      List<Cell> next = new ArrayList<>();
      for (Cell cell : cells) {
        if (!cell.area().getEnvelopeInternal().intersects(left.getEnvelopeInternal())) {
          next.add(cell);
          continue;
        }
        Geometry both = overlay(cell.area(), left, OverlayNG.INTERSECTION);
        if (both.getArea() <= DUST_MM2) {
          next.add(cell);
          continue;
        }
        Set<String> names = new TreeSet<>(cell.shapes());
        names.add(id);
        next.add(new Cell(names, both));
        Geometry rest = overlay(cell.area(), left, OverlayNG.DIFFERENCE);
        if (rest.getArea() > DUST_MM2) {
          next.add(new Cell(cell.shapes(), rest));
        }
        left = overlay(left, cell.area(), OverlayNG.DIFFERENCE);
      }
      if (left.getArea() > DUST_MM2) {
        next.add(new Cell(Set.of(id), left));
      }
      Require.that(
          next.size() <= MOST_REGIONS,
          "shapes",
          "These shapes cut each other into more than %,d pieces: overlap fewer of them."
              .formatted(MOST_REGIONS));
      cells = next;
    }
    return cells;
  }

  /**
   * Areas only: where shapes merely touch, points and lines are left that nothing is painted on.
   */
  private static Geometry overlay(Geometry one, Geometry other, int how) {
    Geometry laid = OverlayNGRobust.overlay(one, other, how);
    return laid instanceof Polygonal
        ? laid
        : FACTORY.createMultiPolygon(
            GeometryFactory.toPolygonArray(PolygonExtracter.getPolygons(laid)));
  }
}
