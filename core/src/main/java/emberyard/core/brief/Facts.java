package emberyard.core.brief;

import emberyard.core.build.Face;
import emberyard.core.build.ItemKind;
import emberyard.core.build.ItemMaterial;
import emberyard.core.build.Measure;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * What is known of a build, for requirements to be held against.
 *
 * @param values per measure in its unit; money in minor units, days since 1970 for a day; a measure
 *     that is not known is not there
 * @param things what is drawn on the faces that show
 * @param surfaces colours of the faces that show
 * @param links known things, as "kind/id"
 * @param atLeast measures of which only a part is known: the true value is as large or larger
 * @param facesDrawn whether there are faces to look for banned things on
 * @param supportsKg what each support carries at worst, kg, by its name
 * @param waiting things that are there but answer nothing yet, as "kind/id", and why
 */
public record Facts(
    Map<Measure, Double> values,
    Set<Measure> atLeast,
    List<Present> things,
    List<Surface> surfaces,
    Set<String> links,
    boolean facesDrawn,
    Map<String, Double> supportsKg,
    Map<String, String> waiting) {
  public Facts {
    values = Map.copyOf(values);
    atLeast = Set.copyOf(atLeast);
    things = List.copyOf(things);
    surfaces = List.copyOf(surfaces);
    links = Set.copyOf(links);
    supportsKg = Map.copyOf(supportsKg);
    waiting = Map.copyOf(waiting);
  }

  /** What the support of that name carries at worst, or the most laden one where none is named. */
  public OptionalDouble supportKg(String name) {
    return supportsKg.entrySet().stream()
        .filter(each -> name.isBlank() || each.getKey().equalsIgnoreCase(name.strip()))
        .mapToDouble(Map.Entry::getValue)
        .max();
  }

  /** A thing on a face that shows. */
  public record Present(
      String id, String name, ItemKind kind, @Nullable ItemMaterial material, Face face) {}

  /**
   * A colour on a face that shows.
   *
   * @param share of that face, 0 to 1
   */
  public record Surface(Face face, String hex, double share) {}

  /** Only numbers, as a calculator gets them. */
  public static Facts of(Map<Measure, Double> values) {
    return new Facts(values, Set.of(), List.of(), List.of(), Set.of(), false, Map.of(), Map.of());
  }
}
