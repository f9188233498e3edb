package emberyard.core.light.port;

import static emberyard.core.light.port.PortCases.device;
import static emberyard.core.light.port.PortCases.hub;
import static emberyard.core.light.port.PortCases.lead;
import static emberyard.core.light.port.PortCases.output;
import static emberyard.core.light.port.PortCases.picture;
import static emberyard.core.light.port.PortCases.port;
import static emberyard.core.light.port.PortCases.screen;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import emberyard.core.build.LinkKind;
import emberyard.core.build.Plug;
import emberyard.core.build.Refusal;
import emberyard.core.units.InvalidValue;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;

/** The rules of the handbook, one small problem each. */
class PortRulesTest {
  private static final Link HDMI = lead("hdmi", Plug.HDMI, Plug.HDMI, 500, 600);
  private static final Link DISPLAY = lead("dp", Plug.DISPLAY_PORT, Plug.DISPLAY_PORT, 500, 900);
  private static final Link ADAPTER =
      picture("dp-hdmi", LinkKind.ADAPTER, Plug.DISPLAY_PORT, Plug.HDMI, 1, 7.2, 900);
  private static final Source CARD_HDMI = output("card/hdmi", "card", Plug.HDMI, 14.4, 3);
  private static final Source CARD_DP = output("card/dp", "card", Plug.DISPLAY_PORT, 25.92, 3);

  private final List<Source> sources = new ArrayList<>();
  private final List<Link> links = new ArrayList<>(List.of(HDMI, DISPLAY));
  private final List<Sink> sinks = new ArrayList<>();
  private final List<FixedLink> fixed = new ArrayList<>();

  private PortProblem problem() {
    return new PortProblem(sources, links, sinks, fixed);
  }

  private PortAnswer solved() {
    return PortSolver.solve(problem());
  }

  private String why(String sinkId) {
    return new PortReasons(problem(), solved())
        .dark().stream()
            .filter(each -> each.sinkId().equals(sinkId))
            .findFirst()
            .orElseThrow()
            .words();
  }

  /** An adapter leads one way: from DisplayPort to HDMI, never back. */
  @Test
  void anAdapterLeadsOneWay() {
    sources.add(CARD_DP);
    links.add(ADAPTER);
    sinks.add(screen("s", Plug.HDMI, 300, 1.6));
    assertEquals(List.of("dp-hdmi"), solved().feed("s").orElseThrow().via());
    sources.set(0, CARD_HDMI);
    sinks.set(0, screen("s", Plug.DISPLAY_PORT, 300, 1.6));
    assertEquals("No socket can feed it: card/hdmi has no way to DisplayPort.", why("s"));
  }

  /** The least of source, adapter and lead is what a way carries. */
  @Test
  void aWayCarriesTheLeastOnIt() {
    sources.add(CARD_DP);
    links.add(ADAPTER);
    sinks.add(screen("s", Plug.HDMI, 300, 7.2));
    assertTrue(solved().possible());
    sinks.set(0, screen("s", Plug.HDMI, 300, 7.3));
    assertEquals(
        "No socket can feed it: card/dp carries less than the 7.3 Gbit/s of its picture.",
        why("s"));
    links.add(picture("active", LinkKind.ADAPTER, Plug.DISPLAY_PORT, Plug.HDMI, 1, 14.4, 1_900));
    assertEquals(List.of("active"), solved().feed("s").orElseThrow().via());
  }

  /** A passive lead past its length drops to the next standard below. */
  @Test
  void aLongPassiveLeadCarriesLess() {
    assertEquals(14.4, HDMI.withGbitPerSecond(14.4).carries());
    assertEquals(14.4, HDMI.withGbitPerSecond(14.4).withLengthMm(3_000).carries());
    assertEquals(8.16, HDMI.withGbitPerSecond(14.4).withLengthMm(5_000).carries());
    assertEquals(17.28, DISPLAY.withLengthMm(2_500).carries());
    Link usb = lead("usb", Plug.USB_A, Plug.USB_B, 3_000, 0);
    assertEquals(
        List.of(3, 2, 0),
        List.of(usb.data(), usb.withLengthMm(4_000).data(), usb.withLengthMm(6_000).data()));
  }

