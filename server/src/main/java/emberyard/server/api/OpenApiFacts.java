package emberyard.server.api;

import emberyard.server.store.ThingJson;
import io.swagger.v3.oas.models.OpenAPI;
import io.swagger.v3.oas.models.Operation;
import io.swagger.v3.oas.models.media.Schema;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.math.BigDecimal;
import java.nio.charset.StandardCharsets;
import java.util.Set;
import org.springframework.core.io.ClassPathResource;
import org.springframework.stereotype.Component;
import tools.jackson.databind.JsonNode;

/**
 * What the OpenAPI document says beside the types: the range of every number and the length of
 * every list, as the records of core and the calculators hold them, and an example for every
 * calculator. Tests read the ranges off the records themselves and send lists that are one too
 * long, and fail where the files say otherwise.
 */
@Component
class OpenApiFacts {
  private static final Set<String> NUMBERS = Set.of("number", "integer");
  private final ThingJson json;

  OpenApiFacts(ThingJson json) {
    this.json = json;
  }

  /** After the types are complete: references may be wrapped there. */
  void say(OpenAPI document) {
    JsonNode ranges = file("openapi/ranges.json");
    JsonNode lists = file("openapi/lists.json");
    document
        .getComponents()
        .getSchemas()
        .forEach(
            (name, schema) -> {
              limit(schema, ranges.path(name));
              limit(schema, lists.path(name));
            });
    new RequestLists(document).limit();
    file("openapi/examples.json")
        .properties()
        .forEach(each -> example(document, each.getKey(), each.getValue()));
  }

  private static void limit(Schema<?> schema, JsonNode ranges) {
    if (schema.getProperties() == null) {
      return;
    }
    schema
        .getProperties()
        .forEach(
            (field, value) -> {
              JsonNode range = ranges.path(field);
              if (range.isArray()) {
                limit((Schema<?>) value, range.get(0).decimalValue(), range.get(1).decimalValue());
              }
            });
  }

  private static void limit(Schema<?> value, BigDecimal least, BigDecimal most) {
    Set<String> types = value.getTypes() == null ? Set.of() : value.getTypes();
    if (types.stream().anyMatch(NUMBERS::contains)) {
      value.setMinimum(least);
      value.setMaximum(most);
    } else if (types.contains("array")) {
      value.setMinItems(least.intValue());
      value.setMaxItems(most.intValue());
    }
  }

  private void example(OpenAPI document, String path, JsonNode body) {
    Operation operation = document.getPaths().get(path).getPost();
    operation
        .getRequestBody()
        .getContent()
        .get("application/json")
        .setExample(json.mapper().treeToValue(body, Object.class));
  }

  private JsonNode file(String name) {
    try {
      String text = new ClassPathResource(name).getContentAsString(StandardCharsets.UTF_8);
      return json.read(text, JsonNode.class);
    } catch (IOException impossible) {
      throw new UncheckedIOException(impossible);
    }
  }
}
