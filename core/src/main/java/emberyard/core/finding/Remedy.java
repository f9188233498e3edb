package emberyard.core.finding;

import emberyard.core.units.FigureKey;
import java.util.List;
import java.util.Objects;
import org.jspecify.annotations.Nullable;

/**
 * One way out of a finding. With a change it can be applied by one press: the field of the thing is
 * set to the value.
 *
 * @param label a verb and its object, "Move the holes in to 9.0 mm"
 * @param change what applying it sets, null where a person has to decide or act
 * @param priceMinor what it costs more (or less), minor units; null where that is not known
 * @param minutes hands-on time it takes more; null where that is not known
 */
@FigureKey("build/{buildId}/findings/{key}/{label}")
public record Remedy(
    String label, @Nullable Change change, @Nullable Long priceMinor, @Nullable Integer minutes) {
  public Remedy {
    Objects.requireNonNull(label);
  }

  /** A way out that says nothing of money and time. */
  public Remedy(String label, @Nullable Change change) {
    this(label, change, null, null);
  }

  /**
   * @param kind the kind of thing, as in the API ("panels")
   * @param thingId which one
   * @param field dotted name inside the thing ("holes.insetMm")
   * @param value number the field is set to
   * @param text what the field is set to where it holds words, null where it holds a number
   * @param items the list that the field is set to, null where it holds a number or words
   */
  public record Change(
      String kind,
      String thingId,
      String field,
      double value,
      @Nullable String text,
      @Nullable List<? extends Record> items) {
    /** Words to set, or a number where they are null. */
    public Change(String kind, String thingId, String field, double value, @Nullable String text) {
      this(kind, thingId, field, value, text, null);
    }

    /** A list to set: the steps of a finish. */
    public static Change items(
        String kind, String thingId, String field, List<? extends Record> items) {
      return new Change(kind, thingId, field, 0, null, List.copyOf(items));
    }

    /** A number to set. */
    public Change(String kind, String thingId, String field, double value) {
      this(kind, thingId, field, value, null);
    }
  }

  /** A remedy that a person carries out. */
  public static Remedy byHand(String label) {
    return new Remedy(label, null);
  }
}
