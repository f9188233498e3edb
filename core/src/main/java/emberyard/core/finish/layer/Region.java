package emberyard.core.finish.layer;

import emberyard.core.geometry.Outline;
import emberyard.core.geometry.SvgPath;
import java.util.Set;
import java.util.TreeSet;

/**
 * A part of the sheet that the same shapes cover.
 *
 * @param shapes ids of the shapes over it, none for the field around them
 * @param path its outline as SVG path data in mm, y upwards
 */
public record Region(Set<String> shapes, Outline outline, String path, double areaMm2) {
  public Region {
    shapes = java.util.Collections.unmodifiableSet(new TreeSet<>(shapes));
  }

  /** A region with its outline written out once. */
  public Region(Set<String> shapes, Outline outline) {
    this(shapes, outline, SvgPath.of(outline.contours()), outline.areaMm2());
  }

  /** A region that is only told apart, not drawn. */
  public static Region named(Set<String> shapes) {
    return new Region(shapes, Outline.NONE);
  }
}
