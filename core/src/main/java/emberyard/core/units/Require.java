package emberyard.core.units;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.function.BiFunction;
import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;

/** Contract checks at the door of every value: each throws {@link InvalidValue} with a sentence. */
public final class Require {
  private static final int LONGEST_TEXT = 4_000;

  private Require() {}

  /**
   * Makes all checks, so that everything wrong is named at once.
   *
   * @throws InvalidValue when one of them fails
   * @throws InvalidValues when several do
   */
  public static void all(Runnable... checks) {
    List<InvalidValue> wrong = new ArrayList<>();
    for (Runnable check : checks) {
      try {
        check.run();
      } catch (InvalidValue invalid) {
        wrong.add(invalid);
      }
    }
    if (wrong.size() == 1) {
      throw wrong.get(0);
    }
    if (!wrong.isEmpty()) {
      throw new InvalidValues(wrong);
    }
  }

  /** Returns {@code value} if {@code least ≤ value ≤ most}; {@code unit} is printed behind. */
  public static double between(String field, double value, double least, double most, String unit) {
    if (Double.isNaN(value) || value < least || value > most) {
      throw new InvalidValue(
          field,
          "%s can't be %s: %s to %s %s."
              .formatted(words(field), said(value), Figures.plain(least), Figures.plain(most), unit)
              .replace(" .", "."));
    }
    return value;
  }

  private static String said(double value) {
    if (Double.isNaN(value)) {
      return "empty";
    }
    return Double.isInfinite(value) ? "that large" : Figures.plain(value);
  }

  /** Whole-number form of {@link #between(String, double, double, double, String)}. */
  public static long between(String field, long value, long least, long most, String unit) {
    between(field, (double) value, (double) least, (double) most, unit);
    return value;
  }

  /**
   * Reads each of a list, none for null; what is wrong in one names its place: {@code
   * coats.1.base}.
   *
   * @param read an element and its index, from 0
   */
  public static <A, B> List<B> each(
      String list, @Nullable List<A> given, BiFunction<A, Integer, B> read) {
    List<B> all = new ArrayList<>();
    for (A element : list(given)) {
      int index = all.size();
      all.add(inside(list + "." + index, () -> read.apply(element, index)));
    }
    return all;
  }

  /** Reads something inside another; what is wrong in it names its place: {@code sheet.colour}. */
  public static <B> B inside(String outer, Supplier<B> read) {
    try {
      return read.get();
    } catch (InvalidValue problem) {
      throw problem.within(outer);
    }
  }

  /** Returns {@code text} if it is neither null, blank nor longer than 4,000 characters. */
  public static String text(String field, @Nullable String text) {
    if (text == null || text.isBlank()) {
      throw new InvalidValue(field, words(field) + " can't be empty.");
    }
    return shortEnough(field, text);
  }

  /** Returns {@code text}, or an empty one for null; at most 4,000 characters. */
  public static String textOrEmpty(String field, @Nullable String text) {
    return text == null ? "" : shortEnough(field, text);
  }

  /** Returns {@code value} if it is not null. */
  public static <T> T given(String field, @Nullable T value) {
    if (value == null) {
      throw new InvalidValue(field, words(field) + " is missing.");
    }
    return value;
  }

  /** Returns an unmodifiable copy, empty for null. */
  public static <T> List<T> list(@Nullable List<T> values) {
    return values == null ? List.of() : List.copyOf(values);
  }

  /** Throws {@link InvalidValue} with {@code sentence} unless {@code fact} holds. */
  public static void that(boolean fact, String field, String sentence) {
    if (!fact) {
      throw new InvalidValue(field, sentence);
    }
  }

  /** {@code widthMm} → "Width", {@code greatestPitchMm} → "Greatest pitch". */
  static String words(String field) {
    String name = field.substring(field.lastIndexOf('.') + 1);
    String spaced =
        name.replaceAll("(Mm2|Mm|Minutes|Hours|Days|Minor|Percent|Kg|Ml|Um|C)$", "")
            .replaceAll("([a-z0-9])([A-Z])", "$1 $2")
            .toLowerCase(Locale.ROOT);
    return Character.toUpperCase(spaced.charAt(0)) + spaced.substring(1);
  }

  private static String shortEnough(String field, String text) {
    if (text.length() > LONGEST_TEXT) {
      throw new InvalidValue(
          field, "%s is longer than %,d characters.".formatted(words(field), LONGEST_TEXT));
    }
    return text;
  }
}
