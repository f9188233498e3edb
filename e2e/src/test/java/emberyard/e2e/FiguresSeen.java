package emberyard.e2e;

import com.microsoft.playwright.Page;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/** Amounts that screens show, by the keys of their figures: equal keys are equal cents. */
final class FiguresSeen {
  private final Map<String, Seen> seen = new HashMap<>();
  private final List<String> contradictions = new ArrayList<>();

  private int sums;

  /** Where a figure was shown first, and on how many screens. */
  private record Seen(String cents, String screen, int screens) {
    Seen again(String where) {
      return new Seen(cents, screen, screen.equals(where) ? screens : screens + 1);
    }
  }

  /** Reads all amounts of a screen: digits and sign, whatever the marks between them are. */
  @SuppressWarnings("unchecked")
  void read(Page page, String screen) {
    List<List<String>> shown =
        (List<List<String>>)
            page.evaluate(
                """
                () => [...document.querySelectorAll('[data-figure*="/"]')].map((each) => [
                  each.dataset.figure,
                  (each.value ?? each.textContent).replace('−', '-').replace(/[^\\d-]/g, ''),
                ])
                """);
    for (List<String> each : shown) {
      String cents = each.get(1);
      Seen now =
          seen.merge(
              each.get(0), new Seen(cents, screen, 1), (before, first) -> before.again(screen));
      if (!now.cents().equals(cents)) {
        contradictions.add(
            "%s is %s on %s, and %s on %s"
                .formatted(each.get(0), now.cents(), now.screen(), cents, screen));
      }
    }
    sums(page, screen);
  }

  /** A sum of figures that were seen is what they make together. */
  @SuppressWarnings("unchecked")
  private void sums(Page page, String screen) {
    List<List<Object>> shown =
        (List<List<Object>>)
            page.evaluate(
                """
                () => [...document.querySelectorAll('[data-sum]')].map((each) => [
                  each.textContent.replace('−', '-').replace(/[^\\d-]/g, ''),
                  JSON.parse(each.dataset.sum),
                ])
                """);
    for (List<Object> each : shown) {
      List<String> keys = (List<String>) each.get(1);
      if (seen.keySet().containsAll(keys)) {
        sums++;
        long together = keys.stream().mapToLong(key -> Long.parseLong(seen.get(key).cents())).sum();
        if (together != Long.parseLong((String) each.get(0))) {
          contradictions.add("%s is not the sum of %s on %s".formatted(each.get(0), keys, screen));
        }
      }
    }
  }

  /** Sums whose parts were all seen. */
  int sums() {
    return sums;
  }

  /** Amounts that stand by themselves, not in a sentence, and don't say which figure they are. */
  @SuppressWarnings("unchecked")
  static List<String> without(Page page) {
    return (List<String>)
        page.evaluate(
            """
            () => [...document.querySelectorAll('main *')]
              .filter((each) => !each.children.length && !each.closest('[data-figure], [data-sum], svg'))
              .filter((each) => /^[−+-]?€[\\d.,]+$/.test(each.textContent.trim()))
              .map((each) => each.outerHTML + ' in ' + each.parentElement.textContent)
            """);
  }

  /** Figures that one screen shows otherwise than another. */
  List<String> contradictions() {
    return contradictions;
  }

  long onSeveralScreens() {
    return seen.values().stream().filter(each -> each.screens() > 1).count();
  }
}
