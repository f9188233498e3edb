package emberyard.server.store;

import org.springframework.stereotype.Component;
import tools.jackson.core.StreamReadConstraints;
import tools.jackson.core.json.JsonFactory;
import tools.jackson.databind.DeserializationFeature;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.MapperFeature;
import tools.jackson.databind.json.JsonMapper;

/** Turns records into JSON and back; strict, so that a typing error in a field is noticed. */
@Component
public class ThingJson {
  private static final int DEEPEST = 40;

  private final JsonMapper mapper =
      JsonMapper.builder(
              JsonFactory.builder()
                  .streamReadConstraints(
                      StreamReadConstraints.builder().maxNestingDepth(DEEPEST).build())
                  .build())
          .enable(DeserializationFeature.FAIL_ON_UNKNOWN_PROPERTIES)
          .enable(DeserializationFeature.FAIL_ON_TRAILING_TOKENS)
          .enable(MapperFeature.ACCEPT_CASE_INSENSITIVE_ENUMS)
          .addModule(new ThingLists())
          .build();

  public String write(Object value) {
    return mapper.writeValueAsString(value);
  }

  public <T> T read(String json, Class<T> type) {
    return old(json) ? read(mapper.readTree(json), type) : mapper.readValue(json, type);
  }

  public <T> T read(JsonNode json, Class<T> type) {
    return mapper.treeToValue(brought(json), type);
  }

  private static boolean old(String json) {
    return json.contains("\"" + OldScheme.MARK + "\"")
        || json.contains("\"" + OldSupports.MARK + "\"")
        || json.contains("\"" + OldOrder.MARK + "\"");
  }

  /** The body in the present form. */
  public JsonNode brought(JsonNode body) {
    return OldOrder.brought(OldSupports.brought(OldScheme.brought(body)));
  }

  public JsonNode tree(Object value) {
    return mapper.valueToTree(value);
  }

  /** The mapper itself, for the web layer. */
  public JsonMapper mapper() {
    return mapper;
  }
}
