package emberyard.server.make;

import emberyard.core.build.Build;
import emberyard.core.build.SheetLayout;
import emberyard.server.store.MissingThing;

/** Finds layouts. */
final class Sheets {
  private Sheets() {}

  static SheetLayout layout(Build build, String id) {
    return build.layouts().stream()
        .filter(layout -> layout.id().equals(id))
        .findFirst()
        .orElseThrow(() -> new MissingThing("This sheet is not laid out here."));
  }
}
