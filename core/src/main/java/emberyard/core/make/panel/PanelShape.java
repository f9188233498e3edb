package emberyard.core.make.panel;

import emberyard.core.build.BorderHoles;
import emberyard.core.build.VentCut;
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
    @Nullable BorderHoles holes,
    @Nullable VentCut vent) {
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
    if (vent != null) {
      Window area = vent.area();
      Require.that(
          area.xMm() + area.widthMm() < widthMm && area.yMm() + area.heightMm() < heightMm,
          "vent.area.widthMm",
          "The hole field ends at %.1f × %.1f mm and the panel at %.1f × %.1f mm."
              .formatted(
                  area.xMm() + area.widthMm(), area.yMm() + area.heightMm(), widthMm, heightMm));
    }
  }

  /** A panel without a hole field. */
  public PanelShape(
      double widthMm,
      double heightMm,
      double thicknessMm,
      Material material,
      @Nullable Window window,
      @Nullable BorderHoles holes) {
    this(widthMm, heightMm, thicknessMm, material, window, holes, null);
  }
}
