package emberyard.core.units;

import java.lang.reflect.Constructor;
import java.lang.reflect.InvocationTargetException;
import java.lang.reflect.RecordComponent;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.function.BiFunction;
import org.jspecify.annotations.Nullable;

/** The fields of any record by their names. */
public final class Fields {
  private Fields() {}

  /** Names and values in their order; values may be null. */
  public static Map<String, @Nullable Object> of(Record record) {
    Map<String, @Nullable Object> fields = new LinkedHashMap<>();
    for (RecordComponent field : record.getClass().getRecordComponents()) {
      fields.put(field.getName(), value(field, record));
    }
    return fields;
  }

  /**
   * The same record with fields changed.
   *
   * @param change given name and value of each field
   * @throws InvalidValue as its constructor does
   */
  public static <T extends Record> T rebuilt(
      T record, BiFunction<String, @Nullable Object, @Nullable Object> change) {
    Object[] values =
        of(record).entrySet().stream()
            .map(field -> change.apply(field.getKey(), field.getValue()))
            .toArray();
    @SuppressWarnings("unchecked")
    Class<T> type = (Class<T>) record.getClass();
    return made(type, values);
  }

  /**
   * A record of these values, in the order of its fields.
   *
   * @throws InvalidValue as its constructor does
   */
  public static <T> T made(Class<T> type, @Nullable Object... values) {
    try {
      Class<?>[] types =
          Arrays.stream(type.getRecordComponents())
              .map(RecordComponent::getType)
              .toArray(Class[]::new);
      Constructor<T> canonical = type.getDeclaredConstructor(types);
      return canonical.newInstance(values);
    } catch (InvocationTargetException refused) {
      if (refused.getCause() instanceof InvalidValue invalid) {
        throw invalid;
      }
      throw new IllegalStateException(refused);
    } catch (ReflectiveOperationException impossible) {
      throw new IllegalStateException(impossible);
    }
  }

  /** The value of a field. */
  public static @Nullable Object value(RecordComponent field, Object record) {
    try {
      return field.getAccessor().invoke(record);
    } catch (ReflectiveOperationException impossible) {
      throw new IllegalStateException(impossible);
    }
  }
}
