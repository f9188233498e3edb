package emberyard.core.fit.space;

import emberyard.core.build.Component;
import emberyard.core.build.Enclosure;
import emberyard.core.build.Opening;
import emberyard.core.fit.place.Cavity;
import emberyard.core.fit.place.GoingIn;
import emberyard.core.fit.place.Item;
import emberyard.core.fit.place.Judge;
import emberyard.core.fit.place.Leaning;
import emberyard.core.fit.place.Margins;
import emberyard.core.fit.place.Merit;
import emberyard.core.fit.place.Placed;
import emberyard.core.geometry.Box;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;

/** Judges layouts by what would be found out about them; screens that stand in bays bar too. */
final class LayoutMerit implements Judge {
  /** Layouts looked at whole; after them none is said to be better. */
  private static final int MOST_WHOLE = 2_500;

  private final Enclosure enclosure;
  private final List<Cavity> cavities;
  private final Pieces pieces;
  private final Set<String> screens;
  private final Function<List<Placed>, Leaning> leaning;
  private final Map<String, Boolean> ownWouldHold = new HashMap<>();
  private int whole;

  /**
   * @param screens ids of the placed things that are screens
   * @param leaning what the weight of placed things makes too much for
   */
  LayoutMerit(
      Enclosure enclosure,
      List<Cavity> cavities,
      Pieces pieces,
      Set<String> screens,
      Function<List<Placed>, Leaning> leaning) {
    this.enclosure = enclosure;
    this.cavities = cavities;
    this.pieces = pieces;
    this.screens = screens;
    this.leaning = leaning;
  }

  /** Openings that things were given, by the id of each thing. */
  Map<String, Box> aims() {
    Map<String, Box> aims = new HashMap<>();
    pieces
        .ofPiece()
        .forEach(
            (id, component) -> {
              Opening opening = OverOpening.given(component, enclosure).orElse(null);
              if (opening != null) {
                aims.put(id, opening.face().box(enclosure.size(), opening.at(), 0, false));
              }
            });
    return aims;
  }

  @Override
  public Merit of(List<Placed> all) {
    List<Placed> placed = withoutScreens(all);
    Set<String> concerned = new HashSet<>();
    int strange = 0;
    int past = 0;
    int tight = 0;
    for (Placed thing : placed) {
      int before = strange + past + tight;
      strange += strange(thing) ? 1 : 0;
      past += past(thing) ? 1 : 0;
      tight += SpaceFindings.tight(thing, Margins.of(thing, all)) ? 1 : 0;
      if (strange + past + tight > before) {
        concerned.add(thing.item().id());
      }
    }
    List<SoftTouch> touches = SoftTouch.of(placed, cavities, enclosure);
    for (SoftTouch touch : touches) {
      concerned.add(touch.thingId());
      concerned.add(touch.otherThingId());
    }
    List<String> trapped = GoingIn.of(placed, enclosure.outer()).trapped();
    concerned.addAll(trapped);
    Leaning leans = leaning.apply(placed);
    return new Merit(trapped.size(), strange, touches.size(), past, leans, tight, concerned);
  }

  @Override
  public Alternatives among(List<Placed> others) {
    List<Placed> placed = withoutScreens(others);
    int[] base = {0, SoftTouch.of(placed, cavities, enclosure).size(), 0};
    for (Placed other : placed) {
      base[0] += strange(other) ? 1 : 0;
      base[2] += past(other) ? 1 : 0;
    }
    return (there, than) -> {
      int[] here = {
        base[0] + (strange(there) ? 1 : 0),
        base[1] + SoftTouch.count(there, placed, cavities, enclosure),
        base[2] + (past(there) ? 1 : 0)
      };
      List<Placed> all = new ArrayList<>(others);
      all.add(there);
      return than.trapped() == 0 && !mayBeBetter(here, all, than) || whole++ >= MOST_WHOLE
          ? null
          : Optional.of(of(all)).filter(merit -> merit.compareTo(than) < 0).orElse(null);
    };
  }

  /** By what is quickly known, of a layout whose things all have a way in. */
  private boolean mayBeBetter(int[] here, List<Placed> all, Merit than) {
    int order = Arrays.compare(here, new int[] {than.strange(), than.touched(), than.past()});
    return order < 0
        || (order == 0
            && (than.leaning().faults() > 0
                || (than.tight() > 0 && fewerTight(all, than.tight()))));
  }

  /** Whether fewer than that many have hardly any play; looks no further than it takes to know. */
  private boolean fewerTight(List<Placed> all, int than) {
    return withoutScreens(all).stream()
            .filter(thing -> SpaceFindings.tight(thing, Margins.of(thing, all)))
            .limit(than)
            .count()
        < than;
  }

  private List<Placed> withoutScreens(List<Placed> all) {
    return all.stream().filter(each -> !screens.contains(each.item().id())).toList();
  }

  private boolean strange(Placed thing) {
    return !thing.cavity().madeFor(thing.item().seats())
        && ownWouldHold.computeIfAbsent(thing.item().id(), id -> ownWouldHold(thing.item()));
  }

  private boolean ownWouldHold(Item item) {
    return cavities.stream()
        .filter(cavity -> cavity.madeFor(item.seats()))
        .anyMatch(
            cavity ->
                item.postures().stream().anyMatch(posture -> cavity.wouldHold(posture.hull())));
  }

  private boolean past(Placed thing) {
    Component component = pieces.ofPiece().get(thing.item().id());
    return OverOpening.given(component, enclosure)
        .filter(opening -> !OverOpening.why(component, opening, enclosure, body(thing)).isEmpty())
        .isPresent();
  }

  private static Box body(Placed thing) {
    return thing.hard().stream()
        .filter(solid -> solid.body() && solid.ofId().equals(thing.item().id()))
        .findFirst()
        .orElseThrow()
        .box();
  }
}
