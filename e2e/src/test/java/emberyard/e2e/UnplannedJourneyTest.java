package emberyard.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.junit.jupiter.api.Assertions.assertEquals;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.nio.file.Path;
import java.util.List;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/**
 * Machines that no demo resembles, entered from an empty folder, each against a sheet that was
 * reckoned by hand.
 */
class UnplannedJourneyTest {
  private static final String FRONT = "From the front";
  private static final String LEFT = "From the left";

  /** A bay of a box of one's own, mm; things go in from above and anything sits in it. */
  private record BayOf(String name, int x, int y, int z, int wide, int deep, int high) {}

  /** Something measured at the bench. */
  private record ThingOf(String name, int wide, int deep, int high, String mass) {}

  private interface Walk {
    void go(Hands hands);
  }

  private static void fromNothing(String build, Walk walk) {
    try (Yard yard = Yard.empty()) {
      Page page = yard.window();
      Hands hands = new Hands(page);
      page.navigate(yard.address("/"));
      try {
        hands.begin(build).jump("3");
        walk.go(hands);
      } catch (Error | RuntimeException failed) {
        page.screenshot(
            new Page.ScreenshotOptions()
                .setPath(Path.of("target", build.toLowerCase() + "-stopped-here.png")));
        throw failed;
      }
      assertEquals(List.of(), yard.complaints);
    }
  }

  private static void box(Hands hands, String wide, String deep, String high) {
    hands.press("Measure one of our own").seesHeading("Fit");
    hands.write("Width outside", wide).write("Depth outside", deep).write("Height outside", high);
    hands.saved();
  }

  private static void bay(Hands hands, BayOf bay) {
    hands.press("Add a bay");
    hands.write("Name of the bay", bay.name).choose("Things go in from", "top");
    hands.write("From the left", "" + bay.x).write("From the front", "" + bay.y);
    hands.write("From below", "" + bay.z).write("Width", "" + bay.wide);
    hands.write("Depth", "" + bay.deep).write("Height", "" + bay.high);
    Locator anything =
        hands.page.getByLabel("anything", new Page.GetByLabelOptions().setExact(true));
    anything.check();
    hands.saved();
  }

  private static void thing(Hands hands, ThingOf thing) {
    hands.press("Add one measured here").write("Name", thing.name);
    hands.write("Mass of one", thing.mass).press("Measure it");
    hands.write("Width", "" + thing.wide).write("Depth", "" + thing.deep);
    hands.write("Height", "" + thing.high).saved();
  }

  private static void inOrder(Hands hands, String thing) {
    Locator order = hands.page.locator("ol.order");
    order.getByText(thing, new Locator.GetByTextOptions().setExact(true)).click();
  }

  /** Puts a thing by hand, with its front, or its left, at so many mm. */
  private static void pin(Hands hands, String thing, String bay, String from, int mm) {
    inOrder(hands, thing);
    hands.seesHeading(thing).press("Pin it here").choose("Bay", bay);
    hands.write(from, "" + mm).saved();
  }

  /**
   * The trailer of a model, hitch at the front, one axle 700 mm behind it.
   *
   * <pre>
   * supply   2.4 kg, 140 deep, front at  20 → centre  90: 2.4 × (700 − 90) / 700 =  2.091 kg on the hitch
   * accu     1.8 kg, 150 deep, front at 700 → centre 775: 1.8 × (700 − 775)/ 700 = −0.193
   * board    1.1 kg, 170 deep, front at 645 → centre 730: 1.1 × (700 − 730)/ 700 = −0.047
   * trailer  1.2 kg, its middle             →       500: 1.2 × (700 − 500)/ 700 =  0.343
   *                                                      sum 6.5 kg,                2.194
   * leads, screws and paint: 5 % in the middle of all    6.825 kg,                 2.304
   * </pre>
   *
   * At most 1.5 kg on the hitch: a stop. Left to the placing, nothing is too much.
   */
  @Test
  void aTrailerKeepsItsHitch() {
    fromNothing(
        "Trailer",
        hands -> {
          box(hands, "240", "1000", "200");
          hands.press("Enclosure");
          bay(hands, new BayOf("Front part", 10, 10, 10, 220, 300, 180));
          bay(hands, new BayOf("Over the axle", 10, 320, 10, 220, 310, 180));
          bay(hands, new BayOf("Rear", 10, 640, 10, 220, 350, 180));
          hands.press("Hardware");
          thing(hands, new ThingOf("Supply block", 150, 140, 86, "2.4"));
          thing(hands, new ThingOf("Accu", 80, 150, 80, "1800 g"));
          thing(hands, new ThingOf("Board block", 110, 170, 60, "1.1"));
          hands.press("Stands").write("Enclosure, empty", "1,2").press("1.2").saved();
          hitch(hands);
          hands.press("Space");
          pin(hands, "Supply block", "Front part", FRONT, 20);
          pin(hands, "Accu", "Rear", FRONT, 700);
          pin(hands, "Board block", "Rear", FRONT, 645);
          hands.press("Stands").sees("Too much on “hitch”: 2.3 kg, at most 1.5 kg");
          Locator carried = hands.page.getByLabel("What each support carries");
          assertThat(carried).containsText("2.30 kg");
          assertThat(carried).containsText("4.52 kg");
          hands.press("Space");
          for (String name : List.of("Supply block", "Accu", "Board block")) {
            inOrder(hands, name);
            hands.seesHeading(name).press("Let it be placed").saved();
          }
          assertThat(hands.page.getByText(Pattern.compile("oo much on “hitch”"))).hasCount(0);
        });
  }

