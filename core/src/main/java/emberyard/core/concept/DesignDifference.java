package emberyard.core.concept;

import emberyard.core.build.Design;
import emberyard.core.build.Enclosure;
import emberyard.core.build.FaceItem;
import emberyard.core.build.Joint;
import emberyard.core.build.LightStrip;
import emberyard.core.build.Look;
import emberyard.core.build.Loop;
import emberyard.core.build.OutsideFinish;
import emberyard.core.build.PaletteColour;
import emberyard.core.build.Panel;
import emberyard.core.build.PrintPart;
import emberyard.core.build.Scheme;
import emberyard.core.build.Screen;
import emberyard.core.build.Treatment;
import emberyard.core.build.Worksheet;
import emberyard.core.units.FieldDifference;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Function;

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
    difference.list(
        "Component",
        before.components(),
        after.components(),
        emberyard.core.build.Component::id,
        emberyard.core.build.Component::name);
    difference.list("Part", before.panels(), after.panels(), Panel::id, Panel::name);
    difference.list("Finish", before.schemes(), after.schemes(), Scheme::id, Scheme::name);
    difference.list("Screen", before.screens(), after.screens(), Screen::id, Screen::name);
    difference.list("Light", before.strips(), after.strips(), LightStrip::id, LightStrip::name);
    difference.list(
        "Enclosure", before.enclosures(), after.enclosures(), Enclosure::id, Enclosure::name);
    difference.list("Loop", before.loops(), after.loops(), Loop::id, Loop::name);
    difference.list(
        "Worksheet", before.worksheets(), after.worksheets(), Worksheet::id, Worksheet::name);
    difference.list("Joint", before.joints(), after.joints(), Joint::id, Joint::name);
    difference.list("Print", before.prints(), after.prints(), PrintPart::id, PrintPart::name);
    difference.list(
        "Treatment", before.treatments(), after.treatments(), Treatment::id, Treatment::name);
    difference.list(
        "Outside finish",
        before.outsideFinishes(),
        after.outsideFinishes(),
        OutsideFinish::id,
        OutsideFinish::name);
    difference.list("On the faces:", before.items(), after.items(), FaceItem::id, FaceItem::name);
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

  private <T extends Record> void list(
      String what,
      List<T> before,
      List<T> after,
      Function<T, String> id,
      Function<T, String> name) {
    Map<String, T> was = new LinkedHashMap<>();
    before.forEach(thing -> was.put(id.apply(thing), thing));
    for (T thing : after) {
      T old = was.remove(id.apply(thing));
      if (old == null) {
        words.add("%s “%s” added".formatted(what, name.apply(thing)));
      } else if (!old.equals(thing)) {
        words.add(
            "%s “%s”: %s"
                .formatted(
                    what,
                    name.apply(thing),
                    String.join(", ", FieldDifference.between(old, thing, currency))));
      }
    }
    was.values().forEach(gone -> words.add("%s “%s” taken out".formatted(what, name.apply(gone))));
  }
}
