package emberyard.server.api;

import io.swagger.v3.oas.models.OpenAPI;
import io.swagger.v3.oas.models.info.Info;
import io.swagger.v3.oas.models.media.JsonSchema;
import io.swagger.v3.oas.models.media.Schema;
import io.swagger.v3.oas.models.servers.Server;
import java.io.IOException;
import java.lang.reflect.Modifier;
import java.lang.reflect.RecordComponent;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.springdoc.core.customizers.OpenApiCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.core.io.Resource;
import org.springframework.core.io.support.PathMatchingResourcePatternResolver;
import org.springframework.core.type.classreading.CachingMetadataReaderFactory;
import org.springframework.core.type.classreading.MetadataReader;
import org.springframework.core.type.classreading.MetadataReaderFactory;

/**
 * The OpenAPI document says what the records say: a component is required and never null unless it
 * is {@code @Nullable}. Core carries no annotations of the web, so this reads the records.
 */
@Configuration
class OpenApiSettings {
  @Bean
  OpenAPI about() {
    return new OpenAPI()
        .servers(List.of(new Server().url("/").description("where this document came from")))
        .info(
            new Info()
                .title("Ember Yard")
                .version("1")
                .description(
                    "Lengths in mm, masses in kg, times in minutes unless the name says otherwise,"
                        + " money in minor units of the workshop's currency, each amount with the"
                        + " key of its figure. Things carry a version: send it back as If-Match;"
                        + " leave it out to create."));
  }

  /** The schemas of all kinds, then which fields may be null, then how far they reach. */
  @Bean
  OpenApiCustomizer wholeDocument(OpenApiFacts facts) throws IOException {
    Map<String, Class<?>> records = records();
    return document -> {
      OpenApiThings.write(document);
      document
          .getComponents()
          .getSchemas()
          .forEach((name, schema) -> complete(schema, records.get(name)));
      facts.say(document);
    };
  }

  private static void complete(Schema<?> schema, @Nullable Class<?> type) {
    if (schema.getProperties() == null) {
      return;
    }
    List<String> required = new ArrayList<>();
    for (String property : schema.getProperties().keySet()) {
      if (type == null || !nullable(type, property)) {
        required.add(property);
      } else {
        orNull(schema, property);
      }
    }
    schema.setRequired(required);
    if (type != null && FigureKeys.holdsAmounts(type)) {
      schema.addProperty(FigureKeys.FIELD, keys());
    }
  }

  /** Answered beside amounts, and passed over where it is sent. */
  private static Schema<?> keys() {
    return new JsonSchema()
        .typesItem("object")
        .additionalProperties(new JsonSchema().typesItem("string"))
        .readOnly(true)
        .description("Per field that holds an amount the figure it is: equal ones, equal cents.");
  }

  /** Marks a property as one that may be null, also where it is a reference. */
  @SuppressWarnings({"unchecked", "rawtypes"})
  private static void orNull(Schema<?> schema, String property) {
    Schema<?> value = schema.getProperties().get(property);
    Schema<?> none = new Schema<>().types(new LinkedHashSet<>(List.of("null")));
    if (value.get$ref() != null) {
      schema
          .getProperties()
          .put(property, new Schema<>().anyOf(new ArrayList<>(List.of((Schema) value, none))));
    } else if (value.getTypes() != null) {
      value.getTypes().add("null");
    }
  }

  private static boolean nullable(Class<?> type, String property) {
    for (RecordComponent component : type.getRecordComponents()) {
      if (component.getName().equals(property)) {
        return component.getAnnotatedType().isAnnotationPresent(Nullable.class);
      }
    }
    return false;
  }

  private static Map<String, Class<?>> records() throws IOException {
    PathMatchingResourcePatternResolver files = new PathMatchingResourcePatternResolver();
    MetadataReaderFactory readers = new CachingMetadataReaderFactory();
    Map<String, Class<?>> records = new HashMap<>();
    for (Resource file : files.getResources("classpath*:emberyard/**/*.class")) {
      MetadataReader reader = readers.getMetadataReader(file);
      if ("java.lang.Record".equals(reader.getClassMetadata().getSuperClassName())) {
        try {
          Class<?> type = Class.forName(reader.getClassMetadata().getClassName());
          if (!Modifier.isPrivate(type.getModifiers())) {
            records.put(type.getSimpleName(), type);
          }
        } catch (ClassNotFoundException impossible) {
          throw new IllegalStateException(impossible);
        }
      }
    }
    return records;
  }
}
