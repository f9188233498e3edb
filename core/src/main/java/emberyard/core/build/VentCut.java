package emberyard.core.build;

import emberyard.core.units.Require;

/** A hole field cut into a panel, and the part of the panel it fills. */
public record VentCut(Window area, HoleField field) {
  public VentCut {
    Require.given("area", area);
    Require.given("field", field);
  }
}
