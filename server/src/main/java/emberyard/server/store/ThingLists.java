package emberyard.server.store;

import emberyard.core.build.Build;
import emberyard.core.build.Design;
import emberyard.core.build.Look;
import emberyard.core.kind.ThingKind;
import emberyard.core.thing.Thing;
import emberyard.core.thing.Things;
import emberyard.core.units.InvalidValue;
import emberyard.core.workshop.WorkshopBook;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import tools.jackson.core.JacksonException;
import tools.jackson.core.JsonGenerator;
import tools.jackson.core.JsonParser;
import tools.jackson.core.JsonToken;
import tools.jackson.databind.DeserializationContext;
import tools.jackson.databind.SerializationContext;
import tools.jackson.databind.ValueDeserializer;
import tools.jackson.databind.ValueSerializer;
import tools.jackson.databind.module.SimpleModule;

/**
 * Builds, designs and the workshop's book as JSON: each list of things stands under the name of its
 * kind, beside what else there is.
 *
 * <p>Example: a design is {@code {"look": …, "components": […], "panels": […], …}}.
 */
@Component
public class ThingLists extends SimpleModule {
  private static final long serialVersionUID = 1;

  /** Which lists stand in which record, for the OpenAPI document as well. */
  public static final Map<Class<?>, List<ThingKind>> KINDS =
      Map.of(
          Build.class,
          kinds(kind -> kind.ofBuild() && kind != ThingKind.BRIEF && kind != ThingKind.CONCEPT),
          Design.class,
          kinds(ThingKind::ofDesign),
          WorkshopBook.class,
          kinds(kind -> !kind.ofBuild() && kind != ThingKind.WORKSHOP));

  public ThingLists() {
    super("thing lists");
    addSerializer(
        new Writer<Build>(
            Build.class,
            List.of(new Single<>("brief", Build::brief), new Single<>("concept", Build::concept)),
            Build::things));
    addSerializer(
        new Writer<Design>(
            Design.class, List.of(new Single<>("look", Design::look)), Design::things));
    addSerializer(
        new Writer<WorkshopBook>(
            WorkshopBook.class,
            List.of(new Single<>("workshop", WorkshopBook::workshop)),
            WorkshopBook::things));
    addDeserializer(Design.class, new DesignReader());
  }

  private static List<ThingKind> kinds(Predicate<ThingKind> which) {
    return Stream.of(ThingKind.values()).filter(which).toList();
  }

  /** What there is one of. */
  private record Single<T>(String name, Function<T, Record> of) {}

  private static final class Writer<T> extends ValueSerializer<T> {
    private final Class<T> type;
    private final List<Single<T>> own;
    private final Function<T, Things> things;

    Writer(Class<T> type, List<Single<T>> own, Function<T, Things> things) {
      this.type = type;
      this.own = own;
      this.things = things;
    }

    @Override
    public Class<T> handledType() {
      return type;
    }

    @Override
    public void serialize(T value, JsonGenerator out, SerializationContext context) {
      out.writeStartObject(value);
      own.forEach(one -> context.defaultSerializeProperty(one.name(), one.of().apply(value), out));
      for (ThingKind kind : KINDS.get(type)) {
        context.defaultSerializeProperty(kind.list(), things.apply(value).of(kind.type()), out);
      }
      out.writeEndObject();
    }
  }

  /** A list that is missing is empty: older designs knew fewer kinds. */
  private static final class DesignReader extends ValueDeserializer<Design> {
    private static final Map<String, ThingKind> BY_LIST =
        KINDS.get(Design.class).stream()
            .collect(Collectors.toMap(ThingKind::list, Function.identity()));

    @Override
    public Design deserialize(JsonParser in, DeserializationContext context) {
      if (!in.isExpectedStartObjectToken()) {
        return (Design) context.handleUnexpectedToken(Design.class, in);
      }
      Look look = null;
      List<Thing> things = new ArrayList<>();
      for (String field = in.nextName(); field != null; field = in.nextName()) {
        boolean none = in.nextToken() == JsonToken.VALUE_NULL;
        try {
          if (field.equals("look")) {
            look = none ? null : context.readValue(in, Look.class);
          } else if (!BY_LIST.containsKey(field)) {
            context.handleUnknownProperty(in, this, Design.class, field);
          } else if (!none) {
            things.addAll(list(BY_LIST.get(field), in, context));
          }
        } catch (JacksonException broken) {
          broken.prependPath(Design.class, field);
          throw broken;
        }
      }
      return design(look, things, context);
    }

    private static List<? extends Thing> list(
        ThingKind kind, JsonParser in, DeserializationContext context) {
      List<? extends Thing> things =
          context.readValue(
              in, context.getTypeFactory().constructCollectionType(List.class, kind.type()));
      if (things.stream().anyMatch(thing -> thing == null)) {
        throw context.instantiationException(
            Design.class, new InvalidValue("", "A list holds things, never nothing."));
      }
      return things;
    }

    private static Design design(
        @Nullable Look look, List<Thing> things, DeserializationContext context) {
      try {
        return Design.of(look, things);
      } catch (InvalidValue invalid) {
        throw context.instantiationException(Design.class, invalid);
      }
    }
  }
}
