package emberyard.core.make;

import emberyard.core.build.BorderHoles;
import emberyard.core.build.Window;
import emberyard.core.units.Require;
import emberyard.core.workshop.Material;
import org.jspecify.annotations.Nullable;

/** A rectangular panel as geometry: what the figures and checks need. */
public record PanelShape(
    double widthMm,
    double heightMm,
    double thicknessMm,
    Material material,
    @Nullable Window window,
    @Nullable BorderHoles holes) {
  public PanelShape {
    Require.between("widthMm", widthMm, 5, 5_000, "mm");
    Require.between("heightMm", heightMm, 5, 5_000, "mm");
    Require.between("thicknessMm", thicknessMm, 0.3, 50, "mm");
    Require.given("material", material);
    if (window != null) {
      Require.that(
          window.xMm() + window.widthMm() < widthMm,
          "window.widthMm",
          "The window ends at %.1f mm and the panel is %.1f mm wide."
              .formatted(window.xMm() + window.widthMm(), widthMm));
      Require.that(
          window.yMm() + window.heightMm() < heightMm,
          "window.heightMm",
          "The window ends at %.1f mm and the panel is %.1f mm high."
              .formatted(window.yMm() + window.heightMm(), heightMm));
    }
  }
}
