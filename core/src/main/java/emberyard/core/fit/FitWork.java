package emberyard.core.fit;

import emberyard.core.build.Build;
import emberyard.core.build.Component;
import emberyard.core.build.ComponentKind;
import emberyard.core.build.CostCategory;
import emberyard.core.build.Need;
import emberyard.core.build.Source;
import emberyard.core.build.Stage;
import emberyard.core.build.Task;
import emberyard.core.build.Why;
import emberyard.core.build.Work;
import emberyard.core.finding.Finding;
import emberyard.core.finding.Remedy;
import emberyard.core.finding.Severity;
import emberyard.core.workshop.WorkshopBook;
import java.util.ArrayList;
import java.util.List;

/** What the chosen hardware asks for: proof on paper, buying, and being carried. */
public final class FitWork {
  /** Key of the task that proves on paper that it goes in. */
  public static final String ON_PAPER = "fit/paper";

  private static final double ONE_PERSON_KG = 20;

  private FitWork() {}

  /**
   * @param behind key of the task that comes first
   * @param enclosureFor key of the task that needs the enclosure
   * @param hardwareFor key of the task that needs all other hardware
   */
  public static Work derive(
      Build build, WorkshopBook book, String behind, String enclosureFor, String hardwareFor) {
    if (build.components().isEmpty()) {
      return Work.none();
    }
    int minutes = book.workshop().times().fitOnPaperMinutes();
    Task paper =
        Task.of(
                ON_PAPER,
                "Prove on paper that it goes in",
                Stage.FIT,
                minutes,
                Why.of("a default", minutes + " min (default)"))
            .behind(behind);
    List<Need> needs = new ArrayList<>();
    for (Component component : build.components()) {
      if (component.source() == Source.BUY) {
        boolean enclosure = component.kind() == ComponentKind.ENCLOSURE;
        needs.add(need(component, book, enclosure ? enclosureFor : hardwareFor));
      }
    }
    return new Work(List.of(paper), needs, findings(build));
  }

  /** Mass of all components. */
  public static double massKg(Build build) {
    return build.components().stream().mapToDouble(c -> c.massKg() * c.quantity()).sum();
  }

  private static Need need(Component component, WorkshopBook book, String neededBy) {
    int lead =
        component.leadDays() >= 0 ? component.leadDays() : book.leadDays(component.supplierId());
    return new Need(
        "component:" + component.id(),
        component.name(),
        component.forLook() ? CostCategory.LOOK_HARDWARE : CostCategory.PERFORMANCE_HARDWARE,
        component.supplierId(),
        component.quantity(),
        0,
        component.quantity() == 1 ? "piece" : "pieces",
        component.priceMinor(),
        lead,
        List.of(neededBy),
        Why.of("as chosen in the design", component.quantity() + " × " + component.name()));
  }

  private static List<Finding> findings(Build build) {
    double mass = massKg(build);
    if (mass <= ONE_PERSON_KG) {
      return List.of();
    }
    return List.of(
        Finding.of(
                Severity.NOTE,
                "fit",
                "fit/lifting",
                "Hardware weighs %.1f kg: two people carry it".formatted(mass),
                "Sum of the components, without made parts.",
                "Over 20 kg: two people, and glass out before carrying.")
            .with(Remedy.byHand("Plan a second pair of hands for the hand-over")));
  }
}
