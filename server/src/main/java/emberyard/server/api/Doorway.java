package emberyard.server.api;

import emberyard.core.units.InvalidValue;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.time.ZoneOffset;
import java.util.function.BiConsumer;
import org.springframework.stereotype.Component;
import tools.jackson.core.JsonParser;
import tools.jackson.databind.DeserializationContext;
import tools.jackson.databind.ValueDeserializer;
import tools.jackson.databind.deser.jdk.StringDeserializer;
import tools.jackson.databind.ext.javatime.deser.InstantDeserializer;
import tools.jackson.databind.ext.javatime.deser.LocalDateDeserializer;
import tools.jackson.databind.ext.javatime.deser.LocalDateTimeDeserializer;
import tools.jackson.databind.module.SimpleModule;

/**
 * What no body may hold, whichever field it is in: days outside 1970 to 2200, and control
 * characters other than tabs and line ends. Checked as bodies are read, so that what is stored
 * already can still be read.
 */
@Component
class Doorway extends SimpleModule {
  private static final long serialVersionUID = 1;
  private static final LocalDate FIRST = LocalDate.of(1970, 1, 1);
  private static final LocalDate LAST = LocalDate.of(2200, 12, 31);

  Doorway() {
    super("doorway");
    add(String.class, StringDeserializer.instance, Doorway::plain);
    add(LocalDate.class, LocalDateDeserializer.INSTANCE, Doorway::near);
    add(
        LocalDateTime.class,
        LocalDateTimeDeserializer.INSTANCE,
        (field, time) -> near(field, time.toLocalDate()));
    add(Instant.class, InstantDeserializer.INSTANT, Doorway::near);
  }

  private <T> void add(
      Class<T> type, ValueDeserializer<? extends T> reader, BiConsumer<String, T> check) {
    addDeserializer(type, new Checked<>(reader, check));
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

  /** Reads as before, then checks. */
  private static final class Checked<T> extends ValueDeserializer<T> {
    private final ValueDeserializer<? extends T> reader;
    private final BiConsumer<String, T> check;

    Checked(ValueDeserializer<? extends T> reader, BiConsumer<String, T> check) {
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
