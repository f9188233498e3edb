package emberyard.core.units;

import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.time.ZoneOffset;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import org.jspecify.annotations.Nullable;

/**
 * What differs between two records of one type, field by field, in words with units taken from the
 * fields' names.
 *
 * <p>Example: a panel made wider: "width 300 → 320 mm".
 */
public final class FieldDifference {
  private static final String[][] UNITS = {
    {"Mm2", "mm²"},
    {"Mm", "mm"},
    {"Kg", "kg"},
    {"Gb", "GB"},
    {"Watts", "W"},
    {"Volts", "V"},
    {"Milliamps", "mA"},
    {"Lux", "lx"},
    {"Seconds", "s"},
    {"Days", "days"},
    {"Minutes", "min"},
    {"Hours", "h"},
    {"Um", "µm"},
    {"Ml", "ml"},
    {"Percent", "%"}
  };

  private static final DateTimeFormatter DAY =
      DateTimeFormatter.ofPattern("EEE d MMM yyyy", Locale.UK);
  private static final DateTimeFormatter MOMENT =
      DateTimeFormatter.ofPattern("EEE d MMM HH:mm", Locale.UK);

  private final String currency;
  private final ZoneId zone;
  private final List<String> words = new ArrayList<>();

  private FieldDifference(String currency, ZoneId zone) {
    this.currency = currency;
    this.zone = zone;
  }

  /** Of records without moments, as those of a design. */
  public static List<String> between(Record before, Record after, String currency) {
    return between(before, after, currency, ZoneOffset.UTC);
  }

  /**
   * Example: a clock stopped: "ended at none → Sat 7 Mar 11:23".
   *
   * @param currency of amounts, ISO 4217; empty to keep amounts unsaid
   * @param zone in which moments are told
   * @return one sentence per field that differs, in the order of the fields
   */
  public static List<String> between(Record before, Record after, String currency, ZoneId zone) {
    FieldDifference difference = new FieldDifference(currency, zone);
    difference.fields("", before, after);
    return List.copyOf(difference.words);
  }

  private void fields(String prefix, Record before, Record after) {
    Map<String, @Nullable Object> later = Fields.of(after);
    Fields.of(before)
        .forEach(
            (field, was) -> {
              Object is = later.get(field);
              if (!Objects.equals(was, is)) {
                field(prefix, field, was, is);
              }
            });
  }

  private void field(String prefix, String name, @Nullable Object was, @Nullable Object is) {
    String field = prefix + lower(Require.words(name)).replaceAll(" (hex|id|minor)$", "");
    if (was instanceof Record first
        && is instanceof Record second
        && was.getClass() == is.getClass()) {
      fields(field + " ", first, second);
    } else if (was instanceof List<?> || is instanceof List<?>) {
      list(field, was, is);
    } else if (name.endsWith("Minor") && currency.isEmpty()) {
      words.add(field + " changed");
    } else {
      String before =
          was instanceof Number first && is != null && !name.endsWith("Minor")
              ? Figures.plain(first.doubleValue())
              : written(name, was);
      words.add("%s %s → %s".formatted(field, before, written(name, is)));
    }
  }

  private void list(String field, @Nullable Object was, @Nullable Object is) {
    int before = was instanceof List<?> list ? list.size() : 0;
    int after = is instanceof List<?> list ? list.size() : 0;
    boolean plain = is instanceof List<?> list && list.stream().allMatch(FieldDifference::plain);
    if (plain && after > 0 && after <= 6) {
      words.add(
          field
              + " now "
              + String.join(", ", ((List<?>) is).stream().map(this::plainWords).toList()));
    } else {
      words.add(
          before == after ? field + " changed" : "%s %d → %d".formatted(field, before, after));
    }
  }

  private static boolean plain(Object item) {
    return item instanceof String || item instanceof Enum<?>;
  }

  private String plainWords(Object item) {
    return written("", item);
  }

  private String written(String name, @Nullable Object value) {
    if (value == null || value.equals("")) {
      return "none";
    }
    if (value instanceof Number number && name.endsWith("Minor")) {
      return Figures.money(currency, number.longValue());
    }
    if (value instanceof Number number) {
      return Figures.plain(number.doubleValue()) + unit(name);
    }
    if (value instanceof Boolean yes) {
      return yes ? "yes" : "no";
    }
    if (value instanceof Enum<?> constant) {
      return constant.name().toLowerCase(Locale.ROOT).replace('_', ' ');
    }
    if (value instanceof Record) {
      return "set";
    }
    if (value instanceof LocalDate day) {
      return DAY.format(day);
    }
    if (value instanceof Instant moment) {
      return MOMENT.format(moment.atZone(zone));
    }
    String text = value.toString();
    return "“" + (text.length() > 60 ? text.substring(0, 57) + "…" : text) + "”";
  }

  private static String unit(String name) {
    for (String[] pair : UNITS) {
      if (name.endsWith(pair[0]) || name.equalsIgnoreCase(pair[0])) {
        return " " + pair[1];
      }
    }
    return "";
  }

  private static String lower(String words) {
    return words.substring(0, 1).toLowerCase(Locale.ROOT) + words.substring(1);
  }
}