  /** The front line becomes the hitch, the back one the axle. */
  private static void hitch(Hands hands) {
    Locator first = hands.page.getByLabel("Supports").locator(".line").first();
    write(first, "Foot or line", "hitch");
    write(first, "From the left", "120");
    write(first, "From the front", "0");
    write(first, "To, from the left", "");
    write(first, "May carry", "1.5 kg");
    Locator second = hands.page.getByLabel("Supports").locator(".line").nth(1);
    write(second, "Foot or line", "axle");
    write(second, "From the left", "20");
    write(second, "To, from the left", "220");
    write(second, "From the front", "700");
    hands.saved();
  }

  private static void write(Locator in, String label, String text) {
    in.getByLabel(label, new Locator.GetByLabelOptions().setExact(true)).fill(text);
  }

  /**
   * A machine in a garden seat: one tray under the cushion, 160 mm deep, that takes anything.
   *
   * <pre>
   * tray            480 × 160 × 90 mm
   * board block     170 × 150 × 60 → 310 left of the width
   * supply block    150 × 140 × 86 → 160 left
   * drum            172 ×  90 × 80 → 12 mm width missing; on its side it is too high
   * </pre>
   *
   * An untested card of the client's is proven before it goes in, and is asked for its plugs.
   */
  @Test
  void aSeatSaysHowMuchIsMissing() {
    fromNothing(
        "Seat",
        hands -> {
          box(hands, "520", "200", "140");
          hands.press("Enclosure");
          bay(hands, new BayOf("Under the cushion", 20, 20, 20, 480, 160, 90));
          hands.press("Hardware");
          thing(hands, new ThingOf("Board block", 170, 150, 60, "1.1"));
          thing(hands, new ThingOf("Supply block", 150, 140, 86, "2.4"));
          thing(hands, new ThingOf("Drum", 172, 90, 80, "600 g"));
          hands.press("Space").sees("Drum doesn’t go in: 12.0 mm width missing");
          hands.press("Hardware");
          hands
              .page
              .getByRole(AriaRole.BUTTON)
              .filter(new Locator.FilterOptions().setHasText("Drum"))
              .first()
              .click();
          hands.write("Width", "160").saved();
          assertThat(hands.page.getByText("Drum doesn’t go in")).hasCount(0);
          hands.choose("Kind", "graphics").choose("Comes from", "brought by the client").saved();
          hands.sees("Drum: nobody has said the expansion slot it sits in");
          hands.sees("Nobody has said whether Drum works");
          hands.press("Nobody has tried it: prove it on the bench before it goes in").saved();
          assertThat(hands.page.getByText("Nobody has said whether Drum works")).hasCount(0);
          hands.jump("p").sees("Prove Drum (untested)");
        });
  }

  /**
   * A machine behind a picture on a wall, on two hooks.
   *
   * <pre>
   * supply   2.4 kg, 150 wide, left at  50 → centre 125: 2.4 × 125 =   300
   * board    1.1 kg, 170 wide, left at 500 → centre 585: 1.1 × 585 =   643.5
   * frame    4.5 kg, its middle            →        400: 4.5 × 400 = 1,800
   *                                          8.0 kg at 2,743.5 / 8 = 342.9 mm
   * leads, screws and paint: 5 %             8.4 kg
   * hooks at 150 and 650: 8.4 × (650 − 342.9) / 500 = 5.16 kg, and 3.24 kg
   * </pre>
   *
   * At most 5 kg on the left one: a stop. It doesn’t tip, and its hooks are asked about.
   */
  @Test
  void aPictureHangsOnItsHooks() {
    fromNothing(
        "Picture",
        hands -> {
          box(hands, "80 cm", "9 cm", "60 cm");
          hands.press("Enclosure");
          bay(hands, new BayOf("Behind the picture", 10, 10, 10, 780, 70, 580));
          hands.press("Hardware");
          thing(hands, new ThingOf("Supply block", 150, 60, 86, "2.4"));
          thing(hands, new ThingOf("Board block", 170, 40, 150, "1100 g"));
          hands.press("Stands").write("Enclosure, empty", "4.5").saved().sees("tips over");
          hands.choose("Stands or hangs on", "hooks on a wall").saved();
          hook(hands, 0, "left hook", "150", "5");
          hook(hands, 1, "right hook", "650", "");
          hands.press("Space");
          pin(hands, "Supply block", "Behind the picture", LEFT, 50);
          pin(hands, "Board block", "Behind the picture", LEFT, 500);
          hands.press("Stands").sees("Too much on “left hook”: 5.16 kg, at most 5 kg");
          hands.sees("8.4 kg hang on the wall: what “right hook” may carry nobody has said");
          Locator carried = hands.page.getByLabel("What each support carries");
          assertThat(carried).containsText("5.16 kg");
          assertThat(carried).containsText("3.24 kg");
          assertThat(hands.page.getByText("tips over")).hasCount(0);
          hook(hands, 0, "left hook", "150", "8 kg");
          hook(hands, 1, "right hook", "650", "8 kg");
          hands.sees("It hangs on the wall with 8.4 kg");
          assertThat(hands.page.getByText("Too much on")).hasCount(0);
        });
  }

  private static void hook(Hands hands, int number, String name, String left, String most) {
    Locator line = hands.page.getByLabel("Supports").locator(".line").nth(number);
    write(line, "Hook or rail", name);
    write(line, "From the left", left);
    write(line, "To, from the left", "");
    write(line, "May carry", most);
    hands.saved();
  }
}
