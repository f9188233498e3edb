package emberyard.e2e;

import static emberyard.e2e.Opener.choose;
import static org.junit.jupiter.api.Assertions.assertEquals;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.PlaywrightException;
import com.microsoft.playwright.options.FilePayload;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.Queue;
import java.util.Set;
import java.util.TreeSet;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ConcurrentLinkedQueue;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.regex.Pattern;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/**
 * Every field of every screen keeps what a slow hand types: pauses of 50 ms, 700 ms and 5 s, a
 * server that takes 2 s. Run by {@code bin/prove}; {@link SlowTypingTest} is the short form.
 */
class SlowTypingProof {
  /** Narrows the screens while the proof itself is worked on. */
  private static final Pattern ONLY = Pattern.compile(System.getProperty("ember.only", ""));

  private static final boolean SLOW = Boolean.getBoolean("ember.long");

  /** They wait more than they work: some type at once. */
  private static final int HANDS = 2;

  /** A screen with what opens its forms, one after the other. */
  private record Screen(String build, String path, List<Opener> openers) {
    String address() {
      return (build == null ? "" : "/builds/" + build) + path;
    }
  }

  /** Openers are gestures, or words: "*" unfolds everything, others begin a button. */
  private static Screen of(String build, String path, Object... openers) {
    return new Screen(
        build,
        path,
        Stream.of(openers)
            .map(each -> each instanceof Opener opener ? opener : Opener.of(each.toString()))
            .toList());
  }

  private static final FilePayload DRAWING =
      new FilePayload(
          "plate.svg",
          "image/svg+xml",
          ("<svg xmlns='http://www.w3.org/2000/svg' width='80mm' height='40mm'"
                  + " viewBox='0 0 80 40'><path d='M0 0H80V40H0Z'/></svg>")
              .getBytes(StandardCharsets.UTF_8));

  private static final FilePayload PHOTO =
      new FilePayload("bench.png", "image/png", Pictures.bands(160, 120, 0x5A6E64, 0xEDE3C4));

  private static final String NIGHT = "night-pilotage";

