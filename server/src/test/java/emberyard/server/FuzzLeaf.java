package emberyard.server;

import java.util.List;
import tools.jackson.databind.JsonNode;

/**
 * A place in a body that holds one value.
 *
 * @param steps names of fields, {@code *} for any element of a list
 * @param schema what the OpenAPI document says of it
 */
record FuzzLeaf(List<String> steps, JsonNode schema) {
  String path() {
    return String.join("/", steps);
  }

  boolean is(String type) {
    JsonNode types = schema.path("type");
    return types.isArray()
        ? types.valueStream().anyMatch(each -> each.asString("").equals(type))
        : types.asString("").equals(type);
  }
}
