package emberyard.core.finding;

import java.util.Comparator;
import java.util.List;
import java.util.Objects;
import org.jspecify.annotations.Nullable;

/**
 * One judgement about a build, the common currency of all capabilities.
 *
 * @param key stable name made from the rule and the thing, so that an acceptance can hang on it
 * @param severity how bad
 * @param capability the capability that judges: "make", "finish", …
 * @param thingId the thing it is about, null for the build as a whole
 * @param place where on the thing's drawing, null where there is no one place
 * @param title what is wrong, in a few words with its numbers
 * @param detail the numbers: what is, what is needed, and from what
 * @param why why it matters at the bench
 * @param refusal true where no person may accept it (see the cautions of the handbook)
 * @param remedies ways out, best first
 */
public record Finding(
    String key,
    Severity severity,
    String capability,
    @Nullable String thingId,
    @Nullable Place place,
    String title,
    String detail,
    String why,
    boolean refusal,
    List<Remedy> remedies) {

  /** Worst first, then by key: the order of the watch panel. */
  public static final Comparator<Finding> WORST_FIRST =
      Comparator.comparing(Finding::severity).thenComparing(Finding::key);

  public Finding {
    Objects.requireNonNull(key);
    Objects.requireNonNull(severity);
    Objects.requireNonNull(capability);
    remedies = List.copyOf(remedies);
  }

  /** A spot on a drawing, mm from its lower left corner, with the size of what to ring. */
  public record Place(double xMm, double yMm, double radiusMm) {}

  /** A finding without place or refusal; add to it with the {@code with…} methods. */
  public static Finding of(
      Severity severity, String capability, String key, String title, String detail, String why) {
    return new Finding(key, severity, capability, null, null, title, detail, why, false, List.of());
  }

  /** The same finding about a thing. */
  public Finding about(String thing) {
    return new Finding(
        key, severity, capability, thing, place, title, detail, why, refusal, remedies);
  }

  /** The same finding with its place on the drawing. */
  public Finding at(double xMm, double yMm, double radiusMm) {
    Place spot = new Place(xMm, yMm, radiusMm);
    return new Finding(
        key, severity, capability, thingId, spot, title, detail, why, refusal, remedies);
  }

  /** The same finding with its remedies. */
  public Finding with(Remedy... ways) {
    return new Finding(
        key, severity, capability, thingId, place, title, detail, why, refusal, List.of(ways));
  }

  /** The same finding with more in its numbers. */
  public Finding withMore(String more) {
    return new Finding(
        key, severity, capability, thingId, place, title, detail + more, why, refusal, remedies);
  }

  /** The same finding as a refusal: nobody can accept it. */
  public Finding asRefusal() {
    return new Finding(
        key, severity, capability, thingId, place, title, detail, why, true, remedies);
  }
}
