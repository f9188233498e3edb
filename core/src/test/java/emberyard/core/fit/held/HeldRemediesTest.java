package emberyard.core.fit.held;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import emberyard.core.build.Bay;
import emberyard.core.build.Component;
import emberyard.core.build.ComponentKind;
import emberyard.core.build.Enclosure;
import emberyard.core.build.Face;
import emberyard.core.build.Fixing;
import emberyard.core.build.FixingWay;
import emberyard.core.build.Seat;
import emberyard.core.build.Size;
import emberyard.core.finding.Finding;
import emberyard.core.finding.Remedy;
import emberyard.core.fit.Proof;
import emberyard.core.geometry.Box;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.TreeSet;
import org.junit.jupiter.api.Test;

/**
 * Random things held in random ways: what is said is what a slow reading of the handbook says, and
 * each way out ends what it is offered for.
 */
class HeldRemediesTest extends Proof {
  private static final int BUILDS = 400;
  private static final List<Bay> BAYS =
      List.of(
          Bay.of("drives", "Drives", new Box(0, 0, 0, 200, 300, 60), Face.TOP, Seat.DRIVE),
          Bay.of("cards", "Cards", new Box(0, 310, 0, 200, 280, 150), Face.TOP, Seat.CARD),
          Bay.of("loose", "Loose", new Box(210, 0, 0, 300, 300, 200), Face.TOP, Seat.FREE));

  private static <T> T any(Random random, List<T> of) {
    return of.get(random.nextInt(of.size()));
  }

  private static Component thing(Random random) {
    ComponentKind kind =
        any(random, List.of(ComponentKind.DRIVE, ComponentKind.GRAPHICS, ComponentKind.HUB));
    Component plain =
        switch (kind) {
          case DRIVE -> boxed("x", kind, 100, 147, 26, Seat.DRIVE);
          case GRAPHICS -> boxed("x", kind, 40, 220, 120, Seat.CARD);
          default -> boxed("x", kind, 70, 45, 18, Seat.FREE);
        };
    return plain
        .withMassKg(any(random, List.of(0.0, 0.1, 0.5, 0.9, 1.0, 1.3, 2.4)))
        .withPeakWatts(any(random, List.of(0.0, 5.0, 25.0, 150.0)));
  }

  private static Fixing fixing(Random random, List<String> points) {
    List<FixingWay> ways = new ArrayList<>(List.of(FixingWay.values()));
    ways.add(null);
    List<String> open = new ArrayList<>();
    for (String point : points) {
      if (random.nextInt(4) == 0) {
        open.add(point);
      }
    }
    return new Fixing(
        any(random, ways),
        random.nextBoolean() ? null : any(random, ways),
        any(random, List.of(Face.values())),
        open);
  }

  private void build(Random random) {
    enclosure =
        Enclosure.plain(
            "e",
            "Case",
            any(random, List.of(Enclosure.Origin.values())),
            new Size(600, 600, 600),
            BAYS,
            List.of());
    Component thing = thing(random);
    Fixing fixing = fixing(random, FixingPoints.of(thing));
    components.clear();
    components.add(thing.withFitted(thing.fitted().held(fixing)));
  }

  private List<Finding> said() {
    return fit().findings().stream()
        .filter(each -> each.key().startsWith("component:x/held"))
        .toList();
  }

  /** Which holds there are, one after the other as a person would go through them. */
  private static List<FixingWay> holds(Component thing, boolean bayHolds) {
    Fixing fixing = thing.fitted().fixing();
    int points = FixingPoints.of(thing).size();
    boolean noScrew = points > 0 && fixing.open().size() == points;
    List<FixingWay> all = new ArrayList<>();
    FixingWay first = fixing.held();
    if (first == null && bayHolds) {
      first = FixingWay.POINTS;
    }
    for (FixingWay way : new FixingWay[] {first, fixing.besides()}) {
      boolean screws =
          way == FixingWay.POINTS || way == FixingWay.BRACKET || way == FixingWay.SCREWS;
      boolean there = way != FixingWay.POINTS || bayHolds;
      if (way != null && there && !all.contains(way) && !(screws && noScrew)) {
        all.add(way);
      }
    }
    return all;
  }

  private TreeSet<String> expected() {
    Component thing = components.get(0);
    Fixing fixing = thing.fitted().fixing();
    boolean bayHolds =
        enclosure.origin() == Enclosure.Origin.BOUGHT && thing.kind() != ComponentKind.HUB;
    List<FixingWay> holds = holds(thing, bayHolds);
    TreeSet<String> keys = new TreeSet<>();
    boolean warm = thing.kind() == ComponentKind.GRAPHICS || thing.peakWatts() >= 25;
    if (holds.isEmpty()) {
      keys.add("held");
      return keys;
    }
    if (holds.equals(List.of(FixingWay.TAPE))
        && (thing.massKg() > 1 || warm || fixing.side() == Face.TOP)) {
      keys.add("held-tape");
    }
    if (holds.equals(List.of(FixingWay.LEDGE))) {
      keys.add("held-rests");
    }
    if (holds.equals(List.of(FixingWay.POINTS))
        && thing.kind() == ComponentKind.GRAPHICS
        && thing.massKg() > 1) {
      keys.add("held-edge");
    }
    return keys;
  }

  @Test
  void whatIsSaidIsWhatTheHandbookSays() {
    Random random = new Random(23);
    for (int i = 0; i < BUILDS; i++) {
      build(random);
      TreeSet<String> said = new TreeSet<>();
      said().forEach(each -> said.add(each.key().substring("component:x/".length())));
      said.retainAll(List.of("held", "held-tape", "held-rests", "held-edge"));
      assertEquals(expected(), said, components.get(0).toString());
    }
  }

  /** Sets what the way out sets. */
  private static Component with(Component thing, Remedy.Change change) {
    Fixing is = thing.fitted().fixing();
    FixingWay way = change.text() == null ? null : FixingWay.valueOf(change.text());
    Fixing then =
        switch (change.field()) {
          case "fitted.fixing.held" -> new Fixing(way, is.besides(), is.against(), is.open());
          case "fitted.fixing.besides" -> new Fixing(is.held(), way, is.against(), is.open());
          case "fitted.fixing.open" -> new Fixing(is.held(), is.besides(), is.against(), List.of());
          default -> throw new AssertionError(change.field());
        };
    return thing.withFitted(thing.fitted().held(then));
  }

  @Test
  void eachWayOutEndsWhatItIsOfferedFor() {
    Random random = new Random(7);
    int pressed = 0;
    for (int i = 0; i < BUILDS; i++) {
      build(random);
      Component before = components.get(0);
      for (Finding finding : said()) {
        for (Remedy way : finding.remedies()) {
          if (way.change() != null) {
            components.set(0, with(before, way.change()));
            assertTrue(
                said().stream().noneMatch(each -> each.key().equals(finding.key())),
                "%s by “%s”: %s".formatted(finding.title(), way.label(), before.fitted()));
            components.set(0, before);
            pressed++;
          }
        }
      }
    }
    assertTrue(pressed > BUILDS / 2, pressed + " ways out");
  }
}
