package emberyard.server.api;

import emberyard.core.units.InvalidValue;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.time.ZoneOffset;
import java.util.Collection;
import java.util.Set;
import java.util.function.BiConsumer;
import org.springframework.stereotype.Component;
import tools.jackson.core.JsonParser;
import tools.jackson.databind.BeanDescription;
import tools.jackson.databind.DeserializationConfig;
import tools.jackson.databind.DeserializationContext;
import tools.jackson.databind.ValueDeserializer;
import tools.jackson.databind.deser.ValueDeserializerModifier;
import tools.jackson.databind.deser.jdk.StringDeserializer;
import tools.jackson.databind.deser.std.DelegatingDeserializer;
import tools.jackson.databind.ext.javatime.deser.InstantDeserializer;
import tools.jackson.databind.ext.javatime.deser.LocalDateDeserializer;
import tools.jackson.databind.ext.javatime.deser.LocalDateTimeDeserializer;
import tools.jackson.databind.module.SimpleModule;
import tools.jackson.databind.type.CollectionType;

/**
 * What no body may hold, whichever field it is in: days outside 1970 to 2200, control characters
 * other than tabs and line ends, and longer lists than anybody needs. Checked as bodies are read,
 * so that what is stored already can still be read.
 */
@Component
class Doorway extends SimpleModule {
  private static final long serialVersionUID = 1;
  private static final LocalDate FIRST = LocalDate.of(1970, 1, 1);
  private static final LocalDate LAST = LocalDate.of(2200, 12, 31);
  private static final int MOST = 2_000;
  private static final int MOST_OF_MANY = 20_000;

  /** The things of a build's file, the tasks of a plan, the hours of a weather report. */
  private static final Set<String> LONG_LISTS = Set.of("things", "uses", "tasks", "weather");

  Doorway() {
    super("doorway");
    add(String.class, StringDeserializer.instance, Doorway::plain);
    add(LocalDate.class, LocalDateDeserializer.INSTANCE, Doorway::near);
    add(
        LocalDateTime.class,
        LocalDateTimeDeserializer.INSTANCE,
        (field, time) -> near(field, time.toLocalDate()));
    add(Instant.class, InstantDeserializer.INSTANT, Doorway::near);
    setDeserializerModifier(
        new ValueDeserializerModifier() {
          private static final long serialVersionUID = 1;

          @Override
          public ValueDeserializer<?> modifyCollectionDeserializer(
              DeserializationConfig config,
              CollectionType type,
              BeanDescription.Supplier description,
              ValueDeserializer<?> reader) {
            return new CountedList(reader);
          }
        });
  }

  /** How long a list may be. */
  static int longest(String field) {
    return LONG_LISTS.contains(field) ? MOST_OF_MANY : MOST;
  }

  private <T> void add(
      Class<T> type, ValueDeserializer<? extends T> reader, BiConsumer<String, T> check) {
    addDeserializer(type, new CheckedPart<>(reader, check));
  }

  private static void near(String field, LocalDate day) {
    if (day.isBefore(FIRST) || day.isAfter(LAST)) {
      throw new InvalidValue(field, "Days lie between 1 Jan 1970 and 31 Dec 2200.");
    }
  }

  private static void near(String field, Instant moment) {
    boolean within =
        !moment.isBefore(FIRST.atStartOfDay().toInstant(ZoneOffset.UTC))
            && !moment.isAfter(LAST.atTime(LocalTime.MAX).toInstant(ZoneOffset.UTC));
    if (!within) {
      near(field, LocalDate.MAX);
    }
  }

  private static void plain(String field, String text) {
    if (text.codePoints().anyMatch(Doorway::unprintable)) {
      throw new InvalidValue(field, "There is a character in this that can't be printed.");
    }
  }

  private static boolean unprintable(int point) {
    boolean layout = point == '\n' || point == '\r' || point == '\t';
    boolean control = Character.isISOControl(point) && !layout;
    boolean half = point >= Character.MIN_SURROGATE && point <= Character.MAX_SURROGATE;
    return control || half || (point & 0xFFFE) == 0xFFFE;
  }

  /** Reads as before, then counts. */
  private static final class CountedList extends DelegatingDeserializer {
    CountedList(ValueDeserializer<?> reader) {
      super(reader);
    }

    @Override
    protected ValueDeserializer<?> newDelegatingInstance(ValueDeserializer<?> reader) {
      return new CountedList(reader);
    }

    @Override
    public Object deserialize(JsonParser parser, DeserializationContext context) {
      String field = parser.currentName() == null ? "" : parser.currentName();
      Object list = super.deserialize(parser, context);
      if (list instanceof Collection<?> all && all.size() > longest(field)) {
        throw new InvalidValue(
            field, "A list here has at most %,d entries.".formatted(longest(field)));
      }
      return list;
    }
  }

  /** Reads as before, then checks. */
  private static final class CheckedPart<T> extends ValueDeserializer<T> {
    private final ValueDeserializer<? extends T> reader;
    private final BiConsumer<String, T> check;

    CheckedPart(ValueDeserializer<? extends T> reader, BiConsumer<String, T> check) {
      this.reader = reader;
      this.check = check;
    }

    @Override
    public T deserialize(JsonParser parser, DeserializationContext context) {
      String field = parser.currentName();
      T value = reader.deserialize(parser, context);
      if (value != null) {
        check.accept(field == null ? "" : field, value);
      }
      return value;
    }
  }
}
