package emberyard.server.yard;

import static java.util.stream.Collectors.joining;

import emberyard.core.units.InvalidValue;
import java.util.Arrays;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import org.springframework.util.StringUtils;

/** What screens ask for of a build, each by itself. */
enum Section {
  /** What is small and seen everywhere. */
  HEAD,
  /** What was typed, but for what is only looked at under {@link #AGREED}. */
  BUILD,
  /** What was frozen, and every earlier agreement. */
  AGREED,
  INTERVIEW,
  COVERAGE,
  PARTS,
  MAKE,
  FINISH,
  FIT,
  /** What feeds which screen and device. */
  WIRING,
  GLOW,
  TASKS,
  /** Tasks of made parts, without when. */
  MAKE_TASKS,
  /** Tasks of finishes. */
  FINISH_TASKS,
  NEEDS,
  /** Lines of orders, each with its money. */
  ORDERED,
  /** What to buy where. */
  BASKET,
  BUDGET,
  FINDINGS,
  CHAIN;

  String word() {
    String[] words = name().toLowerCase(Locale.ROOT).split("_");
    return words[0] + Arrays.stream(words).skip(1).map(StringUtils::capitalize).collect(joining());
  }

  /**
   * Sections by their words.
   *
   * @throws InvalidValue for a word that is none
   */
  static Set<Section> of(List<String> words) {
    Set<Section> sections = EnumSet.noneOf(Section.class);
    for (String word : words) {
      sections.add(
          Arrays.stream(values())
              .filter(each -> each.word().equals(word))
              .findFirst()
              .orElseThrow(() -> new InvalidValue("want", unknown(word))));
    }
    return sections;
  }

  private static String unknown(String word) {
    return "There is no section “%s”; there are %s."
        .formatted(word, Arrays.stream(values()).map(Section::word).collect(joining(", ")));
  }
}
