package emberyard.server.api;

import io.swagger.v3.oas.models.OpenAPI;
import io.swagger.v3.oas.models.media.Schema;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/** States how long a list in a request may be, where nothing narrower is said of it. */
@SuppressWarnings("rawtypes") // the library's own lists are of raw schemas
final class RequestLists {
  private final Map<String, Schema> schemas;
  private final Set<String> seen = new HashSet<>();
  private final OpenAPI document;

  RequestLists(OpenAPI document) {
    this.document = document;
    this.schemas = document.getComponents().getSchemas();
  }

  void limit() {
    document.getPaths().values().stream()
        .flatMap(path -> path.readOperations().stream())
        .filter(operation -> operation.getRequestBody() != null)
        .flatMap(operation -> operation.getRequestBody().getContent().values().stream())
        .forEach(content -> visit("", content.getSchema()));
  }

  private void visit(String field, @Nullable Schema<?> schema) {
    if (schema == null) {
      return;
    }
    if (schema.getItems() != null && schema.getMaxItems() == null) {
      schema.setMaxItems(Doorway.longest(field));
    }
    visit("", schema.getItems());
    for (List<Schema> either : List.of(or(schema.getAnyOf()), or(schema.getOneOf()))) {
      either.forEach(each -> visit(field, each));
    }
    if (schema.getProperties() != null) {
      schema.getProperties().forEach(this::visit);
    }
    String name = schema.get$ref() == null ? "" : schema.get$ref().replaceAll(".*/", "");
    if (seen.add(name)) {
      visit("", schemas.get(name));
    }
  }

  private static List<Schema> or(@Nullable List<Schema> schemas) {
    return schemas == null ? List.of() : schemas;
  }
}