  /** Two pictures through one hub add up; the third does not go through 17.28 Gbit/s. */
  @Test
  void aPictureHubCarriesTheSumOfItsPictures() {
    sources.add(CARD_DP);
    links.add(picture("hub", LinkKind.HUB, Plug.DISPLAY_PORT, Plug.HDMI, 3, 17.28, 4_900));
    for (int i = 1; i <= 3; i++) {
      sinks.add(screen("s" + i, Plug.HDMI, 300, 8));
    }
    assertEquals(1, solved().dark().size());
    sinks.replaceAll(sink -> sink.withGbitPerSecond(5));
    assertTrue(solved().possible());
    assertEquals(4_900 + 3 * 600, solved().moneyMinor());
    sources.set(0, CARD_DP.withAtOnce(2));
    assertEquals(1, solved().dark().size(), "the card gives two at once");
  }

  /** A chain carries the sum too, and the one that lets through comes first. */
  @Test
  void aChainCarriesTheSumOfItsPictures() {
    sources.add(CARD_DP);
    sinks.add(screen("a", Plug.DISPLAY_PORT, 300, 10).withPassesOnGbit(17.28));
    sinks.add(screen("b", Plug.DISPLAY_PORT, 300, 10));
    assertTrue(solved().possible());
    assertEquals("a", solved().feed("b").orElseThrow().behindSinkId());
    sinks.replaceAll(sink -> sink.withGbitPerSecond(13));
    assertFalse(solved().possible(), "26 Gbit/s through 25.92");
  }

  /** One splitter shows one picture, the least of its group, on one output. */
  @Test
  void aSplitterGivesOnePictureToItsGroup() {
    sources.add(CARD_HDMI.withAtOnce(1));
    links.add(picture("split", LinkKind.SPLITTER, Plug.HDMI, Plug.HDMI, 2, 8.16, 1_400));
    sinks.add(screen("a", Plug.HDMI, 300, 12));
    sinks.add(screen("b", Plug.HDMI, 300, 3));
    assertEquals(1, solved().dark().size(), "each wants a picture of its own");
    sinks.replaceAll(sink -> sink.withMirror("both"));
    assertTrue(solved().possible(), "both show what b takes");
    assertEquals(1, new PortReasons(problem(), solved()).streams("card"));
    sinks.set(0, sinks.get(0).withRefuses(Set.of(Refusal.SPLITTER)));
    assertEquals(1, solved().dark().size());
  }

  /** What refuses a hub goes straight, though the hub is there and costs nothing. */
  @Test
  void whatRefusesAHubIsPluggedInBeforeTheOthers() {
    sources.add(port("header", "board", Plug.USB_2_HEADER, 2, 0.5));
    sources.add(port("header2", "board", Plug.USB_2_HEADER, 2, 0.5));
    links.add(
        hub("hub", Plug.USB_2_HEADER, 3, 2, 3, 2_400).withOut(Plug.USB_2_SINGLE).withOwned(1));
    sinks.add(device("lights", Plug.USB_2_HEADER, 2, 0.1).withRefuses(Set.of(Refusal.HUB)));
    sinks.add(device("dial", Plug.USB_2_HEADER, 2, 0.1));
    sinks.add(device("knob", Plug.USB_2_HEADER, 2, 0.1));
    PortAnswer answer = solved();
    assertTrue(answer.possible());
    assertEquals(List.of(), answer.feed("lights").orElseThrow().via());
    assertEquals(List.of("hub"), answer.feed("dial").orElseThrow().via());
    assertEquals(0, answer.moneyMinor(), "it is there already");
    sources.remove(1);
    assertEquals("What could feed it is taken: header feeds dial and knob.", why("lights"));
  }

