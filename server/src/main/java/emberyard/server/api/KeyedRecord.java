package emberyard.server.api;

import emberyard.core.kind.ThingKind;
import emberyard.core.thing.Thing;
import emberyard.core.units.FigureKey;
import java.lang.reflect.Method;
import java.lang.reflect.RecordComponent;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.UnaryOperator;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/** What a type of record says of the keys of its amounts, read once. */
final class KeyedRecord {
  private static final Pattern WORD = Pattern.compile("\\{([\\w.]+)(?:\\|(\\w+))?}");
  private static final String NOBODY = "?";
  private static final ClassValue<KeyedRecord> KNOWN =
      new ClassValue<>() {
        @Override
        protected KeyedRecord computeValue(Class<?> type) {
          return new KeyedRecord(type);
        }
      };

  private final @Nullable FigureKey own;
  private final boolean thing;
  private final Map<String, Method> words = new LinkedHashMap<>();
  private final List<RecordComponent> amounts = new ArrayList<>();

  private KeyedRecord(Class<?> type) {
    own = type.getAnnotation(FigureKey.class);
    thing = Thing.class.isAssignableFrom(type);
    Stream.of(type.getDeclaredMethods())
        .filter(method -> method.getParameterCount() == 0)
        .forEach(method -> words.put(method.getName(), method));
    if (own != null || thing) {
      Stream.of(type.getRecordComponents())
          .filter(
              each -> MoneyVeil.amount(each.getName()) || each.isAnnotationPresent(FigureKey.class))
          .forEach(amounts::add);
    }
  }

  static KeyedRecord of(Class<?> type) {
    return KNOWN.get(type);
  }

  boolean holdsAmounts() {
    return !amounts.isEmpty();
  }

  /**
   * The keys of a record's amounts by the names of their fields, but for those that are null.
   *
   * @param records it and those around it, the innermost first
   * @param asked what the address that was asked says for a word, null where nothing
   */
  Map<String, String> keys(List<Record> records, UnaryOperator<@Nullable String> asked) {
    Map<String, String> keys = new LinkedHashMap<>();
    Record record = records.get(0);
    for (RecordComponent amount : amounts) {
      if (given(words.get(amount.getName()), record) != null) {
        FigureKey other = amount.getAnnotation(FigureKey.class);
        String key =
            other == null
                ? name(records, asked) + "/" + amount.getName().replaceFirst("Minor$", "")
                : filled(other.value(), records, asked);
        keys.put(amount.getName(), around(records, asked) + key);
      }
    }
    return keys;
  }

  private String name(List<Record> records, UnaryOperator<@Nullable String> asked) {
    if (own != null) {
      return filled(own.value(), records, asked);
    }
    return records.get(0) instanceof Thing entered
        ? ThingKind.of(entered).word() + "/" + entered.id()
        : NOBODY;
  }

  /** What is told apart by a record around it is called after that. */
  private static String around(List<Record> records, UnaryOperator<@Nullable String> asked) {
    for (int i = 1; i < records.size(); i++) {
      KeyedRecord outer = of(records.get(i).getClass());
      if (outer.own != null && outer.own.apart()) {
        return outer.name(records.subList(i, records.size()), asked) + "/";
      }
    }
    return "";
  }

  private static String filled(
      String template, List<Record> records, UnaryOperator<@Nullable String> asked) {
    return WORD.matcher(template)
        .replaceAll(
            found -> {
              Object said = said(found.group(1), records);
              String value = said == null ? asked.apply(found.group(1)) : said.toString();
              String other = found.group(2) == null ? NOBODY : found.group(2);
              return Matcher.quoteReplacement(value == null ? other : value);
            });
  }

  /** What the first of the records that has a word says for it, {@code panel.id} of its panel. */
  private static @Nullable Object said(String path, List<Record> records) {
    String[] parts = path.split("\\.");
    for (Record record : records) {
      if (of(record.getClass()).words.containsKey(parts[0])) {
        Object value = record;
        for (String part : parts) {
          value = value == null ? null : given(of(value.getClass()).words.get(part), value);
        }
        return value;
      }
    }
    return null;
  }

  private static @Nullable Object given(Method word, Object of) {
    try {
      word.setAccessible(true);
      return word.invoke(of);
    } catch (ReflectiveOperationException never) {
      throw new IllegalStateException(never);
    }
  }
}
