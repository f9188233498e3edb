package emberyard.server.store;

import java.util.List;
import tools.jackson.databind.JsonNode;

/** What a stored thing is called, as far as it has a name. */
public final class ThingName {
  private static final List<String> FIELDS =
      List.of("name", "text", "title", "caption", "taskKey", "findingKey", "caution");

  private ThingName() {}

  /** The first of its names, words or keys; empty where it has none. */
  public static String of(JsonNode thing) {
    return FIELDS.stream()
        .map(field -> thing.path(field).asString(""))
        .filter(name -> !name.isBlank())
        .findFirst()
        .orElse("");
  }
}
