package emberyard.server.concept;

import emberyard.core.build.Build;
import emberyard.core.build.Concept;
import emberyard.core.build.ConceptOption;
import emberyard.core.build.Design;
import emberyard.core.units.InvalidValue;
import emberyard.core.units.Require;
import emberyard.server.store.ThingKind;
import emberyard.server.store.Write;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Stream;

/** Lays designs on the table and puts them aside: each as one list of writes, one step of undo. */
final class DesignDesk {
  private static final List<ThingKind> KINDS =
      List.of(
          ThingKind.ITEM,
          ThingKind.COMPONENT,
          ThingKind.PANEL,
          ThingKind.SCHEME,
          ThingKind.TREATMENT,
          ThingKind.OUTSIDE_FINISH,
          ThingKind.SCREEN,
          ThingKind.STRIP,
          ThingKind.ENCLOSURE,
          ThingKind.LOOP,
          ThingKind.WORKSHEET,
          ThingKind.JOINT,
          ThingKind.PRINT);

  private DesignDesk() {}

  /** What turns the build's present design into another; the concept itself is not among it. */
  static List<Write> lay(Build build, Design design) {
    List<Write> writes = new ArrayList<>();
    for (ThingKind kind : KINDS) {
      Map<String, Record> wanted = things(design, kind);
      for (String id : things(build.design(), kind).keySet()) {
        if (!wanted.containsKey(id)) {
          writes.add(Write.remove(kind, build.id(), id));
        }
      }
      wanted.forEach((id, thing) -> writes.add(Write.overwrite(build.id(), id, thing)));
    }
    return writes;
  }

  /** A copy of the design on the table, or of another option, beside it. */
  static ConceptOption copy(Build build, String ofLetter, String name) {
    Design design = anyOption(build, ofLetter).design();
    String letter = freeLetter(build);
    return new ConceptOption(build.id() + "-option-" + letter, letter, name, design);
  }

  /** Another option comes to the table; what lay there is put aside under its letter. */
  static List<Write> change(Build build, String letter) {
    ConceptOption next = option(build, letter);
    Concept now = build.concept();
    List<Write> writes = lay(build, next.design());
    writes.add(
        Write.overwrite(
            build.id(),
            build.id(),
            new Concept(
                build.id(), next.design().look(), now.frozen(), next.letter(), next.name())));
    writes.add(Write.remove(ThingKind.OPTION, build.id(), next.id()));
    ConceptOption aside = anyOption(build, now.letter());
    writes.add(Write.overwrite(build.id(), aside.id(), aside));
    return writes;
  }

  /** The one on the table or one beside it. */
  static ConceptOption anyOption(Build build, String letter) {
    Concept now = build.concept();
    return letter.equals(now.letter())
        ? new ConceptOption(build.id() + "-option-" + letter, letter, now.name(), build.design())
        : option(build, letter);
  }

  static ConceptOption option(Build build, String letter) {
    return build.options().stream()
        .filter(option -> option.letter().equals(letter))
        .findFirst()
        .orElseThrow(
            () ->
                new InvalidValue(
                    "letter", "There is no option %s beside the table.".formatted(letter)));
  }

  private static String freeLetter(Build build) {
    Set<String> taken = new HashSet<>(Set.of(build.concept().letter()));
    build.options().forEach(option -> taken.add(option.letter()));
    Require.that(
        taken.size() < ConceptOption.MOST,
        "letter",
        "Four options lie here already: take one away first.");
    return Stream.of("A", "B", "C", "D").filter(l -> !taken.contains(l)).findFirst().orElseThrow();
  }

  private static Map<String, Record> things(Design design, ThingKind kind) {
    Map<String, Record> things = new LinkedHashMap<>();
    switch (kind) {
      case ITEM -> design.items().forEach(each -> things.put(each.id(), each));
      case COMPONENT -> design.components().forEach(each -> things.put(each.id(), each));
      case PANEL -> design.panels().forEach(each -> things.put(each.id(), each));
      case SCHEME -> design.schemes().forEach(each -> things.put(each.id(), each));
      case SCREEN -> design.screens().forEach(each -> things.put(each.id(), each));
      case STRIP -> design.strips().forEach(each -> things.put(each.id(), each));
      case ENCLOSURE -> design.enclosures().forEach(each -> things.put(each.id(), each));
      case LOOP -> design.loops().forEach(each -> things.put(each.id(), each));
      case WORKSHEET -> design.worksheets().forEach(each -> things.put(each.id(), each));
      case JOINT -> design.joints().forEach(each -> things.put(each.id(), each));
      case PRINT -> design.prints().forEach(each -> things.put(each.id(), each));
      case TREATMENT -> design.treatments().forEach(each -> things.put(each.id(), each));
      case OUTSIDE_FINISH -> design.outsideFinishes().forEach(each -> things.put(each.id(), each));
      default -> throw new IllegalArgumentException(kind.word());
    }
    return things;
  }
}
