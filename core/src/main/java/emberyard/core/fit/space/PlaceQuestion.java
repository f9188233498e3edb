package emberyard.core.fit.space;

import emberyard.core.build.Bay;
import emberyard.core.build.Body;
import emberyard.core.build.Component;
import emberyard.core.build.ComponentKind;
import emberyard.core.build.Enclosure;
import emberyard.core.build.Fitted;
import emberyard.core.build.Size;
import emberyard.core.build.Source;
import emberyard.core.fit.place.Cavity;
import emberyard.core.fit.place.Item;
import emberyard.core.fit.place.Layout;
import emberyard.core.fit.place.Pins;
import emberyard.core.fit.place.Placed;
import emberyard.core.fit.place.Shortfall;
import emberyard.core.geometry.Box;
import emberyard.core.units.InvalidValue;
import emberyard.core.units.Require;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * Bays and boxes to place in them, without a build.
 *
 * @param bays as measured, with their tolerance
 */
public record PlaceQuestion(List<Bay> bays, List<Thing> things) {
  /** Most changes that are listed for one thing. */
  private static final int MOST_CHANGES = 12;

  public PlaceQuestion {
    bays = List.copyOf(bays);
    things = List.copyOf(things);
    Set<String> ids = new HashSet<>();
    for (Thing thing : things) {
      if (!ids.add(thing.id())) {
        throw new InvalidValue("components", "Two are called “%s”.".formatted(thing.id()));
      }
    }
  }

  /** A box to place. */
  public record Thing(String id, String name, Body body, Fitted.@Nullable Pin pin) {
    public Thing {
      Require.text("id", id);
      Require.text("name", name);
    }
  }

  /**
   * Where everything lies.
   *
   * @param placed centred in what is free
   * @param unplaced per id, the smallest changes
   * @param pinFaults per id of what was put by hand, why it can't be there
   */
  public record Answer(
      Layout layout,
      List<Placed> placed,
      Map<String, List<Shortfall>> unplaced,
      Map<String, List<String>> pinFaults) {
    /** Whether everything has a place it can be in. */
    public boolean fits() {
      return layout.fits() && unplaced.isEmpty() && pinFaults.isEmpty();
    }
  }

  /** Places all things or as many as fit. */
  public Answer solve() {
    Box around = bays.stream().map(Bay::changedBox).reduce(Box::around).orElseThrow();
    Require.that(
        around.to(0) <= Enclosure.LARGEST_MM
            && around.to(1) <= Enclosure.LARGEST_MM
            && around.to(2) <= Enclosure.LARGEST_MM,
        "bays",
        "The bays reach further than %,.0f mm.".formatted(Enclosure.LARGEST_MM));
    Enclosure enclosure =
        Enclosure.plain(
            "asked",
            "asked",
            Enclosure.Origin.SCRATCH,
            new Size(
                Math.max(20, around.to(0)), Math.max(20, around.to(2)), Math.max(20, around.to(1))),
            bays,
            List.of());
    Space space =
        Space.of(enclosure, things.stream().map(PlaceQuestion::component).toList(), List.of());
    List<Cavity> cavities = space.cavities();
    Layout layout = space.layout();
    Map<String, List<Shortfall>> unplaced = new LinkedHashMap<>();
    for (Item item : layout.unplaced()) {
      unplaced.put(item.id(), space.lacks(item).stream().limit(MOST_CHANGES).toList());
    }
    space.pieces().spotless().forEach(component -> unplaced.put(component.id(), List.of()));
    Map<String, List<String>> pinFaults = new LinkedHashMap<>();
    for (Placed placed : layout.placed()) {
      List<String> faults = Pins.faults(placed, layout.placed(), cavities);
      if (!faults.isEmpty()) {
        pinFaults.put(placed.item().id(), faults);
      }
    }
    return new Answer(layout, space.placed(), unplaced, pinFaults);
  }

  private static Component component(Thing thing) {
    return Component.one(thing.id(), thing.name(), ComponentKind.OTHER)
        .source(Source.OWNED)
        .body(thing.body())
        .fitted(new Fitted(thing.pin(), "", "", null, null))
        .build();
  }
}
