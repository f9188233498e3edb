package emberyard.e2e;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;

/**
 * Measures in the browser how long after a key all new figures are drawn, and how long a stop takes
 * to open. Run by {@code bin/bench}; its name keeps it out of the ordinary run, and it asserts
 * nothing.
 */
class TypingBenchmark {
  private static final int WARM = 10;
  private static final int KEYS = 40;
  private static final String BUILD = "/builds/night-pilotage/";
  private static final List<String> STOPS =
      List.of("concept", "fit", "supply", "make", "finish", "light", "bench", "plan", "money");

  /**
   * From the last key to the end of the frame in which the figures are drawn that were asked for
   * behind it: the page marks when they are in it, and what is posted in a frame comes after it.
   */
  private static final String DRAWN =
      """
      () => new Promise((done) => {
        const look = () => {
          const asked = performance.getEntriesByType('resource')
            .some((each) => each.name.includes('/sections') && each.startTime > window.key)
          const there = performance.getEntriesByName('figures').some((each) => each.startTime > window.key)
          if (!asked || !there) return setTimeout(look, 1)
          requestAnimationFrame(() => {
            const { port1, port2 } = new MessageChannel()
            port1.onmessage = () => done(performance.now() - window.key)
            port2.postMessage(0)
          })
        }
        look()
      })
      """;

  /** From the press of a stop's key to the frame in which its title is there. */
  private static final String OPENED =
      """
      (stop) => new Promise((done) => {
        const begun = performance.now()
        const link = document.querySelector(`header a[href$="/night-pilotage/${stop}"]`)
        const before = document.querySelector('.stage h2')
        link.click()
        const look = () => {
          const now = document.querySelector('.stage h2')
          if (now && now !== before) requestAnimationFrame(() => done(performance.now() - begun))
          else setTimeout(look, 1)
        }
        look()
      })
      """;

  /**
   * What is typed.
   *
   * @param stop with what is shown of it
   * @param open a button to press first, nothing for none
   * @param before what stands before the digits
   */
  private record Typed(String what, String stop, String open, String label, String before) {}

  private static final Typed WIDTH = new Typed("a part’s width", "make", "", "Width", "4");
  private static final Typed COATS =
      new Typed("coats of a layer", "finish", "Chart cream", "Coats", "");
  private static final Typed COMPONENT =
      new Typed("a component’s mass", "fit?show=hardware", "", "Mass of one", "");
  private static final Typed LEAD =
      new Typed("a lead time", "fit?show=hardware", "", "Lead time", "");

  @Test
  void measure() throws IOException {
    try (Yard yard = Yard.demo()) {
      Page page = yard.signedIn("ines");
      page.addInitScript(
          "addEventListener('keydown', () => (window.key = performance.now()), true)");
      Typed name = new Typed("a client’s name", "brief", "", "Client", "Guild ");
      row(name.what, typed(yard, page, name), "80 / 120 ms");
      for (Typed each : List.of(WIDTH, COATS, COMPONENT, LEAD)) {
        row(each.what, typed(yard, page, each), "80 / 120 ms");
      }
      row("opening a stop for the first time", opened(yard, page), "150 / 250 ms");
      grow(page);
      for (Typed each : List.of(WIDTH, COATS, COMPONENT, LEAD)) {
        row(each.what + ", five times as large", typed(yard, page, each), "120 / 180 ms");
      }
    }
  }

  /** Night Pilotage becomes as large as it was written down by the benchmark before. */
  private static void grow(Page page) throws IOException {
    String large = Files.readString(Path.of(System.getProperty("ember.bench.large")));
    Object status =
        page.evaluate(
            """
            async (body) => {
              const token = document.cookie.match(/XSRF-TOKEN=([^;]+)/)[1]
              const headers = { 'Content-Type': 'application/json', 'X-XSRF-TOKEN': token }
              const init = { method: 'POST', headers, body }
              return (await fetch('/api/import?existing=REPLACE', init)).status
            }
            """,
            large);
    if (!Integer.valueOf(200).equals(status)) {
      throw new IllegalStateException("the large build was not taken: " + status);
    }
  }

  private static List<Double> typed(Yard yard, Page page, Typed typed) {
    page.navigate(yard.address(BUILD + typed.stop));
    if (!typed.open.isEmpty()) {
      Page.GetByRoleOptions named = new Page.GetByRoleOptions().setName(typed.open).setExact(true);
      page.getByRole(AriaRole.BUTTON, named).first().click();
    }
    Locator field =
        page.getByLabel(typed.label, new Page.GetByLabelOptions().setExact(true)).first();
    List<Double> waits = new ArrayList<>();
    for (int i = 0; i < WARM + KEYS; i++) {
      field.fill(typed.before + (1 + i % 5));
      page.waitForTimeout(600);
      page.evaluate("() => performance.clearResourceTimings()");
      field.press("" + i % 10);
      waits.add(((Number) page.evaluate(DRAWN)).doubleValue());
      page.waitForTimeout(200);
    }
    return waits.subList(WARM, waits.size());
  }

  private static List<Double> opened(Yard yard, Page page) {
    List<Double> waits = new ArrayList<>();
    for (int round = 0; round < 4; round++) {
      page.navigate(yard.address(BUILD + "history"));
      page.locator(".stage h2").first().waitFor();
      for (String stop : STOPS) {
        page.waitForTimeout(300);
        double wait = ((Number) page.evaluate(OPENED, stop)).doubleValue();
        if (round > 0) {
          waits.add(wait);
        }
      }
    }
    return waits;
  }

  private static void row(String what, List<Double> measured, String wanted) throws IOException {
    List<Double> waits = measured.stream().sorted().toList();
    String row =
        "| in the browser: %s (%d) | %.1f ms | %.1f ms | | %s |%n"
            .formatted(
                what,
                waits.size(),
                waits.get(waits.size() / 2),
                waits.get(waits.size() * 95 / 100),
                wanted);
    Path report = Path.of(System.getProperty("ember.bench"));
    String text = Files.readString(report);
    int end = text.indexOf("\nScript of the first screen");
    Files.writeString(
        report,
        text.substring(0, end) + row + text.substring(end),
        StandardOpenOption.TRUNCATE_EXISTING);
  }
}
