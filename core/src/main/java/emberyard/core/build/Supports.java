package emberyard.core.build;

import emberyard.core.units.Require;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;

/**
 * What a build stands on, or hangs on.
 *
 * @param on feet and lines, at most 24; empty for what is carried
 */
public record Supports(Kind kind, List<Support> on) {
  /** Share of the size by which feet stand in from the edges; a default. */
  private static final double INSET = 0.08;

  private static final int MOST = 24;

  public Supports {
    Require.given("kind", kind);
    on = Require.list(on);
    Require.that(on.size() <= MOST, "on", "At most %d supports.".formatted(MOST));
    Set<String> ids = new HashSet<>();
    for (Support support : on) {
      Require.that(
          ids.add(support.id()), "on", "Two supports are called “%s”.".formatted(support.id()));
    }
  }

  /** What stands there. */
  public enum Kind {
    FEET,
    AXLES,
    SHELF,
    /** Hooks on a wall behind it. */
    WALL;

    private String each() {
      return switch (this) {
        case FEET -> "feet";
        case AXLES -> "axle";
        case SHELF -> "edge";
        case WALL -> "hooks";
      };
    }
  }

  /** Two lines from left to right, one behind the other. */
  public static Supports lines(
      Kind kind, double frontMm, double backMm, double leftMm, double rightMm) {
    return new Supports(
        kind,
        List.of(
            Support.across("front", "front " + kind.each(), leftMm, rightMm, frontMm),
            Support.across("back", "back " + kind.each(), leftMm, rightMm, backMm)));
  }

  /** Four feet a little in from the corners. */
  public static Supports feet(double widthMm, double depthMm) {
    return lines(
        Kind.FEET, depthMm * INSET, depthMm * (1 - INSET), widthMm * INSET, widthMm * (1 - INSET));
  }

  /** The same on another kind. */
  public Supports as(Kind other) {
    return new Supports(other, on);
  }

  /** The same with one support replaced. */
  public Supports with(Support changed) {
    List<Support> all = new ArrayList<>(on);
    all.replaceAll(support -> support.id().equals(changed.id()) ? changed : support);
    return new Supports(kind, all);
  }
}
