package emberyard.server.demo;

import java.time.DayOfWeek;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZoneId;
import java.time.temporal.ChronoUnit;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

/**
 * The days of the demo's files, which count from the day that the demo starts:
 *
 * <ul>
 *   <li>{@code today}, {@code today -13 working days}, {@code today +2 days}: a date
 *   <li>{@code today -13 working days at 09:00}: an instant in the workshop's zone
 *   <li>{@code now -50 minutes}: an instant
 *   <li>{@code zone of this machine}: the zone
 * </ul>
 *
 * Working days are Monday to Friday. A demo that starts at a weekend counts back from the Friday
 * before and on from the Monday after. Example: started on Saturday, 2026-11-28, "today" and "today
 * -1 working days" are the 27th and the 26th, "today +1 working days" is the 30th.
 */
record DemoDays(Instant now, ZoneId zone) {
  private static final String ZONE = "zone of this machine";
  private static final Pattern DAY =
      Pattern.compile("today(?: ([+-]\\d{1,3}) (working )?days)?(?: at (\\d\\d:\\d\\d))?");
  private static final Pattern MINUTES = Pattern.compile("now ([+-]\\d{1,4}) minutes");

  /** The same tree with real days. */
  JsonNode laid(JsonNode tree) {
    if (tree instanceof ObjectNode object) {
      ObjectNode laid = JsonNodeFactory.instance.objectNode();
      object.properties().forEach(each -> laid.set(each.getKey(), laid(each.getValue())));
      return laid;
    }
    if (tree instanceof ArrayNode list) {
      ArrayNode laid = JsonNodeFactory.instance.arrayNode();
      list.forEach(each -> laid.add(laid(each)));
      return laid;
    }
    return tree.isString() ? JsonNodeFactory.instance.stringNode(said(tree.asString())) : tree;
  }

  /** What a text of a file means on this day; other texts stay. */
  String said(String text) {
    Matcher minutes = MINUTES.matcher(text);
    if (minutes.matches()) {
      long from = Long.parseLong(minutes.group(1));
      return now.truncatedTo(ChronoUnit.MINUTES).plus(from, ChronoUnit.MINUTES).toString();
    }
    Matcher day = DAY.matcher(text);
    if (day.matches()) {
      LocalDate date = date(day.group(1), day.group(2) != null);
      return day.group(3) == null ? date.toString() : at(date, LocalTime.parse(day.group(3)));
    }
    return text.equals(ZONE) ? zone.getId() : text;
  }

  private LocalDate date(@Nullable String offset, boolean working) {
    int days = offset == null ? 0 : Integer.parseInt(offset);
    LocalDate today = now.atZone(zone).toLocalDate();
    return working || offset == null ? workingDay(today, days) : today.plusDays(days);
  }

  private String at(LocalDate date, LocalTime time) {
    return date.atTime(time).atZone(zone).toInstant().toString();
  }

  /** So many working days after (or before) the last one up to a day. */
  static LocalDate workingDay(LocalDate day, int offset) {
    LocalDate found = day;
    while (atWeekend(found)) {
      found = found.minusDays(1);
    }
    for (int i = 0; i < Math.abs(offset); i++) {
      do {
        found = found.plusDays(Integer.signum(offset));
      } while (atWeekend(found));
    }
    return found;
  }

  private static boolean atWeekend(LocalDate day) {
    return day.getDayOfWeek().compareTo(DayOfWeek.FRIDAY) > 0;
  }
}
