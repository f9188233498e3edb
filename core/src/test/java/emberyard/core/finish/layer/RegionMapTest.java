package emberyard.core.finish.layer;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;

import emberyard.core.geometry.Contour;
import emberyard.core.geometry.Outline;
import emberyard.core.geometry.Plane;
import emberyard.core.units.InvalidValue;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.TreeSet;
import org.junit.jupiter.api.Test;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;

/** Every point of a sheet lies in the one region that is named by the shapes over it. */
class RegionMapTest {
  private static final Outline SHEET = Outline.of(Contour.rectangle(0, 0, 400, 400, 0));
  private static final GeometryFactory FACTORY = new GeometryFactory();

  private record Disc(double x, double y, double radius) {
    boolean holds(double px, double py) {
      return Math.hypot(px - x, py - y) < radius;
    }

    boolean near(double px, double py) {
      return Math.abs(Math.hypot(px - x, py - y) - radius) < 0.1;
    }
  }

  private static List<Region> regions(List<Disc> discs) {
    Map<String, Outline> shapes = new LinkedHashMap<>();
    for (int i = 0; i < discs.size(); i++) {
      Disc disc = discs.get(i);
      shapes.put("d" + i, Outline.of(Contour.circle(disc.x, disc.y, 2 * disc.radius)));
    }
    return RegionMap.of(SHEET, shapes);
  }

  /** A slow look at many points, by distance alone. */
  private static void check(List<Disc> discs) {
    List<Region> regions = regions(discs);
    assertEquals(
        SHEET.areaMm2(), regions.stream().mapToDouble(r -> r.outline().areaMm2()).sum(), 0.5);
    List<Geometry> areas = regions.stream().map(r -> Plane.geometry(r.outline())).toList();
    Random random = new Random(7);
    for (int i = 0; i < 600; i++) {
      double x = 400 * random.nextDouble();
      double y = 400 * random.nextDouble();
      if (discs.stream().anyMatch(disc -> disc.near(x, y))) {
        continue;
      }
      Set<String> over = new TreeSet<>();
      for (int d = 0; d < discs.size(); d++) {
        if (discs.get(d).holds(x, y)) {
          over.add("d" + d);
        }
      }
      List<Set<String>> found = new ArrayList<>();
      for (int r = 0; r < regions.size(); r++) {
        if (areas.get(r).contains(FACTORY.createPoint(new Coordinate(x, y)))) {
          found.add(new TreeSet<>(regions.get(r).shapes()));
        }
      }
      assertEquals(List.of(over), found, "at " + x + ", " + y);
    }
  }

  @Test
  void circlesThatOverlapInARowLeaveOnlyAreas() {
    List<Disc> row = new ArrayList<>();
    for (int i = 0; i < 12; i++) {
      row.add(new Disc(120 + 6 * i, 180 + 3 * (i * 7 % 11), 60));
    }
    check(row);
  }

  @Test
  void shapesThatTouchShareNoRegion() {
    check(List.of(new Disc(100, 200, 50), new Disc(200, 200, 50), new Disc(100, 200, 50)));
  }

  @Test
  void anyCirclesDivideTheSheet() {
    for (long seed = 1; seed <= 6; seed++) {
      Random random = new Random(seed);
      List<Disc> discs = new ArrayList<>();
      for (int i = 0; i < 9; i++) {
        discs.add(
            new Disc(
                420 * random.nextDouble() - 10,
                420 * random.nextDouble() - 10,
                10 + 90 * random.nextDouble()));
      }
      check(discs);
    }
  }

  @Test
  void shapesThatCutEachOtherIntoThousandsOfPiecesAreRefused() {
    List<Disc> dense = new ArrayList<>();
    for (int i = 0; i < 60; i++) {
      dense.add(new Disc(160 + 1.3 * i, 180 + 3 * (i * 7 % 11), 60));
    }
    InvalidValue no = assertThrows(InvalidValue.class, () -> regions(dense));
    assertEquals("shapes", no.field());
  }
}
