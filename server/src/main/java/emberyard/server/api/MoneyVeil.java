package emberyard.server.api;

import emberyard.server.access.Account;
import java.util.Map;
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
import tools.jackson.databind.node.ObjectNode;

/**
 * Helpers see no money: every field of an answer whose name ends in {@code Minor} is 0 for them, or
 * null where it may be. That every amount's field ends so is held by a test.
 */
@ControllerAdvice
public class MoneyVeil implements ResponseBodyAdvice<Object> {
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
    if (!helper || body == null || !MediaType.APPLICATION_JSON.isCompatibleWith(type)) {
      return body;
    }
    JsonNode tree = mapper.valueToTree(body);
    veil(tree);
    return tree;
  }

  private static void veil(JsonNode node) {
    if (node instanceof ObjectNode object) {
      for (Map.Entry<String, JsonNode> field : object.properties()) {
        if (amount(field.getKey()) && !field.getValue().isNull()) {
          object.put(field.getKey(), 0L);
        }
      }
    }
    node.forEach(MoneyVeil::veil);
  }

  /** Puts the stored amounts back into what a helper sends. */
  static void restore(JsonNode sent, JsonNode stored) {
    if (sent instanceof ObjectNode object) {
      for (Map.Entry<String, JsonNode> field : stored.properties()) {
        if (amount(field.getKey())) {
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
}
