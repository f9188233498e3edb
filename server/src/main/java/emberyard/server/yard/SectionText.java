package emberyard.server.yard;

import emberyard.core.build.Build;
import emberyard.server.api.FigureKeys;
import emberyard.server.store.ThingLists;
import java.lang.reflect.InvocationTargetException;
import java.lang.reflect.RecordComponent;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.IdentityHashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.apache.commons.codec.digest.MurmurHash3;
import org.jspecify.annotations.Nullable;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * A section in JSON, in parts: the elements of its lists and its other fields. A part that is the
 * same as in the text before is not written again, and who holds that text gets only the others.
 */
final class SectionText {
  /**
   * @param of what it was written from
   * @param hash 128 bits that tell texts apart; nobody is kept out by them, so that they are quick
   */
  private record Part(@Nullable Object of, String json, long[] hash) {
    boolean same(Part other) {
      return this == other || json.equals(other.json);
    }
  }

  /**
   * @param name empty for a text that is a list itself
   */
  private record Field(String name, boolean list, List<Part> parts) {
    boolean fits(Field other) {
      return name.equals(other.name) && list == other.list && parts.size() == other.parts.size();
    }

    String nameOf(int part) {
      return !list ? name : name.isEmpty() ? "" + part : name + "." + part;
    }

    private String json() {
      String all = parts.stream().map(Part::json).collect(Collectors.joining(","));
      return list ? "[" + all + "]" : all;
    }
  }

  private final List<Field> fields;
  private final String tag;

  private SectionText(List<Field> fields) {
    this.fields = fields;
    this.tag = tag(fields);
  }

  /**
   * @param before an earlier text of the same section
   * @param json how a part is written
   */
  static SectionText of(
      @Nullable Object value, @Nullable SectionText before, Function<Object, String> json) {
    Map<Object, Part> known = before == null ? Map.of() : before.byObject();
    List<Field> fields = new ArrayList<>();
    fieldsOf(value).forEach((name, its) -> fields.add(field(name, its, known, json)));
    return new SectionText(fields);
  }

  private Map<Object, Part> byObject() {
    Map<Object, Part> known = new IdentityHashMap<>();
    for (Field field : fields) {
      field.parts.stream()
          .filter(part -> part.of != null)
          .forEach(part -> known.put(part.of, part));
    }
    return known;
  }

  private static Field field(
      String name, @Nullable Object value, Map<Object, Part> known, Function<Object, String> json) {
    if (!(value instanceof List<?> list)) {
      return new Field(name, false, List.of(part(value, known, json)));
    }
    return new Field(name, true, list.stream().map(each -> part(each, known, json)).toList());
  }

  private static Part part(
      @Nullable Object value, Map<Object, Part> known, Function<Object, String> json) {
    Part same = value == null ? null : known.get(value);
    return same != null ? same : written(value, json);
  }

  private static Part written(@Nullable Object value, Function<Object, String> json) {
    String text = value == null ? "null" : json.apply(value);
    return new Part(value, text, hash(text));
  }

  private static Map<String, @Nullable Object> fieldsOf(@Nullable Object value) {
    Map<String, @Nullable Object> fields = new LinkedHashMap<>();
    if (value instanceof Build build) {
      fields.put("brief", build.brief());
      fields.put("concept", build.concept());
      ThingLists.KINDS
          .get(Build.class)
          .forEach(kind -> fields.put(kind.list(), build.things().of(kind.type())));
    } else if (value instanceof Record record) {
      for (RecordComponent each : value.getClass().getRecordComponents()) {
        fields.put(each.getName(), read(each, value));
      }
      Map<String, String> keys = FigureKeys.of(record);
      if (keys != null) {
        fields.put(FigureKeys.FIELD, keys);
      }
    } else if (value instanceof ObjectNode tree) {
      tree.properties().forEach(each -> fields.put(each.getKey(), listed(each.getValue())));
    } else {
      fields.put("", listed(value));
    }
    return fields;
  }

  private static @Nullable Object listed(@Nullable Object value) {
    return value instanceof ArrayNode array ? array.valueStream().toList() : value;
  }

  private static @Nullable Object read(RecordComponent component, Object of) {
    try {
      component.getAccessor().setAccessible(true);
      return component.getAccessor().invoke(of);
    } catch (IllegalAccessException | InvocationTargetException never) {
      throw new IllegalStateException(never);
    }
  }

  /** The same for the same text. */
  String tag() {
    return tag;
  }

  private static String tag(List<Field> fields) {
    StringBuilder all = new StringBuilder();
    for (Field field : fields) {
      all.append(field.name).append(field.list);
      field.parts.forEach(part -> all.append(' ').append(part.hash[0]).append(part.hash[1]));
    }
    long[] hash = hash(all.toString());
    return "%016x%016x".formatted(hash[0], hash[1]);
  }

  private static long[] hash(String text) {
    return MurmurHash3.hash128x64(text.getBytes(StandardCharsets.UTF_8));
  }

  /** The whole text. */
  String whole() {
    if (fields.size() == 1 && fields.get(0).name.isEmpty()) {
      return fields.get(0).json();
    }
    return fields.stream()
        .map(field -> "\"" + field.name + "\":" + field.json())
        .collect(Collectors.joining(",", "{", "}"));
  }

  /**
   * What is another than in an earlier text, by the name of the field and the place in its list:
   * {@code panels.3}, {@code brief}, and {@code 3} where the text itself is a list; null where
   * something was added or taken away, or most is another.
   */
  @Nullable Map<String, String> since(SectionText before) {
    if (fields.size() != before.fields.size()) {
      return null;
    }
    Map<String, String> changed = new LinkedHashMap<>();
    int parts = 0;
    for (int i = 0; i < fields.size(); i++) {
      Field field = fields.get(i);
      if (!field.fits(before.fields.get(i))) {
        return null;
      }
      parts += field.parts.size();
      for (int k = 0; k < field.parts.size(); k++) {
        if (!field.parts.get(k).same(before.fields.get(i).parts.get(k))) {
          changed.put(field.nameOf(k), field.parts.get(k).json);
        }
      }
    }
    return parts > 1 && changed.size() <= parts / 2 ? changed : null;
  }
}
