package emberyard.server.supply.standin;

import emberyard.server.supply.shop.ShopOrder.ShopFact;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** What the label says of a thing that is not what was ordered. */
final class WrongThing {
  private static final Pattern NUMBER = Pattern.compile("\\d+(\\.\\d+)?");
  private static final Map<String, String> OTHER_SIDE =
      Map.of("left", "right", "right", "left", "in", "out", "out", "in");

  private WrongThing() {}

  /**
   * The same facts, the first of them another: half of its number, the other side, or another type.
   *
   * <p>Example: capacity 2 TB: capacity 1 TB.
   */
  static List<ShopFact> label(List<ShopFact> ordered) {
    List<ShopFact> label = new ArrayList<>(ordered);
    if (!label.isEmpty()) {
      ShopFact first = label.get(0);
      label.set(0, new ShopFact(first.field(), other(first.words())));
    }
    return label;
  }

  private static String other(String words) {
    Matcher number = NUMBER.matcher(words);
    if (number.find()) {
      double half = Double.parseDouble(number.group()) / 2;
      String said = half == Math.rint(half) ? "%d".formatted((long) half) : "" + half;
      return number.replaceFirst(said);
    }
    return OTHER_SIDE.getOrDefault(words.strip().toLowerCase(), "not " + words);
  }
}
