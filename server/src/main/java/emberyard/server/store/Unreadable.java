package emberyard.server.store;

import emberyard.core.kind.ThingKind;
import emberyard.core.thing.Thing;
import emberyard.core.units.InvalidValue;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.exc.UnrecognizedPropertyException;

/**
 * Stands where a stored thing can't be read by this program; the row is left as it is.
 *
 * @param name what it is called, as far as that can be read
 * @param reason a sentence for a builder
 */
public record Unreadable(ThingKind kind, String id, String name, String reason) implements Thing {
  private static final Logger LOG = LoggerFactory.getLogger(Unreadable.class);

  /** What a row says, or this in its place. */
  static Thing orRead(ThingJson json, ThingKind kind, String id, String body) {
    try {
      return json.read(body, kind.type());
    } catch (RuntimeException problem) {
      LOG.warn("{} {} can't be read: {}", kind.word(), id, problem.getMessage());
      String name = ThingName.of(json.read(body, JsonNode.class));
      return new Unreadable(kind, id, name.isBlank() ? id : name, reason(problem));
    }
  }

  private static String reason(RuntimeException problem) {
    for (Throwable cause = problem; cause != null; cause = cause.getCause()) {
      if (cause instanceof InvalidValue invalid) {
        return invalid.getMessage();
      }
      if (cause instanceof UnrecognizedPropertyException unknown) {
        return "it says “%s”, which this program doesn't know."
            .formatted(unknown.getPropertyName());
      }
    }
    return "it is written in a way this program can't read.";
  }
}
