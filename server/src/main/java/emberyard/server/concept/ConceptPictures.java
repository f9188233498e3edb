package emberyard.server.concept;

import emberyard.core.build.Build;
import emberyard.core.build.Design;
import emberyard.core.build.FaceItem;
import emberyard.core.build.Look;
import emberyard.core.build.Panel;
import emberyard.core.build.Scene;
import emberyard.core.concept.Detail;
import emberyard.core.concept.PaletteModel;
import emberyard.core.concept.StockPalette;
import emberyard.core.elevation.Dusk;
import emberyard.core.elevation.Elevation;
import emberyard.core.finding.Finding;
import emberyard.core.glow.SceneLight;
import emberyard.core.units.FigureKey;
import emberyard.core.yard.BuildModel;
import emberyard.server.yard.YardReader;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** Puts together what the Concept screen shows, of the design as it is or as it would be. */
@Component
class ConceptPictures {
  private final YardReader yard;

  ConceptPictures(YardReader yard) {
    this.yard = yard;
  }

  /**
   * Faces, palette and numbers of the design on the table.
   *
   * @param findings of the concept
   * @param quoteMinor with tax, minor units
   * @param minutes hands-on, of the whole plan
   */
  @FigureKey("build/{buildId}")
  record ConceptView(
      List<FaceView> faces,
      PaletteModel palette,
      List<Finding> findings,
      long quoteMinor,
      long minutes,
      Detail detail) {}

  /**
   * One face by day, and with its lights on.
   *
   * @param dusk in the scene that was asked for, at dusk without one; per item id, "" for the face
   *     itself
   */
  record FaceView(Elevation elevation, Map<String, Dusk.Mesh> dusk) {}

  /**
   * Things as they would be, in place of those with the same id or beside all others.
   *
   * @param look null for the one on the table
   * @param items null for none
   * @param panels null for none
   */
  record Sketch(@Nullable Look look, @Nullable List<FaceItem> items, @Nullable List<Panel> panels) {

    /** A design with these things in it. */
    Design on(Design design) {
      return design
          .looking(
              look == null ? design.look() : look, replaced(design.items(), items, FaceItem::id))
          .with(Panel.class, replaced(design.panels(), panels, Panel::id));
    }
  }

  /**
   * @param scene whose light they are seen in, empty for dusk
   */
  ConceptView now(String buildId, String scene) {
    YardReader.Reading reading = yard.read();
    return view(reading.build(buildId), reading, scene);
  }

  ConceptView preview(String buildId, Sketch sketch, String scene) {
    YardReader.Reading reading = yard.read();
    Build build = reading.build(buildId).build();
    Build as = build.with(sketch.on(build.design()));
    return view(reading.plan().whatIf(as), reading, scene);
  }

  private static ConceptView view(BuildModel model, YardReader.Reading reading, String scene) {
    Build build = model.build();
    SceneLight light = light(build, scene);
    return new ConceptView(
        model.faces().stream().map(face -> new FaceView(face, Dusk.of(face, light))).toList(),
        PaletteModel.of(
            build.concept().look().palette(),
            model.shares(),
            build.strips(),
            StockPalette.of(reading.book())),
        model.findings().stream().filter(f -> f.capability().equals("concept")).toList(),
        model.budget().quoteMinor(),
        model.tasks().stream().mapToLong(task -> task.task().handsOnMinutes()).sum(),
        Detail.of(build, reading.book()));
  }

  /** A scene that is gone is dusk. */
  static SceneLight light(Build build, String scene) {
    return build
        .things()
        .find(Scene.class, scene)
        .map(each -> SceneLight.of(build, each))
        .orElse(SceneLight.DUSK);
  }

  private static <T> List<T> replaced(
      List<T> all, @Nullable List<T> changed, Function<T, String> id) {
    if (changed == null) {
      return all;
    }
    List<T> now = new ArrayList<>(all);
    for (T thing : changed) {
      now.removeIf(other -> id.apply(other).equals(id.apply(thing)));
      now.add(thing);
    }
    return now;
  }
}
