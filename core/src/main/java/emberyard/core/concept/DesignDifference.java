package emberyard.core.concept;

import emberyard.core.build.Design;
import emberyard.core.build.Look;
import emberyard.core.build.PaletteColour;
import emberyard.core.kind.ThingKind;
import emberyard.core.thing.DesignThing;
import emberyard.core.thing.OwnFields;
import emberyard.core.thing.Thing;
import emberyard.core.units.FieldDifference;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;

/** What differs between two designs, in words a client understands. */
public final class DesignDifference {
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

  private void list(String what, List<? extends Thing> before, List<? extends Thing> after) {
    Map<String, Thing> was = new LinkedHashMap<>();
    before.forEach(thing -> was.put(thing.id(), thing));
    for (Thing each : after) {
      Thing old = was.remove(each.id());
      String named = "%s “%s”".formatted(what, ((DesignThing) each).name());
      if (old == null) {
        words.add(named + " added");
      } else if (!old.equals(each)) {
        changed(named, OwnFields.bare(old), OwnFields.bare(each));
      }
    }
    was.values()
        .forEach(
            gone -> words.add("%s “%s” taken out".formatted(what, ((DesignThing) gone).name())));
  }

  private void changed(String named, Thing old, Thing thing) {
    if (!old.equals(thing)) {
      List<String> fields = FieldDifference.between((Record) old, (Record) thing, currency);
      words.add(named + ": " + String.join(", ", fields));
    }
  }
}
