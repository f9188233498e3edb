package emberyard.core.light.scene;

import emberyard.core.build.Build;
import emberyard.core.build.LightStrip;
import emberyard.core.build.PaletteColour;
import emberyard.core.build.Scene;
import emberyard.core.build.SceneUse;
import emberyard.core.build.Screen;
import emberyard.core.build.ThingLink;
import emberyard.core.colour.Colour;
import emberyard.core.glow.SceneGlow;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * What a camera sees: it shows the palette's base and the lights together while the brightest light
 * lies within three stops of the base.
 *
 * @param reflectance of the base, 0 to 1
 * @param baseCandelas it has in the room's light: ρ E ÷ π, cd/m²
 * @param mostCandelas that a light area may have: 8 times that
 * @param areas what is lit in it and has been measured
 * @param unmeasured names of lights that are on and that nobody has measured
 */
public record CameraView(
    double reflectance,
    double baseCandelas,
    double mostCandelas,
    List<LightArea> areas,
    List<String> unmeasured) {
  /** Three stops. */
  public static final double STOPS_TIMES = 8;

  /** Of a base that nobody has chosen: a mid grey. */
  private static final double GREY = 0.18;

  /**
   * One light area.
   *
   * @param of the run or screen
   * @param candelas a square metre as the scene has it
   * @param mostPercent how bright it may be, 0 to 100 % of what it can
   */
  public record LightArea(
      ThingLink of, String name, double brightnessPercent, double candelas, double mostPercent) {
    /** Whether it is more than the camera bears. */
    public boolean over() {
      return brightnessPercent > mostPercent + 1e-9;
    }
  }

  /**
   * Example: ρ 0.05 under 300 lx is 4.8 cd/m², so light areas may have 38 cd/m²: a screen of 250
   * cd/m² goes to 15 %.
   *
   * @param reflectance 0 to 1
   * @param roomLux 0 or more
   */
  public static double baseCandelas(double reflectance, double roomLux) {
    return reflectance * roomLux / Math.PI;
  }

  /** Null where the scene is for something else. */
  static @Nullable CameraView of(Build build, Scene scene, List<SceneGlow> glows) {
    if (scene.use() != SceneUse.CAMERA) {
      return null;
    }
    double reflectance = reflectance(build.look().palette());
    double base = baseCandelas(reflectance, scene.lux());
    double most = STOPS_TIMES * base;
    List<LightArea> areas = new ArrayList<>();
    List<String> unmeasured = new ArrayList<>();
    for (Screen screen : build.screens()) {
      areas.add(screen(screen, scene, most));
    }
    for (SceneGlow glow : glows) {
      Double full = full(build, glow);
      if (full != null) {
        areas.add(area(glow.glow().of(), glow.glow().name(), glow.brightness() * 100, full, most));
      } else if (glow.brightness() > 0) {
        unmeasured.add(glow.glow().name());
      }
    }
    return new CameraView(reflectance, base, most, areas, unmeasured);
  }

  private static double reflectance(List<PaletteColour> palette) {
    return palette.stream()
        .filter(colour -> colour.role() == PaletteColour.Role.BASE)
        .findFirst()
        .map(colour -> Colour.hex(colour.hex()).luminance())
        .orElse(GREY);
  }

  private static LightArea screen(Screen screen, Scene scene, double most) {
    return area(
        new ThingLink("screens", screen.id()),
        screen.name(),
        scene.screenBrightness(screen.id()) * 100,
        screen.fed().shinesCandelas(),
        most);
  }

  /** What a run has at full in the scene's colour: by luminance, beside its own. */
  private static @Nullable Double full(Build build, SceneGlow glow) {
    LightStrip strip =
        build.strips().stream()
            .filter(each -> each.id().equals(glow.id()))
            .findFirst()
            .orElse(null);
    if (strip == null || strip.candelas() == null) {
      return null;
    }
    double own = Colour.hex(strip.colourHex()).luminance();
    return own <= 0 ? strip.candelas() : strip.candelas() * glow.colour().luminance() / own;
  }

  private static LightArea area(
      ThingLink of, String name, double percent, double full, double most) {
    return new LightArea(of, name, percent, full * percent / 100, mostPercent(full, most));
  }

  /**
   * How bright a light area may be, whole percent.
   *
   * <p>Example: 250 cd/m² where 38 may be: 15 %.
   */
  public static double mostPercent(double fullCandelas, double mostCandelas) {
    return fullCandelas <= 0
        ? 100
        : Math.min(100, Math.floor(100 * mostCandelas / fullCandelas + 1e-9));
  }
}
