package emberyard.core.build;

import emberyard.core.units.Require;

/**
 * Points at a thing of the build.
 *
 * @param kind word of the API: components, panels, schemes, screens, strips, items, photos or tasks
 */
public record ThingLink(String kind, String id) {
  public ThingLink {
    Require.text("kind", kind);
    Require.text("id", id);
  }
}
