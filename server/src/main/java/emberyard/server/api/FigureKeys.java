package emberyard.server.api;

import com.fasterxml.jackson.annotation.JsonInclude;
import emberyard.core.build.Limit;
import emberyard.core.build.Measure;
import emberyard.core.units.FigureKey;
import jakarta.servlet.http.HttpServletRequest;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import org.springframework.web.context.request.RequestContextHolder;
import org.springframework.web.context.request.ServletRequestAttributes;
import org.springframework.web.servlet.HandlerMapping;
import tools.jackson.core.JsonGenerator;
import tools.jackson.core.JsonParser;
import tools.jackson.core.TokenStreamContext;
import tools.jackson.databind.BeanDescription;
import tools.jackson.databind.DeserializationContext;
import tools.jackson.databind.JavaType;
import tools.jackson.databind.PropertyMetadata;
import tools.jackson.databind.PropertyName;
import tools.jackson.databind.SerializationConfig;
import tools.jackson.databind.SerializationContext;
import tools.jackson.databind.ValueDeserializer;
import tools.jackson.databind.cfg.MapperConfig;
import tools.jackson.databind.deser.DeserializationProblemHandler;
import tools.jackson.databind.introspect.AnnotatedClass;
import tools.jackson.databind.introspect.BeanPropertyDefinition;
import tools.jackson.databind.introspect.VirtualAnnotatedMember;
import tools.jackson.databind.module.SimpleModule;
import tools.jackson.databind.ser.BeanPropertyWriter;
import tools.jackson.databind.ser.ValueSerializerModifier;
import tools.jackson.databind.ser.VirtualBeanPropertyWriter;
import tools.jackson.databind.util.SimpleBeanPropertyDefinition;

/**
 * Beside the amounts of an answer stands which figures they are: {@code "figureKeys":
 * {"spentMinor": "build/lamp/spent"}}, see {@link FigureKey}. What comes back with it is read as if
 * it were not there.
 *
 * <p>An answer to a sum that is only tried out, not about what is stored, has figures of its own:
 * their keys begin with {@code asked/} and the request.
 */
@Component
public class FigureKeys extends SimpleModule {
  private static final long serialVersionUID = 1;

  /** The field of the keys. */
  public static final String FIELD = "figureKeys";

  FigureKeys() {
    super("figure keys");
    setSerializerModifier(
        new ValueSerializerModifier() {
          private static final long serialVersionUID = 1;

          @Override
          public List<BeanPropertyWriter> changeProperties(
              SerializationConfig config,
              BeanDescription.Supplier description,
              List<BeanPropertyWriter> properties) {
            if (holdsAmounts(description.getBeanClass())) {
              properties.add(Keys.of(config, description.get().getClassInfo()));
            }
            return properties;
          }
        });
  }

  /** Whether keys stand beside the fields of a type. */
  static boolean holdsAmounts(Class<?> type) {
    return type.isRecord() && KeyedRecord.of(type).holdsAmounts();
  }

  /** The keys of a record that stands by itself, null where it holds no amount by now. */
  public static @Nullable Map<String, String> of(Record record) {
    return holdsAmounts(record.getClass()) ? keys(List.of(record)) : null;
  }

  private static @Nullable Map<String, String> keys(List<Record> records) {
    boolean other = records.get(0) instanceof Limit limit && limit.measure() != Measure.TOTAL_MINOR;
    if (other) {
      return null;
    }
    HttpServletRequest request =
        RequestContextHolder.getRequestAttributes() instanceof ServletRequestAttributes attributes
            ? attributes.getRequest()
            : null;
    Map<String, String> keys =
        KeyedRecord.of(records.get(0).getClass())
            .keys(records, word -> request == null ? null : asked(request, word));
    if (request != null && triesOut(request)) {
      keys.replaceAll((field, key) -> "asked/" + request.getRequestId() + "/" + key);
    }
    return keys.isEmpty() ? null : keys;
  }

  private static boolean triesOut(HttpServletRequest request) {
    String address = request.getRequestURI();
    return address.startsWith("/api/calc/") || address.endsWith("/preview");
  }

  private static @Nullable String asked(HttpServletRequest request, String word) {
    Object parts = request.getAttribute(HandlerMapping.URI_TEMPLATE_VARIABLES_ATTRIBUTE);
    Object part = parts instanceof Map<?, ?> map ? map.get(word) : null;
    return part == null ? request.getParameter(word) : part.toString();
  }

  /** Reads bodies as if they held no keys. */
  static DeserializationProblemHandler passedOver() {
    return new DeserializationProblemHandler() {
      @Override
      public boolean handleUnknownProperty(
          DeserializationContext context,
          JsonParser in,
          ValueDeserializer<?> reader,
          Object of,
          String field) {
        if (field.equals(FIELD)) {
          in.skipChildren();
          return true;
        }
        return false;
      }
    };
  }

  /** The field itself. */
  private static final class Keys extends VirtualBeanPropertyWriter {
    private static final long serialVersionUID = 1;

    private Keys(BeanPropertyDefinition field, AnnotatedClass of, JavaType type) {
      super(field, of.getAnnotations(), type);
    }

    static Keys of(MapperConfig<?> config, AnnotatedClass of) {
      JavaType type =
          config.getTypeFactory().constructMapType(Map.class, String.class, String.class);
      BeanPropertyDefinition field =
          SimpleBeanPropertyDefinition.construct(
              config,
              new VirtualAnnotatedMember(of, of.getRawType(), FIELD, type),
              PropertyName.construct(FIELD),
              PropertyMetadata.STD_OPTIONAL,
              JsonInclude.Include.NON_NULL);
      return new Keys(field, of, type);
    }

    @Override
    protected @Nullable Object value(
        Object record, JsonGenerator out, SerializationContext context) {
      List<Record> records = new ArrayList<>();
      records.add((Record) record);
      TokenStreamContext around = out.streamWriteContext().getParent();
      for (; around != null; around = around.getParent()) {
        if (around.currentValue() instanceof Record outer) {
          records.add(outer);
        }
      }
      return keys(records);
    }

    @Override
    public VirtualBeanPropertyWriter withConfig(
        MapperConfig<?> config, AnnotatedClass of, BeanPropertyDefinition field, JavaType type) {
      return new Keys(field, of, type);
    }
  }
}
