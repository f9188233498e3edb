package emberyard.core.fit.power;

import emberyard.core.build.Build;
import emberyard.core.build.Component;
import emberyard.core.build.ComponentKind;
import emberyard.core.build.Electric.Tested;
import emberyard.core.build.ScreenPlace;
import emberyard.core.finding.Finding;
import emberyard.core.finding.Remedy;
import emberyard.core.finding.Severity;
import emberyard.core.fit.space.Space;
import emberyard.core.glow.LightLoad;
import emberyard.core.workshop.HardwareProduct;
import emberyard.core.workshop.WorkshopBook;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;

/** Judgements on power, plugs and headers. */
public final class PowerFindings {
  private static final int MOST_SUPPLIES = 2;

  private PowerFindings() {}

  public static List<Finding> of(Build build, PowerBudget budget, WorkshopBook book) {
    List<Finding> findings = new ArrayList<>();
    supply(build, budget.power(), book, findings);
    if (build.components().stream().anyMatch(c -> c.electric() != null)) {
      budget.lines().stream()
          .filter(line -> !line.enough())
          .filter(line -> !line.key().equals("power"))
          .filter(line -> !line.key().startsWith("LIGHT_"))
          .filter(line -> !line.key().equals(PowerBudget.ASLEEP))
          .forEach(line -> findings.add(missing(line, build, budget.power(), book)));
    }
    budget.lines().stream()
        .filter(line -> line.key().equals(PowerBudget.ASLEEP) && !line.enough())
        .forEach(line -> findings.add(asleep(line)));
    build.components().forEach(component -> memory(component, findings));
    unknown(build).ifPresent(findings::add);
    return findings;
  }

  /** A processor or card that draws nothing has not been told what it draws. */
  private static Optional<Finding> unknown(Build build) {
    List<Component> mute =
        build.components().stream()
            .filter(
                c ->
                    c.kind() == ComponentKind.PROCESSOR
                        || c.kind() == ComponentKind.GRAPHICS
                        || c.kind() == ComponentKind.BOARD)
            .filter(c -> c.peakWatts() == 0)
            .toList();
    if (mute.isEmpty()) {
      return Optional.empty();
    }
    String names = mute.stream().map(Component::name).collect(Collectors.joining(", "));
    return Optional.of(
        Finding.of(
                Severity.RISK,
                "fit",
                "fit/watts-not-known",
                "What %s draws is not known; the supply and the heat count it as 0 W"
                    .formatted(names),
                "Its peak in W stands on its maker’s page.",
                "A supply chosen without it switches off under load.")
            .about(mute.get(0).id())
            .with(Remedy.byHand("Type what it draws at most")));
  }

  private static void supply(Build build, Power power, WorkshopBook book, List<Finding> findings) {
    double drawn = power.hungryPeakWatts() + power.restTypicalWatts();
    if (drawn == 0) {
      return;
    }
    boolean none = power.supplyWatts() == 0;
    boolean onlyBits =
        power.hungryPeakWatts() == 0 && build.screens().isEmpty() && build.strips().isEmpty();
    if (none && onlyBits) {
      return;
    }
    if (power.supplyWatts() < power.wantedWatts()) {
      findings.add(
          Finding.of(
                  none ? Severity.NOTE : Severity.RISK,
                  "fit",
                  "fit/supply",
                  none
                      ? "No supply chosen yet; %.0f W wanted".formatted(power.wantedWatts())
                      : "Supply gives %.0f W; %.0f W wanted"
                          .formatted(power.supplyWatts(), power.wantedWatts()),
                  "Processor and graphics %.0f W at their peak, the rest %.0f W typically, × 1.25 reserve: %s."
                      .formatted(
                          power.hungryPeakWatts(), power.restTypicalWatts(), power.sizeWords()),
                  "A supply at its limit is loud, hot, and switches off under load.")
              .with(supplies(build, power, book)));
    } else if (power.transientWatts() > power.excursionWatts()) {
      findings.add(
          Finding.of(
                  Severity.RISK,
                  "fit",
                  "fit/transient",
                  "For an instant %.0f W are drawn; the supply %s %.0f W"
                      .formatted(
                          power.transientWatts(),
                          power.excursionStated() ? "bears" : "gives",
                          power.excursionWatts()),
                  "Graphics peak × 1.6%s."
                      .formatted(
                          power.excursionStated()
                              ? ""
                              : "; the supply doesn’t state what it bears for an instant"),
                  "It switches off in the middle of the show, without any overload.")
              .with(supplies(build, power, book)));
    }
  }

  private static Remedy[] supplies(Build build, Power power, WorkshopBook book) {
    List<Remedy> ways = new ArrayList<>();
    build.components().stream()
        .filter(c -> c.kind() == ComponentKind.SUPPLY)
        .findFirst()
        .ifPresent(
            supply ->
                book.hardware().stream()
                    .filter(product -> product.supplyWatts() >= power.wantedWatts())
                    .filter(product -> bears(product, power))
                    .filter(product -> fits(build, product.insteadOf(supply)))
                    .sorted(
                        Comparator.comparingLong(HardwareProduct::priceMinor)
                            .thenComparing(HardwareProduct::id))
                    .limit(MOST_SUPPLIES)
                    .forEach(product -> ways.add(instead(product, supply))));
    ways.add(
        Remedy.byHand(
            power.standardWatts() == null
                ? "Divide it over two supplies, or take something out: " + power.sizeWords()
                : "Choose a supply of %d W or more".formatted(power.standardWatts())));
    return ways.toArray(Remedy[]::new);
  }

  private static boolean bears(HardwareProduct product, Power power) {
    return product.electric() == null
        || product.electric().excursionWatts() == null
        || product.electric().excursionWatts() >= power.transientWatts();
  }

