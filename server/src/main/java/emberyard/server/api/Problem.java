package emberyard.server.api;

import emberyard.server.store.StaleThing;
import emberyard.server.store.Versioned;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * What went wrong, as RFC 9457 problem details.
 *
 * @param type {@code about:blank}: the status says the kind
 * @param title one sentence for a person
 * @param errors one per wrong field
 * @param current with 412 only: the newer version, to set beside one's own
 * @param both with 412, where both changed the same values: the two ways on, either to be sent with
 *     the version of {@code current}; all other changes of both are in both
 */
public record Problem(
    String type,
    String title,
    int status,
    List<FieldError> errors,
    @Nullable Versioned<?> current,
    StaleThing.@Nullable Both both) {

  /**
   * @param pointer JSON pointer to the field in the body, {@code #/widthMm}
   * @param sentence what is wrong and what would be right
   */
  public record FieldError(String pointer, String sentence) {}

  static Problem of(int status, String sentence) {
    return new Problem("about:blank", sentence, status, List.of(), null, null);
  }
}
