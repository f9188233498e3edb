package emberyard.core.concept;

import emberyard.core.build.Build;
import emberyard.core.build.Concept;
import emberyard.core.build.Design;
import emberyard.core.build.Look;
import emberyard.core.elevation.Elevation;
import emberyard.core.elevation.Shares;
import emberyard.core.finding.Finding;
import emberyard.core.finding.Remedy;
import emberyard.core.finding.Severity;
import emberyard.core.units.InvalidValue;
import emberyard.core.work.Stage;
import emberyard.core.work.Task;
import emberyard.core.work.Why;
import emberyard.core.work.Work;
import emberyard.core.workshop.WorkshopBook;
import java.util.ArrayList;
import java.util.List;

/** What the concept asks for: choosing a look, and keeping to it once it is frozen. */
public final class ConceptWork {
  /** Key of the task that ends when the concept is frozen. */
  public static final String CHOOSE = "concept/choose";

  /** Key of the finding that a change waits for its answer. */
  public static final String CHANGED = "concept/changed";

  private ConceptWork() {}

  /**
   * @param faces the build's six faces, none while its size is not known
   * @param behind key of the task that comes first
   */
  public static Work derive(
      Build build,
      WorkshopBook book,
      List<Elevation> faces,
      Shares shares,
      StockPalette stock,
      String behind) {
    int minutes = book.workshop().times().conceptMinutes();
    Task choose =
        Task.of(
                CHOOSE,
                "Settle look, palette and size; freeze the concept",
                Stage.CONCEPT,
                minutes,
                Why.of("a default", minutes + " min (default)"))
            .behind(behind);
    return new Work(List.of(choose), List.of(), findings(build, faces, shares, stock));
  }

  /**
   * Checks that a look can be frozen: three to seven colours and an outer size.
   *
   * @throws InvalidValue that says what is missing
   */
  public static void checkFreezable(Design design) {
    Look look = design.look();
    if (look.palette().size() < Look.FEWEST_COLOURS) {
      throw new InvalidValue(
          "palette",
          "A palette has three to seven colours; this one has %d."
              .formatted(look.palette().size()));
    }
    if (design.outerSize() == null) {
      throw new InvalidValue("size", "Give the outer size first: the parts follow from it.");
    }
  }

  private static List<Finding> findings(
      Build build, List<Elevation> faces, Shares shares, StockPalette stock) {
    Concept concept = build.concept();
    List<Finding> findings = new ArrayList<>();
    Look look = concept.look();
    if (concept.frozen() == null && look.palette().size() < Look.FEWEST_COLOURS) {
      findings.add(
          Finding.of(
                  Severity.NOTE,
                  "concept",
                  "concept/palette",
                  "Palette has %d of at least 3 colours".formatted(look.palette().size()),
                  "Three to seven, each with a role.",
                  "Paint, film and light are chosen against it.")
              .with(Remedy.byHand("Add a colour")));
    }
    findings.addAll(FaceChecks.of(faces));
    findings.addAll(
        PaletteChecks.of(build.id(), look.palette(), faces, shares, build.strips(), stock));
    if (concept.frozen() != null) {
      List<String> differences =
          DesignDifference.between(concept.frozen().design(), build.design(), "");
      if (!differences.isEmpty()) {
        findings.add(changed(differences));
      }
    }
    return findings;
  }

  private static Finding changed(List<String> differences) {
    String first = String.join("; ", differences.subList(0, Math.min(4, differences.size())));
    return Finding.of(
            Severity.RISK,
            "concept",
            CHANGED,
            differences.size() == 1
                ? "A change waits for a yes or no"
                : "%d changes wait for a yes or no".formatted(differences.size()),
            first + (differences.size() > 4 ? "; and more." : "."),
            "The client agreed to a picture and a price; a change has one too.")
        .with(Remedy.byHand("Answer the change order on Concept"));
  }
}
