package emberyard.core.fit.space;

import emberyard.core.build.Build;
import emberyard.core.build.Component;
import emberyard.core.build.ComponentKind;
import emberyard.core.build.Source;
import emberyard.core.build.Wiring;
import emberyard.core.finding.Finding;
import emberyard.core.finding.Remedy;
import emberyard.core.finding.Remedy.Change;
import emberyard.core.finding.Severity;
import emberyard.core.units.Figures;
import emberyard.core.workshop.HardwareProduct;
import emberyard.core.workshop.WorkshopBook;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * Cards that no slot holds directly: whether there is a riser for each, long enough to get there.
 */
public final class RiserFindings {
  private final WorkshopBook book;
  private final List<Finding> findings = new ArrayList<>();

  private RiserFindings(WorkshopBook book) {
    this.book = book;
  }

  /** The longest way takes the shortest riser that does it; what is left goes to the others. */
  public static List<Finding> of(Build build, Space space, WorkshopBook book) {
    List<Component> risers = new ArrayList<>();
    for (Component c : build.components()) {
      if (c.kind() == ComponentKind.RISER) {
        risers.addAll(Collections.nCopies(c.quantity(), c));
      }
    }
    risers.sort(Comparator.comparingDouble(c -> longMm(c.wiring())));
    RiserFindings finder = new RiserFindings(book);
    for (SlotWay way : SlotWay.of(build, space)) {
      Component taken =
          risers.stream().filter(each -> reaches(each.wiring(), way)).findFirst().orElse(null);
      if (taken == null && !risers.isEmpty()) {
        taken = risers.get(risers.size() - 1);
      }
      risers.remove(taken);
      finder.judge(way, taken);
    }
    return finder.findings;
  }

  private static double longMm(@Nullable Wiring wiring) {
    return wiring == null ? 0 : wiring.leadMm();
  }

  private static boolean reaches(@Nullable Wiring wiring, SlotWay way) {
    return longMm(wiring) >= way.lengthMm()
        && (wiring.folds() == null || wiring.folds() >= way.folds());
  }

  private void judge(SlotWay way, @Nullable Component riser) {
    if (riser == null) {
      findings.add(
          found(
                  Severity.STOP,
                  way,
                  "riser",
                  "%s asks for a riser of %s or more, %s"
                      .formatted(way.card().name(), Figures.mm(way.lengthMm()), way.folded()),
                  "In its place " + way.why() + ".",
                  "It goes in, and plugs into nothing.")
              .with(
                  Remedy.byHand("Take a riser from the library"),
                  Remedy.byHand("Give it a bay at the board, standing in the slot")));
    } else if (longMm(riser.wiring()) == 0) {
      findings.add(
          found(
                  Severity.NOTE,
                  way,
                  "riser-length",
                  "How long %s is is not known".formatted(riser.name()),
                  "%s asks for %s or more, %s."
                      .formatted(way.card().name(), Figures.mm(way.lengthMm()), way.folded()),
                  "A riser that is short by a finger is short.")
              .with(Remedy.byHand("Type its length under Joins")));
    } else if (!reaches(riser.wiring(), way)) {
      findings.add(tooShort(way, riser));
    }
  }

  private Finding tooShort(SlotWay way, Component riser) {
    boolean lacks = longMm(riser.wiring()) < way.lengthMm();
    return found(
            lacks ? Severity.STOP : Severity.RISK,
            way,
            "riser-length",
            lacks
                ? "%s is too short for %s".formatted(riser.name(), way.card().name())
                : "%s can’t be folded as often as %s asks for"
                    .formatted(riser.name(), way.card().name()),
            "%s long; %s or more, %s: %s."
                .formatted(
                    Figures.mm(longMm(riser.wiring())),
                    Figures.mm(way.lengthMm()),
                    way.folded(),
                    way.why()),
            lacks
                ? "It doesn’t reach, and pulled tight it loses the card."
                : "A fold that it isn’t made for breaks its conductors.")
        .with(longer(way, riser));
  }

  private Remedy[] longer(SlotWay way, Component riser) {
    List<Remedy> ways = new ArrayList<>();
    book.hardware().stream()
        .filter(product -> product.kind() == ComponentKind.RISER)
        .filter(product -> riser.source() == Source.BUY && reaches(product.wiring(), way))
        .min(Comparator.comparingLong(HardwareProduct::priceMinor).thenComparing(p -> p.id()))
        .ifPresent(
            product ->
                ways.add(
                    new Remedy(
                        "Take %s instead".formatted(product.name()),
                        new Change("components", riser.id(), "productId", 0, product.id()),
                        (product.priceMinor() - riser.priceMinor()) * riser.quantity(),
                        0)));
    ways.add(Remedy.byHand("Bring the card nearer to the board"));
    return ways.toArray(Remedy[]::new);
  }

  private static Finding found(
      Severity severity, SlotWay way, String key, String title, String detail, String why) {
    return Finding.of(
            severity, "fit", "component:" + way.card().id() + "/" + key, title, detail, why)
        .about(way.card().id());
  }
}
