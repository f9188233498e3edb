package emberyard.server.table;

import emberyard.core.units.Fields;
import emberyard.core.units.InvalidValue;
import java.lang.reflect.RecordComponent;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.function.Predicate;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/**
 * The fields of a record as cells. A record inside it stands in columns of its own; where all of
 * them are empty, there is none.
 */
final class RecordCells<T> {
  private final Class<T> type;
  private final List<Field> fields;

  private RecordCells(Class<T> type, List<Field> fields) {
    this.type = type;
    this.fields = fields;
  }

  /**
   * A field, in one cell or as a record of its own.
   *
   * @param needed a number that nothing stands for
   */
  private record Field(
      RecordComponent component,
      @Nullable Cell<?> cell,
      @Nullable RecordCells<?> inner,
      boolean needed) {
    String name() {
      return component.getName();
    }

    Stream<String> columns() {
      return inner == null ? Stream.of(name()) : inner.columns().stream();
    }

    Stream<String> texts(@Nullable Object of) {
      Object value = of == null ? null : Fields.value(component, of);
      return inner == null ? Stream.of(cell.text(value)) : inner.textsOf(value);
    }

    @Nullable Object value(Map<String, CellText> texts) {
      if (inner != null) {
        boolean none =
            columns().allMatch(column -> texts.getOrDefault(column, CellText.EMPTY).blank());
        return none ? null : inner.thing(texts);
      }
      CellText text = texts.getOrDefault(name(), CellText.EMPTY);
      if (needed && text.blank()) {
        throw new InvalidValue("file", name() + " is missing");
      }
      try {
        return cell.value(text);
      } catch (InvalidValue unreadable) {
        throw new InvalidValue("file", name() + ": " + unreadable.getMessage());
      } catch (ArithmeticException tooLarge) {
        throw new InvalidValue("file", name() + " is too large");
      }
    }
  }

  static <T> RecordCells<T> of(Class<T> type, Map<Class<?>, Cell<?>> own, Predicate<String> zero) {
    List<Field> fields = new ArrayList<>();
    for (RecordComponent component : type.getRecordComponents()) {
      fields.add(
          component.getType().isRecord()
              ? new Field(component, null, of(component.getType(), own, zero), false)
              : new Field(
                  component,
                  Cell.of(component.getGenericType(), own),
                  null,
                  isNumber(component.getType()) && !zero.test(component.getName())));
    }
    return new RecordCells<>(type, fields);
  }

  private static boolean isNumber(Class<?> type) {
    return type.isPrimitive() && type != boolean.class;
  }

  List<String> columns() {
    return fields.stream().flatMap(Field::columns).toList();
  }

  List<String> texts(T thing) {
    return textsOf(thing).toList();
  }

  private Stream<String> textsOf(@Nullable Object thing) {
    return fields.stream().flatMap(field -> field.texts(thing));
  }

  /** What a row is called. */
  String name(Map<String, CellText> texts) {
    return Stream.of("name", "title", "id", "date")
        .map(column -> texts.getOrDefault(column, CellText.EMPTY))
        .filter(cell -> !cell.blank())
        .findFirst()
        .map(cell -> SafeCell.plain(cell.text()))
        .orElse("");
  }

  /**
   * The thing of a row. One without an id is called after its name, so that the same row changes
   * the same thing again: "Fog grey, matt" is {@code fog-grey-matt}.
   */
  T thing(Map<String, CellText> texts) {
    Object[] values =
        fields.stream()
            .map(field -> field.name().equals("id") ? id(texts) : field.value(texts))
            .toArray();
    return Fields.made(type, values);
  }

  /** The id of a row, its own or after its name. */
  String id(Map<String, CellText> texts) {
    String id = SafeCell.plain(texts.getOrDefault("id", CellText.EMPTY).text().trim());
    return id.isEmpty() ? idOf(name(texts)) : id;
  }

  private static String idOf(String name) {
    return name.toLowerCase(Locale.ROOT).replaceAll("[^a-z0-9]+", "-").replaceAll("^-|-$", "");
  }
}
