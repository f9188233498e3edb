package emberyard.e2e;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.BoundingBox;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.util.List;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/**
 * Measures in the browser how long after the hand moved a thing its finding says the new number.
 * Run by {@code bin/bench}; its name keeps it out of the ordinary run, and it asserts nothing.
 */
class DragBenchmark {
  private static final int MOVES = 60;

  @Test
  void measure() throws IOException {
    try (Yard yard = Yard.demo()) {
      Page page = yard.signedIn("ines");
      page.navigate(yard.address("/builds/night-pilotage/concept"));
      Locator lamp =
          page.getByRole(
              AriaRole.BUTTON,
              new Page.GetByRoleOptions().setName(Pattern.compile("^Masthead lamp, ")));
      BoundingBox box = lamp.boundingBox();
      page.evaluate(
          """
          () => {
            window.moved = 0
            window.waits = []
            addEventListener('pointermove', () => (window.moved = performance.now()), true)
            new MutationObserver(() => {
              const said = document.querySelector('.watch')?.innerText.match(/hangs ([\\d.]+) mm/)?.[1]
              if (said && said !== window.said) {
                window.said = said
                window.waits.push(performance.now() - window.moved)
              }
            }).observe(document.querySelector('.watch'), { subtree: true, childList: true, characterData: true })
          }
          """);
      page.mouse().move(box.x + 6, box.y + 6);
      page.mouse().down();
      page.keyboard().down("Alt");
      for (int i = 0; i < MOVES; i++) {
        page.mouse().move(box.x + 120 + i, box.y + 6);
        page.waitForTimeout(250);
      }
      page.mouse().up();
      write(page.evaluate("() => window.waits.slice(5)"));
    }
  }

  private static void write(Object measured) throws IOException {
    List<Double> waits =
        ((List<?>) measured).stream().map(wait -> ((Number) wait).doubleValue()).sorted().toList();
    String row =
        "| in the browser, from the hand’s move to the finding’s new number (%d moves) | %.1f ms | %.1f ms | | 100 ms |%n"
            .formatted(
                waits.size(), waits.get(waits.size() / 2), waits.get(waits.size() * 95 / 100));
    Path report = Path.of(System.getProperty("ember.bench"));
    String text = Files.readString(report);
    String last = "`GET …/options`";
    int end = text.indexOf('\n', text.indexOf(last)) + 1;
    Files.writeString(
        report,
        text.substring(0, end) + row + text.substring(end),
        StandardOpenOption.TRUNCATE_EXISTING);
  }
}
