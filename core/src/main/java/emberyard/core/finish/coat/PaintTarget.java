package emberyard.core.finish.coat;

import emberyard.core.build.Scheme;
import emberyard.core.finish.layer.SheetOptic;
import emberyard.core.geometry.Outline;
import emberyard.core.glow.PartLight;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * A finish with what it goes on, measured.
 *
 * @param name of the part, print or face
 * @param faceAreaM2 of one side of one piece
 * @param perimeterMm of one piece
 * @param pieces how many
 * @param optic the sheet as light meets it
 * @param outline of one piece; empty where there is no drawing
 * @param shapes outlines of the named shapes by id
 * @param problems of shapes that could not be drawn, by id
 * @param behind key of the task that makes the piece, empty for none
 * @param lights on it, behind it and in its rim, one a scene; none where nothing shines there
 */
public record PaintTarget(
    Scheme scheme,
    String name,
    double faceAreaM2,
    double perimeterMm,
    double thicknessMm,
    int pieces,
    Substrate substrate,
    SheetOptic optic,
    Outline outline,
    Map<String, Outline> shapes,
    Map<String, String> problems,
    String behind,
    List<PartLight> lights) {
  public PaintTarget {
    shapes = new LinkedHashMap<>(shapes);
    problems = Map.copyOf(problems);
    lights = List.copyOf(lights);
  }

  /** One on which no light of the build shines. */
  public PaintTarget(
      Scheme scheme,
      String name,
      double faceAreaM2,
      double perimeterMm,
      double thicknessMm,
      int pieces,
      Substrate substrate,
      SheetOptic optic,
      Outline outline,
      Map<String, Outline> shapes,
      Map<String, String> problems,
      String behind) {
    this(
        scheme,
        name,
        faceAreaM2,
        perimeterMm,
        thicknessMm,
        pieces,
        substrate,
        optic,
        outline,
        shapes,
        problems,
        behind,
        List.of());
  }

  /** The scene in which most light comes through it from behind; empty where none does. */
  public Optional<PartLight> litFromBehind() {
    return lights.stream()
        .filter(each -> optic.clear() && each.fromBehind())
        .max(Comparator.comparingDouble(each -> each.behind().luminance()));
  }

  /** Painted area of all pieces, one side, edges added (perimeter × thickness). */
  public double areaM2() {
    return pieces * (faceAreaM2 + perimeterMm * thicknessMm / 1e6);
  }

  /** Length of all rims, m. */
  public double rimM() {
    return pieces * perimeterMm / 1000;
  }
}
