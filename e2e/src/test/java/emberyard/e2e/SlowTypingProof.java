package emberyard.e2e;

import static org.junit.jupiter.api.Assertions.assertEquals;

import com.microsoft.playwright.Page;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import org.junit.jupiter.api.Test;

/**
 * Every field of every screen keeps what a slow hand types: pauses of 50 ms, 700 ms and 5 s, a
 * server that takes 2 s. Run by {@code bin/prove}; {@link SlowTypingTest} is the short form.
 */
class SlowTypingProof {
  private static final boolean SLOW = Boolean.getBoolean("ember.long");

  /** A screen with what opens its forms; "*" opens everything that can be unfolded. */
  private record Screen(String build, String path, List<String> openers) {
    String address() {
      return (build == null ? "" : "/builds/" + build) + path;
    }
  }

  private static Screen of(String build, String path, String... openers) {
    return new Screen(build, path, List.of(openers));
  }

  /** Presses the button whose words begin so, or the i-th that unfolds something. */
  private static final String PRESS =
      """
      ([words, index]) => {
        const shown = [...document.querySelectorAll('main button, aside button, main summary')]
          .filter((each) => each.offsetParent !== null && !each.disabled);
        const label = (each) =>
          (each.getAttribute('aria-label') ?? each.innerText).trim().replace(/\\s+/g, ' ');
        const found = words === '*'
          ? shown.filter((each) => each.getAttribute('aria-expanded') === 'false')[index]
          : shown.find((each) => label(each).startsWith(words) || each.innerText.trim().startsWith(words));
        found?.click();
        return !!found;
      }
      """;

  private static final String NIGHT = "night-pilotage";

  private static final List<Screen> SCREENS =
      List.of(
          of(null, "/yard", "Start a build"),
          of(null, "/suppliers"),
          of(null, "/workshop", "Hours of Ines", "8 settings"),
          of(null, "/stock", "All values of Grey", "Sheets", "Films", "Filaments", "Offcuts"),
          of(NIGHT, "/brief", "*"),
          of("glasshouse", "/brief", "*"),
          of(
              NIGHT,
              "/concept",
              "Left window",
              "Vent field",
              "Window edge light",
              "Masthead lamp",
              "“HARROW",
              "Window of Left"),
          of(NIGHT, "/concept?show=palette"),
          of(NIGHT, "/concept?show=options"),
          of(NIGHT, "/concept?show=agreed"),
          of("glasshouse", "/concept?show=agreed"),
          of(
              NIGHT,
              "/fit?show=hardware",
              "Take from the library",
              "Board Dunlin",
              "Processor Plover",
              "Graphics Gannet",
              "Cooler Heron",
              "Drive Shale",
              "Memory Siskin",
              "Supply Basalt",
              "Fan Swift 120 fan",
              "*"),
          of(NIGHT, "/fit?show=enclosure", "Front fans", "Add a mounting", "*", "Choose another"),
          of(NIGHT, "/fit?show=cooled", "Add a loop", "Add a run", "*"),
          of(NIGHT, "/fit?show=air", "Side field", "Back grille", "Add an opening"),
          of(NIGHT, "/fit?show=stands"),
          of(NIGHT, "/fit?show=sheets", "Add a stack", "Add a screw", "Add posts"),
          of(NIGHT, "/supply", "Mark ordered"),
          of(
              NIGHT,
              "/make",
              "Left window",
              "*",
              "Front panel",
              "*",
              "Intake",
              "*",
              "Cable cover",
              "*",
              "Brass trim",
              "From a drawing"),
          of(NIGHT, "/make?show=joints", "Bracket, rib"),
          of(NIGHT, "/make?show=sheets"),
          of(NIGHT, "/make?show=prints", "Bollard"),
          of(NIGHT, "/finish", "*", "Depth lines", "HARROW", "Schemes from"),
          of(NIGHT, "/finish?show=film", "Add a touch"),
          of(NIGHT, "/finish?show=outside", "Send something out"),
          of(NIGHT, "/finish?show=air"),
          of(NIGHT, "/light", "Accept it"),
          of(NIGHT, "/plan"),
          of(
              NIGHT,
              "/bench",
              "Note on",
              "Do again",
              "Hours of",
              "Type hours",
              "Done: ",
              "another time",
              "no time",
              "Record the check"),
          of(NIGHT, "/prove", "Record the check: Read", "Record the check: Close"));

  @Test
  void everyFieldKeepsWhatASlowHandTypes() {
    Set<String> wanted = FieldTags.typed();
    Set<String> before = firstRun(wanted);
    try (Yard yard = Yard.demo()) {
      Page page = yard.signedIn("ines");
      SlowHands hands =
          SLOW
              ? new SlowHands(page, new int[] {700, 50, 5_000}, 2_000)
              : new SlowHands(page, new int[] {120, 10, 120}, 40);
      hands.local.addAll(before);
      for (Screen screen : SCREENS) {
        page.navigate(yard.address(screen.address()));
        page.locator("main").first().waitFor();
        page.waitForTimeout(900);
        hands.everyFieldHere(screen.build(), wanted);
        for (String opener : screen.openers()) {
          open(page, opener, hands, screen, wanted);
        }
      }
      Set<String> unseen = new TreeSet<>(wanted);
      unseen.removeIf(hands::seen);
      System.out.printf(
          "Fields: %d tags in the sources, %d typed and stored, %d refused and kept, %d of forms; %d not reached%n",
          wanted.size(),
          hands.typed.size(),
          hands.refused.size(),
          hands.local.size(),
          unseen.size());
      System.out.println("Refused: " + hands.refused);
      System.out.println("Forms: " + hands.local);
      System.out.println("Not reached: " + unseen);
      assertEquals(List.of(), hands.wrong);
      assertEquals(Set.of(), unseen, "every tag that can show is typed into");
      assertEquals(List.of(), yard.complaints);
    }
  }

  /** The fields of the first run and of the sign-in, where nobody is known yet. */
  private static Set<String> firstRun(Set<String> wanted) {
    try (Yard yard = Yard.empty()) {
      Page page = yard.window();
      SlowHands hands = new SlowHands(page, new int[] {120, 10, 120}, 0);
      page.navigate(yard.address("/"));
      page.getByLabel("Workshop").waitFor();
      hands.everyFieldHere("", wanted);
      assertEquals(List.of(), hands.wrong);
      return hands.local;
    }
  }

  private static void open(
      Page page, String opener, SlowHands hands, Screen screen, Set<String> wanted) {
    int most = opener.equals("*") ? 14 : 1;
    for (int i = 0; i < most; i++) {
      if (!Boolean.TRUE.equals(page.evaluate(PRESS, List.of(opener, i)))) {
        return;
      }
      page.waitForTimeout(450);
      hands.everyFieldHere(screen.build(), wanted);
    }
  }
}