  /** Five pins leave the other port of a header free; nine cover both. */
  @Test
  void aHeaderHasTwoPorts() {
    sources.add(port("header", "board", Plug.USB_2_HEADER, 2, 0.5));
    sinks.add(device("a", Plug.USB_2_HALF, 2, 0.5));
    sinks.add(device("b", Plug.USB_2_HALF, 2, 0.5));
    assertTrue(solved().possible(), "each has half an ampere of its own");
    sinks.set(1, device("b", Plug.USB_2_HEADER, 2, 0.1));
    assertEquals(1, solved().dark().size());
    links.add(
        picture("breakout", LinkKind.BREAKOUT, Plug.USB_2_HEADER, Plug.USB_2_SINGLE, 2, 0, 700)
            .withUsb(2));
    assertTrue(solved().possible());
  }

  /** A hub without a supply has 0.4 A for all its sockets, one with a supply what that gives. */
  @Test
  void aHubFeedsNoMoreThanItHas() {
    sources.add(port("rear", "board", Plug.USB_A, 2, 0.5));
    links.add(hub("bus", Plug.USB_A, 3, 2, 0, 900));
    links.add(hub("fed", Plug.USB_A, 3, 2, 2.5, 2_400));
    sinks.add(device("a", Plug.USB_A, 2, 0.2));
    sinks.add(device("b", Plug.USB_A, 2, 0.2));
    assertEquals(List.of("bus"), solved().feed("a").orElseThrow().via());
    sinks.set(1, device("b", Plug.USB_A, 2, 0.3));
    assertEquals(List.of("fed"), solved().feed("a").orElseThrow().via());
    sinks.set(1, device("b", Plug.USB_A, 2, 2.6));
    assertEquals(List.of("b"), solved().dark());
    assertEquals("No socket can feed it: rear gives less than the 2.6 A that it draws.", why("b"));
  }

  /** Pictures as data share 35 MB/s of one controller. */
  @Test
  void picturesAsDataShareTheirController() {
    for (int i = 1; i <= 3; i++) {
      sources.add(port("rear" + i, "board", Plug.USB_A, 2, 0.5));
      sinks.add(
          device("s" + i, Plug.USB_A, 2, 0.2)
              .with()
              .want(Sink.Want.PICTURE_AS_DATA)
              .megabytesPerSecond(11)
              .build());
    }
    assertTrue(solved().possible());
    sinks.replaceAll(sink -> sink.withMegabytesPerSecond(12));
    assertEquals(1, solved().dark().size(), "36 MB/s");
  }

  /** A plug that stands out further than there is room is not taken. */
  @Test
  void aPlugGoesWhereThereIsRoom() {
    sources.add(CARD_HDMI);
    sinks.add(screen("s", Plug.HDMI, 300, 1.6).withPlugFreeMm(20));
    assertEquals(
        "No socket can feed it: card/hdmi has no lead whose plug goes into 20.0 mm.", why("s"));
    links.add(HDMI.with().id("angled").priceMinor(1_200).plugMm(14).build());
    assertEquals("angled", solved().feed("s").orElseThrow().lead().linkId());
  }

  /** What somebody chose stays, and costs what it costs; the others go round it. */
  @Test
  void theRestGoesRoundWhatIsFixed() {
    sources.add(CARD_HDMI);
    sources.add(CARD_DP);
    links.add(ADAPTER);
    sinks.add(screen("a", Plug.HDMI, 300, 1.6));
    sinks.add(screen("b", Plug.HDMI, 300, 1.6));
    assertTrue(solved().possible());
    fixed.add(new FixedLink("b", "card/hdmi", null));
    assertEquals("card/hdmi", solved().feed("b").orElseThrow().sourceId());
    assertEquals("card/dp", solved().feed("a").orElseThrow().sourceId());
    links.remove(ADAPTER);
    assertEquals(List.of("a"), solved().dark(), "the fixed one comes first");
    fixed.set(0, new FixedLink("b", "card/dp", List.of()));
    assertEquals("The way that was fixed by hand does not work: has no way to HDMI.", why("b"));
  }

