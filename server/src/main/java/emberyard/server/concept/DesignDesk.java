package emberyard.server.concept;

import emberyard.core.build.Build;
import emberyard.core.build.Concept;
import emberyard.core.build.ConceptOption;
import emberyard.core.build.Design;
import emberyard.core.kind.ThingKind;
import emberyard.core.thing.Thing;
import emberyard.core.units.InvalidValue;
import emberyard.core.units.Require;
import emberyard.server.store.Write;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;

/** Lays designs on the table and puts them aside: each as one list of writes, one step of undo. */
final class DesignDesk {
  private DesignDesk() {}

  /** What turns the build's present design into another; the concept itself is not among it. */
  static List<Write> lay(Build build, Design design) {
    List<Write> writes = new ArrayList<>();
    Stream.of(ThingKind.values())
        .filter(ThingKind::ofDesign)
        .forEach(
            kind -> {
              List<? extends Thing> wanted = design.things().of(kind.type());
              build.things().of(kind.type()).stream()
                  .map(Thing::id)
                  .filter(id -> design.things().find(kind.type(), id).isEmpty())
                  .forEach(id -> writes.add(Write.remove(kind, build.id(), id)));
              wanted.forEach(thing -> writes.add(Write.overwrite(build.id(), thing)));
            });
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
            new Concept(
                build.id(), next.design().look(), now.frozen(), next.letter(), next.name())));
    writes.add(Write.remove(ThingKind.OPTION, build.id(), next.id()));
    ConceptOption aside = anyOption(build, now.letter());
    writes.add(Write.overwrite(build.id(), aside));
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
}
