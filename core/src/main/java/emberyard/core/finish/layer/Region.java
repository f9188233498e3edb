package emberyard.core.finish.layer;

import emberyard.core.geometry.Outline;
import java.util.Set;
import java.util.TreeSet;

/**
 * A part of the sheet that the same shapes cover.
 *
 * @param shapes ids of the shapes over it, none for the field around them
 */
public record Region(Set<String> shapes, Outline outline) {
  public Region {
    shapes = java.util.Collections.unmodifiableSet(new TreeSet<>(shapes));
  }

  /** A region that is only told apart, not drawn. */
  public static Region named(Set<String> shapes) {
    return new Region(shapes, Outline.NONE);
  }
}