  @Test
  void whatIsThereTwiceOrTooMuchIsRefused() {
    sinks.add(screen("a", Plug.HDMI, 300, 1.6));
    sinks.add(screen("a", Plug.HDMI, 300, 1.6));
    InvalidValue twice = assertThrows(InvalidValue.class, this::problem);
    assertEquals("sinks", twice.field());
    sinks.clear();
    for (int i = 0; i <= PortProblem.MOST_SINKS; i++) {
      sinks.add(screen("s" + i, Plug.HDMI, 300, 1.6));
    }
    assertThrows(InvalidValue.class, this::problem);
  }

  /** A link is left out of the search where one that costs no more does all that it does. */
  @Test
  void onlyWhatIsNoBetterIsReplaced() {
    Link plain = PortCases.hub("hub", Plug.USB_A, 4, 2, 0, 1_500);
    assertTrue(replaces(plain, plain.withId("hub-2").withPriceMinor(1_600)));
    assertTrue(replaces(plain.withOuts(7), plain));
    assertFalse(replaces(plain, plain.withOuts(5)));
    assertFalse(replaces(plain, plain.withUsb(3)));
    assertFalse(replaces(plain, plain.withOwnAmps(2)), "a supply of its own");
    assertTrue(replaces(plain.withOwnAmps(2), plain));
    assertFalse(replaces(plain, plain.withLengthMm(100)), "a shorter lead");
    assertFalse(replaces(plain.withDrawsAmps(0.2), plain), "it takes more itself");
    assertFalse(replaces(plain, plain.withIn(Plug.TYPE_C)));
    assertFalse(
        PortItem.of(plain.withOwned(1), true, 0).replaces(PortItem.of(plain, false, -1)),
        "one that is there is one only");
  }

  private static boolean replaces(Link one, Link other) {
    return PortItem.of(one, false, -1).replaces(PortItem.of(other, false, -1));
  }

  /** Whoever fixed a way through a dear hub gets it through that hub. */
  @Test
  void whatIsFixedKeepsItsLinks() {
    sources.add(PortCases.port("rear", "board", Plug.USB_A, 2, 0.5));
    links.add(PortCases.hub("cheap", Plug.USB_A, 4, 2, 0, 1_500));
    links.add(PortCases.hub("dear", Plug.USB_A, 4, 2, 0, 1_900));
    sinks.add(PortCases.device("d", Plug.USB_A, 2, 0.1));
    fixed.add(new FixedLink("d", "rear", List.of("dear")));
    assertEquals(List.of("dear"), solved().feed("d").orElseThrow().via());
    assertEquals(1_900, solved().moneyMinor());
  }

  /** Ten screens, of them four of one picture, on seven outputs through all links: proven. */
  @Test
  void tenScreensThroughAllLinksAreProven() {
    PortProblem large = PortCases.large();
    PortProblem pictures =
        large.with(
            large.sinks().stream().filter(sink -> sink.want() == Sink.Want.PICTURE).toList());
    PortAnswer answer = PortSolver.solve(pictures, 200_000);
    assertEquals(10, pictures.sinks().size());
    assertTrue(answer.proven());
    assertTrue(answer.steps() < 100_000, () -> answer.steps() + " steps");
    assertTrue(PortRebuilt.of(pictures, answer).holds());
  }

  /** 16 screens and 12 devices that want more than there is: what is found can be built. */
  @Test
  void whatIsNotProvenCanBeBuiltAllTheSame() {
    PortProblem large = PortCases.large();
    PortAnswer cut = PortSolver.solve(large, 50);
    assertFalse(cut.proven(), "50 steps prove nothing");
    assertTrue(PortRebuilt.of(large, cut).holds());
    assertEquals(cut.dark().size(), PortRebuilt.of(large, cut).cost().dark());
    assertTrue(cut.dark().size() < 12, () -> cut.dark() + " are dark");
  }

