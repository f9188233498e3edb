package emberyard.server.table;

import emberyard.core.units.InvalidValue;
import java.lang.reflect.ParameterizedType;
import java.lang.reflect.Type;
import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.function.BiFunction;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/**
 * How values of one type stand in a cell.
 *
 * @param read a cell that isn't blank; throws {@link InvalidValue} with a sentence
 * @param write a value as the text that reads as the same value
 * @param blank what an empty cell means
 */
public record Cell<T>(
    BiFunction<String, Marks, T> read, Function<T, String> write, @Nullable T blank) {
  private static final Cell<Long> WHOLE =
      new Cell<>((text, marks) -> marks.whole(text), String::valueOf, null);
  private static final Cell<Integer> COUNT =
      new Cell<>((text, marks) -> Math.toIntExact(marks.whole(text)), String::valueOf, null);
  private static final Cell<Double> NUMBER =
      new Cell<>((text, marks) -> marks.number(text), Cell::exact, null);
  private static final Map<Type, Cell<?>> PLAIN =
      Map.of(
          String.class,
          of(SafeCell::plain, SafeCell::safe, ""),
          double.class,
          NUMBER.or(0.0),
          Double.class,
          NUMBER,
          long.class,
          WHOLE.or(0L),
          Long.class,
          WHOLE,
          int.class,
          COUNT.or(0),
          Integer.class,
          COUNT,
          boolean.class,
          of(Cell::yesOrNo, Cell::yesOrNo, false),
          Boolean.class,
          of(Cell::yesOrNo, Cell::yesOrNo, null),
          LocalDate.class,
          new Cell<>((text, marks) -> marks.date(text), LocalDate::toString, null));

  /** A cell whose text is the same whatever marks people write with. */
  static <T> Cell<T> of(Function<String, T> read, Function<T, String> write, @Nullable T blank) {
    return new Cell<>((text, marks) -> read.apply(text), write, blank);
  }

  /** A list whose items have a form of their own. */
  public static <T> Cell<List<T>> list(
      Function<String, List<T>> read, Function<List<T>, String> write) {
    return of(read, write, List.of());
  }

  private Cell<T> or(T value) {
    return new Cell<>(read, write, value);
  }

  /**
   * The cell of a field.
   *
   * @param own cells of fields, and of lists by the type of their items, that aren't plain
   */
  static Cell<?> of(Type type, Map<Class<?>, Cell<?>> own) {
    Type item = type instanceof ParameterizedType list ? list.getActualTypeArguments()[0] : type;
    Cell<?> plain = own.containsKey(item) ? own.get(item) : PLAIN.get(item);
    if (plain != null) {
      return plain;
    }
    return item == type ? word((Class<?>) item) : words((Class<?>) item);
  }

  private static Cell<Enum<?>> word(Class<?> type) {
    return of(text -> one(type, text), Enum::name, null);
  }

  private static Cell<List<Enum<?>>> words(Class<?> type) {
    return list(
        text ->
            Stream.of(text.split(";"))
                .filter(each -> !each.isBlank())
                .<Enum<?>>map(each -> one(type, each))
                .toList(),
        values -> values.stream().map(Enum::name).collect(Collectors.joining(";")));
  }

  private static Enum<?> one(Class<?> type, String text) {
    String word = text.trim().toUpperCase(Locale.ROOT).replace(' ', '_');
    return Arrays.stream(type.getEnumConstants())
        .map(each -> (Enum<?>) each)
        .filter(each -> each.name().equals(word))
        .findFirst()
        .orElseThrow(
            () ->
                new InvalidValue(
                    "file",
                    "“%s” is none of %s"
                        .formatted(
                            text.trim(),
                            Arrays.stream(type.getEnumConstants())
                                .map(String::valueOf)
                                .collect(Collectors.joining(", ")))));
  }

  private static String yesOrNo(boolean value) {
    return value ? "yes" : "no";
  }

  private static boolean yesOrNo(String text) {
    return switch (text.trim().toLowerCase(Locale.ROOT)) {
      case "yes", "true", "1", "x" -> true;
      case "no", "false", "0" -> false;
      default -> throw new InvalidValue("file", "“%s” is neither yes nor no".formatted(text));
    };
  }

  /** Every digit, so that what goes out comes in the same: 1.50 → "1.5". */
  public static String exact(double value) {
    return BigDecimal.valueOf(value).stripTrailingZeros().toPlainString();
  }

  /** The value of a cell. */
  @Nullable T value(CellText cell) {
    return cell.blank() ? blank : read.apply(cell.text(), cell.marks());
  }

  /** The text of a value. */
  @SuppressWarnings("unchecked")
  String text(@Nullable Object value) {
    return value == null ? "" : write.apply((T) value);
  }
}
