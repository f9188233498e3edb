package emberyard.server.api;

import emberyard.core.kind.ThingKind;
import emberyard.server.store.ThingLists;
import emberyard.server.store.Versioned;
import io.swagger.v3.core.converter.AnnotatedType;
import io.swagger.v3.core.converter.ModelConverters;
import io.swagger.v3.core.converter.ResolvedSchema;
import io.swagger.v3.oas.models.OpenAPI;
import io.swagger.v3.oas.models.Operation;
import io.swagger.v3.oas.models.PathItem;
import io.swagger.v3.oas.models.media.Content;
import io.swagger.v3.oas.models.media.JsonSchema;
import io.swagger.v3.oas.models.media.MediaType;
import io.swagger.v3.oas.models.media.Schema;
import io.swagger.v3.oas.models.parameters.Parameter;
import io.swagger.v3.oas.models.parameters.RequestBody;
import io.swagger.v3.oas.models.responses.ApiResponse;
import io.swagger.v3.oas.models.responses.ApiResponses;
import java.lang.reflect.Type;
import java.util.ArrayList;
import java.util.List;
import org.springframework.core.ResolvableType;

/**
 * What {@link ThingController} takes by kind, written out: each kind's own {@code PUT} with the
 * schema of its record, its {@code DELETE}, and the lists of things in builds, designs and the
 * book.
 */
final class OpenApiThings {
  private final OpenAPI document;

  private OpenApiThings(OpenAPI document) {
    this.document = document;
  }

  static void write(OpenAPI document) {
    OpenApiThings things = new OpenApiThings(document);
    for (ThingKind kind : ThingKind.values()) {
      things.schema(kind.type());
      if (kind.typed()) {
        things.put(kind);
      }
      if (kind.removable() && !kind.ofBuild()) {
        things.operations(kind).setDelete(operation(kind, "remove", new ApiResponse()));
      }
    }
    ThingLists.KINDS.forEach((record, kinds) -> things.lists(record.getSimpleName(), kinds));
  }

  private void put(ThingKind kind) {
    PathItem path = operations(kind);
    if (path.getPut() != null) {
      return;
    }
    Type kept = ResolvableType.forClassWithGenerics(Versioned.class, kind.type()).getType();
    Operation put =
        operation(kind, "put", new ApiResponse().content(json(schema(kept))))
            .requestBody(new RequestBody().required(true).content(json(schema(kind.type()))));
    path.setPut(put);
  }

  private PathItem operations(ThingKind kind) {
    String home = kind.ofBuild() ? "/api/builds/{buildId}/" : "/api/workshop/";
    return document
        .getPaths()
        .computeIfAbsent(home + kind.word() + "/{id}", address -> new PathItem());
  }

  private static Operation operation(ThingKind kind, String verb, ApiResponse answer) {
    List<Parameter> parameters = new ArrayList<>();
    if (kind.ofBuild()) {
      parameters.add(text("buildId", "path").required(true));
    }
    parameters.add(text("id", "path").required(true));
    parameters.add(text("If-Match", "header").required(false));
    String name = kind.type().getSimpleName();
    return new Operation()
        .operationId(verb + name)
        .addTagsItem("thing-controller")
        .parameters(parameters)
        .responses(new ApiResponses().addApiResponse("200", answer.description("OK")));
  }

  private static Parameter text(String name, String in) {
    return new Parameter().name(name).in(in).schema(new JsonSchema().typesItem("string"));
  }

  private static Content json(Schema<?> schema) {
    return new Content().addMediaType("application/json", new MediaType().schema(schema));
  }

  /** A reference to the schema of a type, which is in the document from then on. */
  @SuppressWarnings({"rawtypes", "unchecked"})
  private Schema<?> schema(Type type) {
    ResolvedSchema resolved =
        ModelConverters.getInstance(true)
            .resolveAsResolvedSchema(new AnnotatedType(type).resolveAsRef(true));
    resolved.referencedSchemas.forEach(document.getComponents().getSchemas()::putIfAbsent);
    return resolved.schema;
  }

  private void lists(String record, List<ThingKind> kinds) {
    Schema<?> schema = document.getComponents().getSchemas().get(record);
    schema.getProperties().remove("things");
    for (ThingKind kind : kinds) {
      Schema<?> list = new JsonSchema().typesItem("array");
      list.setItems(new JsonSchema().$ref(kind.type().getSimpleName()));
      schema.addProperty(kind.list(), list);
    }
  }
}