  /** What competes for nothing is as well off solved apart: the same as all at once. */
  @Test
  void screensAndDevicesAreSolvedApart() {
    sources.add(CARD_HDMI);
    sources.add(port("rear", "board", Plug.USB_A, 2, 0.5));
    sinks.add(screen("s", Plug.HDMI, 300, 1.6));
    sinks.add(device("d", Plug.USB_A, 2, 0.1));
    PortAnswer both = solved();
    assertTrue(both.possible());
    PortAnswer screen = PortSolver.solve(problem().with(List.of(sinks.get(0))));
    PortAnswer device = PortSolver.solve(problem().with(List.of(sinks.get(1))));
    assertEquals(screen.moneyMinor() + device.moneyMinor(), both.moneyMinor());
    assertEquals(screen.steps() + device.steps(), both.steps());
  }

  /** Each change that is offered was solved: made by hand, it lights everything. */
  @Test
  void whatIsOfferedLightsEverything() {
    sources.add(CARD_HDMI.withAtOnce(2));
    sources.add(CARD_DP.withAtOnce(2));
    sources.add(
        output("board/hdmi", "board", Plug.HDMI, 14.4, 3)
            .with()
            .lacking("no graphics in the processor")
            .mendMinor(2_400L)
            .build());
    links.add(ADAPTER);
    links.add(picture("split", LinkKind.SPLITTER, Plug.HDMI, Plug.HDMI, 2, 8.16, 1_400));
    for (String id : List.of("left", "right", "dial")) {
      sinks.add(screen(id, Plug.HDMI, 300, 1.6));
    }
    PortAnswer answer = solved();
    assertEquals(1, answer.dark().size());
    List<LeastChanges.Way<PortProblem>> ways = PlainChanges.least(problem(), answer);
    assertEquals(
        List.of(
            List.of(ChangeKind.MIRRORED),
            List.of(ChangeKind.PROCESSOR),
            List.of(ChangeKind.LEFT_OUT)),
        ways.stream().map(way -> way.steps().stream().map(PortChange::kind).toList()).toList());
    for (LeastChanges.Way<PortProblem> way : ways) {
      PortProblem changed = way.steps().get(0).apply().apply(problem());
      PortAnswer then = PortSolver.solve(changed);
      assertTrue(then.possible(), way.words());
      assertEquals(then, way.after());
      long price = way.steps().get(0).priceMinor();
      assertEquals(price + then.moneyMinor() - answer.moneyMinor(), way.moneyMinor());
      assertTrue(PortRebuilt.of(changed, then).holds());
    }
    assertEquals(2_400 + 600, ways.get(1).moneyMinor(), "the processor and one more lead");
  }

  /** Two dark ones take two changes, where no one change does it. */
  @Test
  void twoChangesWhereOneIsNotEnough() {
    sources.add(CARD_HDMI);
    sinks.add(screen("a", Plug.HDMI, 300, 1.6));
    sinks.add(screen("b", Plug.HDMI, 300, 1.6));
    sinks.add(screen("c", Plug.DISPLAY_PORT, 300, 1.6));
    links.add(
        picture("hdmi-dp", LinkKind.ADAPTER, Plug.HDMI, Plug.DISPLAY_PORT, 1, 14.4, 2_900)
            .withOffered(false));
    links.add(picture("split", LinkKind.SPLITTER, Plug.HDMI, Plug.HDMI, 3, 8.16, 1_400));
    PortAnswer answer = solved();
    assertEquals(2, answer.dark().size());
    List<LeastChanges.Way<PortProblem>> ways = PlainChanges.least(problem(), answer);
    assertTrue(ways.stream().allMatch(way -> way.steps().size() == 2));
    assertTrue(ways.get(0).after().possible());
  }

  @Test
  void whereAllIsLitNothingIsOffered() {
    sources.add(CARD_HDMI);
    sinks.add(screen("a", Plug.HDMI, 300, 1.6));
    assertEquals(List.of(), PlainChanges.least(problem(), solved()));
    assertEquals(List.of(), new PortReasons(problem(), solved()).dark());
  }
}
