package emberyard.server.api;

import emberyard.core.build.Measure;
import emberyard.server.access.Account;
import java.util.HashMap;
import java.util.Map;
import java.util.Set;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.core.MethodParameter;
import org.springframework.http.MediaType;
import org.springframework.http.converter.HttpMessageConverter;
import org.springframework.http.server.ServerHttpRequest;
import org.springframework.http.server.ServerHttpResponse;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.web.bind.annotation.ControllerAdvice;
import org.springframework.web.servlet.mvc.method.annotation.ResponseBodyAdvice;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * Helpers see no money: every field of an answer whose name ends in {@code Minor}, and the value of
 * every limit on money, is 0 for them, or null where it may be; problem answers included. That
 * every amount's field ends so is held by a test.
 */
@ControllerAdvice
public class MoneyVeil implements ResponseBodyAdvice<Object> {
  /** Amounts inside a limit on money. */
  private static final Set<String> LIMIT = Set.of("value", "reading");

  private final JsonMapper mapper;

  MoneyVeil(JsonMapper mapper) {
    this.mapper = mapper;
  }

  /** Whether a field holds an amount of money. */
  public static boolean amount(String field) {
    return field.endsWith("Minor");
  }

  @Override
  public boolean supports(
      MethodParameter method, Class<? extends HttpMessageConverter<?>> converter) {
    return true;
  }

  @Override
  public @Nullable Object beforeBodyWrite(
      @Nullable Object body,
      MethodParameter method,
      MediaType type,
      Class<? extends HttpMessageConverter<?>> converter,
      ServerHttpRequest request,
      ServerHttpResponse response) {
    Authentication who = SecurityContextHolder.getContext().getAuthentication();
    boolean helper =
        who != null && who.getPrincipal() instanceof Account account && !account.owner();
    if (!helper || body == null || !type.getSubtype().endsWith("json")) {
      return body;
    }
    return seenBy(false, body);
  }

  /** Something as an owner or a helper sees it. */
  public @Nullable Object seenBy(boolean owner, @Nullable Object value) {
    if (owner || value == null) {
      return value;
    }
    JsonNode tree = mapper.valueToTree(value);
    veil(tree);
    return tree;
  }

  private static void veil(JsonNode node) {
    if (node instanceof ObjectNode object) {
      for (Map.Entry<String, JsonNode> field : object.properties()) {
        boolean amount =
            amount(field.getKey()) || onMoney(object) && LIMIT.contains(field.getKey());
        if (amount && !field.getValue().isNull()) {
          object.put(field.getKey(), 0L);
        }
      }
    }
    node.forEach(MoneyVeil::veil);
  }

  private static boolean onMoney(JsonNode limit) {
    return limit.path("measure").asString("").equals(Measure.TOTAL_MINOR.name());
  }

  /** Puts the stored amounts back into what a helper sends; in lists to the element of that id. */
  static void restore(JsonNode sent, JsonNode stored) {
    if (sent instanceof ArrayNode && stored instanceof ArrayNode) {
      Map<String, JsonNode> byId = new HashMap<>();
      stored.forEach(each -> byId.put(named(each), each));
      sent.forEach(
          each -> {
            JsonNode kept = byId.get(named(each));
            if (kept != null) {
              restore(each, kept);
            }
          });
    }
    if (sent instanceof ObjectNode object) {
      for (Map.Entry<String, JsonNode> field : stored.properties()) {
        if (amount(field.getKey()) || onMoney(stored) && LIMIT.contains(field.getKey())) {
          object.set(field.getKey(), field.getValue());
        }
      }
      for (Map.Entry<String, JsonNode> field : object.properties()) {
        JsonNode kept = stored.get(field.getKey());
        if (kept != null) {
          restore(field.getValue(), kept);
        }
      }
    }
  }

  /** What an element of a list is known by: its id, the letter of an option, the day of a price. */
  private static String named(JsonNode element) {
    return Stream.of("id", "letter", "on")
        .map(field -> element.path(field).asString(""))
        .filter(name -> !name.isEmpty())
        .findFirst()
        .orElse("");
  }
}
