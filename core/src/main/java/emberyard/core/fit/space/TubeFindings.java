package emberyard.core.fit.space;

import emberyard.core.build.Build;
import emberyard.core.build.Component;
import emberyard.core.build.ComponentKind;
import emberyard.core.build.Loop;
import emberyard.core.finding.Finding;
import emberyard.core.finding.Remedy;
import emberyard.core.finding.Severity;
import emberyard.core.geometry.Box;
import emberyard.core.units.Figures;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * Whether tubes reach: those of loops from member to member, those of a cooler that comes filled
 * from its radiator to its chip. Ways are along the axes from face to face, so a tube that is
 * longer may still be short; one that is shorter is.
 */
public final class TubeFindings {
  /** Of a cooler that comes filled, where nobody typed it; a default. */
  static final double USUAL_TUBE_MM = 400;

  private TubeFindings() {}

  public static List<Finding> of(Build build, Space space) {
    Map<String, List<Box>> bodies = space.bodies();
    List<Finding> findings = new ArrayList<>();
    build.loops().forEach(loop -> loop(loop, bodies).ifPresent(findings::add));
    build.components().stream()
        .filter(TubeFindings::comesFilled)
        .forEach(cooler -> filled(build, cooler, bodies).ifPresent(findings::add));
    return findings;
  }

  private static Optional<Finding> loop(Loop loop, Map<String, List<Box>> bodies) {
    List<Box> members =
        loop.memberIds().stream()
            .flatMap(id -> bodies.getOrDefault(id, List.of()).stream())
            .toList();
    if (members.size() < 2) {
      return Optional.empty();
    }
    double ring = members.size() <= ShortestRing.MOST ? ShortestRing.mm(members) : 0;
    double longest = ShortestRing.longestMm(members);
    double typed = loop.runs().stream().mapToDouble(Loop.Run::lengthMm).sum();
    double longestTyped = loop.runs().stream().mapToDouble(Loop.Run::lengthMm).max().orElse(0);
    if (ring <= typed && longest <= longestTyped) {
      return Optional.empty();
    }
    return Optional.of(
        loop.runs().isEmpty() ? untyped(loop, ring) : tooShort(loop, ring, typed, longest));
  }

  private static Finding untyped(Loop loop, double ringMm) {
    return found(
            Severity.NOTE,
            "loop:" + loop.id(),
            "%s wants %s of tube or more; none is typed".formatted(loop.name(), Figures.mm(ringMm)),
            "Once round all its members and back, along the axes.",
            "Tube, coolant and fittings count as nothing until then.")
        .about(loop.id())
        .with(Remedy.byHand("Type its tubes under Cooled, with their fittings"));
  }

  private static Finding tooShort(Loop loop, double ringMm, double typedMm, double longestMm) {
    boolean all = ringMm > typedMm;
    return found(
            Severity.RISK,
            "loop:" + loop.id(),
            all
                ? "The tubes of %s don’t reach: %s typed, %s or more wanted"
                    .formatted(loop.name(), Figures.mm(typedMm), Figures.mm(ringMm))
                : "No tube of %s reaches %s".formatted(loop.name(), Figures.mm(longestMm)),
            all
                ? "Once round all its members and back, along the axes."
                : "So far it is from one of its members to the nearest other, along the axes.",
            "A tube that is short is pulled off by its own weight, and then it is wet.")
        .about(loop.id())
        .with(
            Remedy.byHand("Measure the ways with a string, and type them under Cooled"),
            Remedy.byHand("Bring its members nearer to each other"));
  }

  /** A radiator on tubes with a pump on the chip, sold as one. */
  private static boolean comesFilled(Component c) {
    return c.kind() == ComponentKind.COOLER && c.thermal() != null && c.thermal().sections() > 0;
  }

  private static Optional<Finding> filled(
      Build build, Component cooler, Map<String, List<Box>> bodies) {
    Optional<Component> chip =
        build
            .component(cooler.fitted().coolsId())
            .or(
                () ->
                    build.components().stream()
                        .filter(each -> each.kind() == ComponentKind.PROCESSOR)
                        .findFirst());
    double typed = cooler.wiring() == null ? 0 : cooler.wiring().leadMm();
    double tube = typed > 0 ? typed : USUAL_TUBE_MM;
    return chip.flatMap(on -> wayMm(on, build, cooler, bodies))
        .filter(way -> way > tube)
        .map(
            way ->
                found(
                        typed > 0 ? Severity.STOP : Severity.RISK,
                        "component:" + cooler.id(),
                        "The tubes of %s don’t reach %s"
                            .formatted(cooler.name(), chip.orElseThrow().name()),
                        typed > 0
                            ? "%s long; %s along the axes."
                                .formatted(Figures.mm(tube), Figures.mm(way))
                            : "%s along the axes; such tubes are usually %s (default)."
                                .formatted(Figures.mm(way), Figures.mm(tube)),
                        "It comes filled: its tubes can’t be made longer.")
                    .about(cooler.id())
                    .with(
                        Remedy.byHand("Bring it nearer to what it cools"),
                        Remedy.byHand("Build a loop of its own there")));
  }

  /** From the cooler to its chip; a chip that nobody measured lies on its board. */
  private static Optional<Double> wayMm(
      Component chip, Build build, Component cooler, Map<String, List<Box>> bodies) {
    List<Box> from = bodies.getOrDefault(cooler.id(), List.of());
    List<Box> to = bodies.get(chip.id());
    if (to == null) {
      to =
          build.components().stream()
              .filter(each -> each.kind() == ComponentKind.BOARD)
              .flatMap(board -> bodies.getOrDefault(board.id(), List.of()).stream())
              .toList();
    }
    return from.isEmpty() || to.isEmpty()
        ? Optional.empty()
        : Optional.of(from.get(0).wayMm(to.get(0)));
  }

  private static Finding found(
      Severity severity, String of, String title, String detail, String why) {
    return Finding.of(severity, "fit", of + "/tubes", title, detail, why);
  }
}
