package emberyard.core.build;

import emberyard.core.thing.DesignThing;
import emberyard.core.units.Require;
import java.util.List;

/**
 * What parts share where they meet: one pattern that all of them are cut with.
 *
 * @param kind how they meet
 * @param points holes of a shared pattern from its own origin; empty for tabs and fingers
 * @param diameterMm of shared holes, 0.5 to 50 mm
 * @param lengthMm of the seam of tabs or fingers, 5 to 5,000 mm
 * @param count tabs, or fingers of both parts together; 1 to 100
 * @param tight whether tabs are pressed in; else they slide
 * @param ends the parts, with the place of the pattern on each
 */
public record Joint(
    String id,
    String name,
    Kind kind,
    List<JointHole> points,
    Double diameterMm,
    Double lengthMm,
    Integer count,
    Boolean tight,
    List<JointEnd> ends)
    implements DesignThing {
  /** Ways to meet. */
  public enum Kind {
    HOLES,
    TAB_AND_SLOT,
    FINGERS
  }

  public Joint {
    Require.text("id", id);
    Require.text("name", name);
    Require.given("kind", kind);
    points = Require.list(points);
    diameterMm = diameterMm == null ? 3.2 : diameterMm;
    lengthMm = lengthMm == null ? 60 : lengthMm;
    count = count == null ? 2 : count;
    tight = tight == null || tight;
    ends = Require.list(ends);
    Require.between("points", points.size(), 0, 200, "holes");
    Require.between("diameterMm", diameterMm, 0.5, 50, "mm");
    Require.between("lengthMm", lengthMm, 5, 5_000, "mm");
    Require.between("count", count, 1, 100, "");
    Require.between("ends", ends.size(), 0, 20, "parts");
  }

  /** A hole of the pattern. */
  public record JointHole(double xMm, double yMm) {
    public JointHole {
      Require.between("xMm", xMm, -5_000, 5_000, "mm");
      Require.between("yMm", yMm, -5_000, 5_000, "mm");
    }
  }

  /**
   * One part at the joint. The pattern's origin lies at the place; a seam runs from it along its
   * own x axis. Tabs and the first part's fingers stand up from the seam, to the left of its
   * direction.
   *
   * @param slots whether this part takes the tabs (or begins with a gap)
   * @param turnDegrees counter-clockwise
   */
  public record JointEnd(
      String panelId, Double xMm, Double yMm, Double turnDegrees, Boolean slots) {
    public JointEnd {
      Require.text("panelId", panelId);
      xMm = xMm == null ? 0 : xMm;
      yMm = yMm == null ? 0 : yMm;
      turnDegrees = turnDegrees == null ? 0 : turnDegrees;
      slots = slots != null && slots;
      Require.between("xMm", xMm, -5_000, 10_000, "mm");
      Require.between("yMm", yMm, -5_000, 10_000, "mm");
      Require.between("turnDegrees", turnDegrees, -360, 360, "°");
    }
  }
}
