package emberyard.core.concept;

import emberyard.core.build.Design;
import emberyard.core.build.Look;
import emberyard.core.build.PaletteColour;
import emberyard.core.kind.ThingKind;
import emberyard.core.thing.DesignThing;
import emberyard.core.thing.OwnFields;
import emberyard.core.thing.Thing;
import emberyard.core.units.FieldDifference;
import emberyard.core.units.Remembered;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;

/** What differs between two designs, in words a client understands. */
public final class DesignDifference {
  private static final Remembered<Pair, Optional<List<String>>> FIELDS = new Remembered<>(5_000);

  private final String currency;
  private final List<String> words = new ArrayList<>();

  private DesignDifference(String currency) {
    this.currency = currency;
  }

  /**
   * @param currency of amounts, ISO 4217; empty to keep amounts unsaid
   * @return one sentence per difference; none when both are equal
   */
  public static List<String> between(Design before, Design after, String currency) {
    DesignDifference difference = new DesignDifference(currency);
    difference.look(before.look(), after.look());
    Stream.of(ThingKind.values())
        .filter(ThingKind::ofDesign)
        .forEach(
            kind ->
                difference.list(
                    kind.noun(), before.things().of(kind.type()), after.things().of(kind.type())));
    return List.copyOf(difference.words);
  }

  private void look(Look before, Look after) {
    if (!before.themeWords().equals(after.themeWords())) {
      words.add("Theme words: now " + String.join(", ", after.themeWords()));
    }
    if (!java.util.Objects.equals(before.size(), after.size())) {
      words.add(
          before.size() == null || after.size() == null
              ? "Outer size " + (after.size() == null ? "taken out" : "given")
              : "Outer size: "
                  + String.join(
                      ", ", FieldDifference.between(before.size(), after.size(), currency)));
    }
    Map<String, PaletteColour> was = byName(before);
    Map<String, PaletteColour> is = byName(after);
    is.forEach(
        (name, colour) -> {
          PaletteColour old = was.get(name);
          if (old == null) {
            words.add("Colour “%s” %s added".formatted(name, colour.hex()));
          } else if (!old.equals(colour)) {
            words.add(
                "Colour “%s”: %s"
                    .formatted(
                        name, String.join(", ", FieldDifference.between(old, colour, currency))));
          }
        });
    was.keySet().stream()
        .filter(name -> !is.containsKey(name))
        .forEach(name -> words.add("Colour “%s” taken out".formatted(name)));
    if (words.isEmpty() && !before.palette().equals(after.palette())) {
      words.add("Palette in another order");
    }
  }

  private static Map<String, PaletteColour> byName(Look look) {
    Map<String, PaletteColour> byName = new LinkedHashMap<>();
    look.palette().forEach(colour -> byName.putIfAbsent(colour.name(), colour));
    return byName;
  }

  /**
   * A thing as it was and is, told by identity: what was frozen and is as it was need not be
   * compared again whenever something else is changed.
   */
  private record Pair(Thing was, Thing is, String currency) {
    /** Nothing where it is as it was. */
    Optional<List<String>> differences() {
      Thing old = OwnFields.bare(was);
      Thing now = OwnFields.bare(is);
      return old.equals(now)
          ? Optional.empty()
          : Optional.of(FieldDifference.between((Record) old, (Record) now, currency));
    }

    @Override
    public boolean equals(Object other) {
      return other instanceof Pair pair
          && was == pair.was
          && is == pair.is
          && currency.equals(pair.currency);
    }

    @Override
    public int hashCode() {
      return 31 * System.identityHashCode(was) + System.identityHashCode(is);
    }
  }

  private void list(String what, List<? extends Thing> before, List<? extends Thing> after) {
    Map<String, Thing> was = new LinkedHashMap<>();
    before.forEach(thing -> was.put(thing.id(), thing));
    for (Thing each : after) {
      Thing old = was.remove(each.id());
      if (old == null) {
        words.add(named(what, each) + " added");
        continue;
      }
      FIELDS
          .get(new Pair(old, each, currency), Pair::differences)
          .ifPresent(fields -> words.add(named(what, each) + ": " + String.join(", ", fields)));
    }
    was.values().forEach(gone -> words.add(named(what, gone) + " taken out"));
  }

  private static String named(String what, Thing thing) {
    return "%s “%s”".formatted(what, ((DesignThing) thing).name());
  }
}