  private static final List<Screen> SCREENS =
      List.of(
          // first: what is typed into parts elsewhere leaves no piece on the sheet
          of(NIGHT, "/make?show=sheets", new Opener.Click("svg .piece")),
          of(
              NIGHT,
              "/bench",
              "Note on",
              "Hours of",
              "Type hours",
              "Done otherwise: ",
              "Done: ",
              "another time",
              "no time",
              "A snag at"),
          of("moss-archive", "/bench", "Change: Hinge side"),
          of("moss-archive", "/history", "In my words"),
          of(null, "/bench", "Not before"),
          of(null, "/bench?build=night-pilotage&card=prove%2Fhardware", "Record the check"),
          of(
              null,
              "/bench?build=night-pilotage&card=scheme%3Anight-pilotage-left-paint%2Fgreen%2F1",
              new Opener.Finish(),
              "Do again",
              "A fault"),
          of(
              null,
              "/bench?build=line-9-depot&card=parcel%3Arookery%2F2026-03-03",
              "Open: Open and check Board"),
          of(
              null,
              "/bench",
              new Opener.Click("[aria-label='Day of']"),
              new Opener.Click("li[role=option]:has-text('Lotte Haas')")),
          of(null, "/yard", "Start a build"),
          of(null, "/suppliers"),
          of(null, "/workshop", "Hours of Ines", "8 settings", "New password for"),
          of(null, "/stock", "Inserts M3"),
          of(
              null,
              "/stock?show=lists",
              "All values of Grey",
              "Sheets",
              "Films",
              "Filaments",
              "Offcuts"),
          of(null, "/stock?show=lists", "Bring in paints"),
          of(NIGHT, "/brief", "*"),
          of(
              NIGHT,
              "/brief",
              "Room for ten years",
              choose("Measure", "ready on or before"),
              choose("Measure", "total cost")),
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
          of("glasshouse", "/concept"),
          of("glasshouse", "/concept?show=agreed"),
          of(
              NIGHT,
              "/fit?show=hardware",
              "Take from the library",
              "Board Dunlin",
              "Say how it joins others",
              "Processor Plover",
              "Graphics Gannet",
              "Cooler Heron",
              "Drive Shale",
              "Memory Siskin",
              "Supply Basalt",
              "Fan Swift 120 fan",
              "*"),
          of(NIGHT, "/fit?show=enclosure", "Front fans", "Add a mounting", "*", "Choose another"),
          of(NIGHT, "/fit?show=cooled", "Add a loop", "Add a tube"),
          of(
              NIGHT,
              "/fit?show=air",
              "Side field",
              "Back grille",
              "Add an opening",
              choose("Holes", "slots")),
          of(NIGHT, "/fit?show=space", "Pin it here"),
          of(NIGHT, "/fit?show=stands"),
          of(NIGHT, "/fit?show=sheets", "Add a stack", "Add a screw", "Add posts", "Add a shelf"),
          of(NIGHT, "/supply", "What is in it"),
          of(
              "line-9-depot",
              "/supply",
              new Opener.UnfoldEach("What is in it"),
              "Offers: Depot red",
              "Another offer",
              "More: "),
          of("moss-archive", "/supply?show=lent"),
          of("line-9-depot", "/supply?show=way", "More of Destination board 1", "More of Fitting"),
          of(NIGHT, "/supply?show=here", "More of Smoke acrylic 3 mm", "Customs ask duty"),
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
              "Brass trim"),
          of(NIGHT, "/make", "From a drawing", new Opener.Give(DRAWING)),
          of(
              NIGHT,
              "/make?show=parts",
              choose("Cut by", "outside work"),
              choose("Held by", "magnets"),
              choose("Step", "Sink a pocket"),
              "Add this step",
              new Opener.Click("label:text-is('copies')")),
          of(
              NIGHT,
              "/make?show=joints",
              "Bracket, rib",
              choose("They meet by", "shared holes"),
              "Add a hole"),
          of(NIGHT, "/make?show=prints", "Plan one before its file"),
          of(NIGHT, "/make?show=photo", new Opener.Give(PHOTO), "At a slant"),
          of(
              NIGHT,
              "/finish",
              "*",
              "Depth lines",
              "HARROW",
              new Opener.Click(".layers .words"),
              "Schemes from"),
          of(NIGHT, "/finish?show=film", "Add a touch", choose("What", "edge line")),
          of(
              NIGHT,
              "/finish?show=outside",
              "Send something out",
              choose("What is done", "UV print")),
          of(NIGHT, "/finish?show=air"),
          of(
              NIGHT,
              "/light?show=runs",
              "Accept it",
              new Opener.Click("label:text-is('laid along edges')")),
          of(NIGHT, "/light?show=screens"),
          of("line-9-depot", "/light?show=programs"),
          of("paper-kite", "/light?show=pictures", "Tablet at the club", "*"),
          of(NIGHT, "/plan"),
          of(NIGHT, "/prove", "Record the check: Read"));

  @Test
  void everyFieldKeepsWhatASlowHandTypes() {
    Set<String> wanted = FieldTags.typed();
    Set<String> before = signedOut(wanted);
    Set<String> taken = ConcurrentHashMap.newKeySet();
    Queue<Screen> screens = new ConcurrentLinkedQueue<>(SCREENS);
    ExecutorService pool = Executors.newFixedThreadPool(HANDS);
    List<CompletableFuture<Walk>> walking =
        IntStream.range(0, HANDS)
            .mapToObj(
                hand -> CompletableFuture.supplyAsync(() -> walk(screens, wanted, taken), pool))
            .toList();
    List<Walk> walks = walking.stream().map(CompletableFuture::join).toList();
    pool.shutdown();
    SlowHands hands = walks.get(0).hands;
    walks.stream().skip(1).forEach(other -> hands.and(other.hands));
    hands.local.addAll(before);
    Set<String> unseen = new TreeSet<>(wanted);
    unseen.removeAll(hands.tags());
    report(wanted, hands, unseen);
    assertEquals(List.of(), hands.wrong);
    assertEquals(Set.of(), unseen, "every tag that can show is typed into");
    assertEquals(List.of(), walks.stream().map(Walk::complaints).flatMap(List::stream).toList());
  }

  /** What a hand typed, and what its pages complained of. */
  private record Walk(SlowHands hands, List<String> complaints) {}

  /** A hand goes to the next screen that no other has taken, in a yard of its own. */
  private static Walk walk(Queue<Screen> screens, Set<String> wanted, Set<String> taken) {
    try (Yard yard = Yard.demo()) {
      Page page = yard.signedIn("ines");
      SlowHands hands =
          SLOW
              ? new SlowHands(page, new int[] {700, 50, 5_000}, 2_000, taken)
              : new SlowHands(page, new int[] {120, 10, 120}, 40, taken);
      for (Screen next = screens.poll(); next != null; next = screens.poll()) {
        if (ONLY.matcher(next.address()).find()) {
          at(page, yard, hands, next, wanted);
        }
      }
      return new Walk(hands, yard.complaints);
    }
  }

  private static void at(Page page, Yard yard, SlowHands hands, Screen screen, Set<String> wanted) {
    try {
      page.navigate(yard.address(screen.address()));
      page.locator("main").first().waitFor();
      // beside other proofs what a screen asks for besides may be seconds late
      page.waitForTimeout(SLOW ? 4_000 : 900);
      hands.everyFieldHere(screen.build(), wanted);
      for (Opener opener : screen.openers()) {
        open(page, opener, hands, screen, wanted);
      }
    } catch (PlaywrightException lost) {
      hands.wrong.add(
          "%s: %s %s"
              .formatted(
                  screen.address(),
                  lost.getMessage().lines().limit(3).toList(),
                  page.locator("main").last().innerText().lines().limit(40).toList()));
    }
  }

  /** What could be pressed instead, to see why something could not. */
  private static final String BUTTONS =
      """
      () => [...document.querySelectorAll('main button, main summary, main h2, main h3')]
        .filter((each) => each.offsetParent !== null)
        .map((each) => (each.getAttribute('aria-label') ?? each.innerText).trim().slice(0, 40))
        .slice(0, 60).join(' / ')
      """;

  /** What was reached, for the note; {@code bin/prove} prints it. */
  private static void report(Set<String> wanted, SlowHands hands, Set<String> unseen) {
    List<String> lines =
        List.of(
            "Tags of fields in the sources: %d, not reached: %d"
                .formatted(wanted.size(), unseen.size()),
            "Fields typed into: %d, of them stored %d, refused and kept %d, of forms %d"
                .formatted(
                    hands.count(), hands.typed.size(), hands.refused.size(), hands.local.size()),
            "Refused: " + hands.refused,
            "Of forms: " + hands.local,
            "Not reached: " + unseen);
    try {
      Files.write(Path.of("target", "slow-typing.txt"), lines);
    } catch (IOException unwritten) {
      throw new UncheckedIOException(unwritten);
    }
  }

  /** The fields of the first run, where nobody is known yet, and of the door. */
  private static Set<String> signedOut(Set<String> wanted) {
    Set<String> fields = new TreeSet<>();
    try (Yard empty = Yard.empty()) {
      fields.addAll(atTheDoor(empty, "Workshop", wanted));
      fields.addAll(atTheDoor(empty, "Secret", wanted));
    }
    try (Yard demo = Yard.demo()) {
      fields.addAll(atTheDoor(demo, "Password", wanted));
    }
    return fields;
  }

  /** The fields of the page on which nobody is signed in. */
  private static Set<String> atTheDoor(Yard yard, String label, Set<String> wanted) {
    Page page = yard.window();
    if (label.equals("Secret")) {
      // from another machine: the set-up asks for what was printed at start
      page.setExtraHTTPHeaders(Map.of("X-Forwarded-For", "192.0.2.7"));
    }
    SlowHands hands = new SlowHands(page, new int[] {120, 10, 120}, 0);
    page.navigate(yard.address("/"));
    page.getByLabel(label).waitFor();
    hands.everyFieldHere("", wanted);
    assertEquals(List.of(), hands.wrong);
    return hands.local;
  }

  private static void open(
      Page page, Opener opener, SlowHands hands, Screen screen, Set<String> wanted) {
    for (int i = 0; i < opener.most(); i++) {
      if (!opener.on(page)) {
        if (opener.most() == 1) {
          hands.wrong.add(
              "%s: nothing there for %s, but for %s"
                  .formatted(screen.address(), opener, page.evaluate(BUTTONS)));
        }
        return;
      }
      // what was added is told by the server before its fields are there
      page.waitForTimeout(SLOW ? 3_500 : 450);
      hands.everyFieldHere(screen.build(), wanted);
    }
  }
}