  private static boolean fits(Build build, Component instead) {
    List<Component> all = new ArrayList<>(build.components());
    all.replaceAll(each -> each.id().equals(instead.id()) ? instead : each);
    return Space.enclosure(build)
        .map(enclosure -> Space.fits(enclosure, all, ScreenPlace.of(build)))
        .orElse(true);
  }

  private static Remedy instead(HardwareProduct product, Component supply) {
    return new Remedy(
        "Take %s instead, %.0f W".formatted(product.name(), product.supplyWatts()),
        new Remedy.Change("components", supply.id(), "productId", 0, product.id()),
        product.priceMinor() - supply.priceMinor(),
        0);
  }

  private static Finding asleep(PowerLine line) {
    return Finding.of(
            Severity.RISK,
            "fit",
            "fit/asleep",
            "Asleep %.1f W are drawn, of %.1f W".formatted(line.wanted(), line.there()),
            "%s. %s"
                .formatted(
                    String.join(", ", line.asks().stream().map(PowerLine.FedShare::name).toList()),
                    sentence(line.note())),
            "The machine doesn’t sleep, or doesn’t wake.")
        .with(
            Remedy.byHand("Look up what the supply gives while it sleeps"),
            Remedy.byHand("Feed screens from a lead that is dead then"));
  }

  private static Finding missing(PowerLine line, Build build, Power power, WorkshopBook book) {
    boolean current = line.unit().equals("A");
    double lack = line.wanted() - line.there();
    String what = line.label().toLowerCase(java.util.Locale.ROOT);
    List<Remedy> ways = new ArrayList<>();
    if (current) {
      ways.add(Remedy.byHand("Add a powered hub: it takes its current from the supply"));
    }
    withTheLead(line, build, power, book, ways);
    ways.add(Remedy.byHand(advice(line.key())));
    return Finding.of(
            Severity.RISK,
            "fit",
            "fit/fed/" + line.key(),
            current
                ? "%s: %.1f A wanted, %.1f A there"
                    .formatted(line.label(), line.wanted(), line.there())
                : "%.0f × %s missing".formatted(lack, what),
            "%s want%s %s, there %s %s.%s"
                .formatted(
                    String.join(", ", line.asks().stream().map(PowerLine.FedShare::name).toList()),
                    line.asks().size() == 1 ? "s" : "",
                    number(line.wanted()),
                    line.there() == 1 ? "is" : "are",
                    number(line.there()),
                    line.note().isEmpty() ? "" : " " + sentence(line.note())),
            current
                ? "A header that carries too much burns its trace on the board."
                : "What has no plug stays dark, or the order goes out twice.")
        .with(ways.toArray(Remedy[]::new));
  }

  /** Supplies that have the leads, give the watts, and go in. */
  private static void withTheLead(
      PowerLine line, Build build, Power power, WorkshopBook book, List<Remedy> ways) {
    Component supply =
        build.components().stream()
            .filter(c -> c.kind() == ComponentKind.SUPPLY)
            .findFirst()
            .orElse(null);
    boolean supplied = !line.key().endsWith("_HEADER") && !line.key().contains("SLOT");
    if (supply == null || !supplied) {
      return;
    }
    book.hardware().stream()
        .filter(product -> product.supplyWatts() >= power.wantedWatts())
        .filter(product -> !product.id().equals(supply.productId()))
        .sorted(
            Comparator.comparingLong(HardwareProduct::priceMinor)
                .thenComparing(HardwareProduct::id))
        .filter(product -> mends(line, build, product.insteadOf(supply)))
        .limit(MOST_SUPPLIES)
        .forEach(product -> ways.add(instead(product, supply)));
  }

  private static boolean mends(PowerLine line, Build build, Component instead) {
    List<Component> all = new ArrayList<>(build.components());
    all.replaceAll(each -> each.id().equals(instead.id()) ? instead : each);
    return PowerBudget.of(all, build.screens(), LightLoad.of(build)).lines().stream()
            .anyMatch(now -> now.key().equals(line.key()) && now.enough())
        && fits(build, instead);
  }

  private static String sentence(String note) {
    return Character.toUpperCase(note.charAt(0)) + note.substring(1) + ".";
  }

  private static String number(double value) {
    return emberyard.core.units.Figures.plain(value);
  }

  private static String advice(String key) {
    return switch (key.replace("leads-", "")) {
      case "GRAPHICS_8", "GRAPHICS_16", "CPU_8", "ATX_24", "SATA_POWER", "PERIPHERAL" ->
          "Choose a supply with that lead; never split a processor or graphics lead";
      case "SATA_DATA", "M2" -> "Use another M.2 slot, one drive less, or another board";
      default -> "Choose a board with more of them";
    };
  }

  private static void memory(Component component, List<Finding> findings) {
    if (component.kind() != ComponentKind.MEMORY || component.electric() == null) {
      return;
    }
    Tested tested = component.electric().tested();
    if (tested == Tested.YES) {
      return;
    }
    findings.add(
        Finding.of(
                Severity.RISK,
                "fit",
                "component:" + component.id() + "/tested",
                tested == Tested.NO
                    ? "%s is not on the board’s tested list".formatted(component.name())
                    : "%s was not looked up on the board’s tested list".formatted(component.name()),
                "On the tested list: %s.".formatted(tested == Tested.NO ? "no" : "not checked"),
                "Untested memory may not start, or only slower than paid for.")
            .about(component.id())
            .with(
                new Remedy(
                    "Looked up: it is on the list",
                    new Remedy.Change(
                        "components", component.id(), "electric.tested", 0, Tested.YES.name())),
                Remedy.byHand("Look it up at the board’s maker, or start it on the bench first")));
  }
}
