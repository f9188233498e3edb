package emberyard.core.concept;

import emberyard.core.build.Build;
import emberyard.core.build.Concept;
import emberyard.core.build.Look;
import emberyard.core.build.Stage;
import emberyard.core.build.Task;
import emberyard.core.build.Why;
import emberyard.core.build.Work;
import emberyard.core.finding.Finding;
import emberyard.core.finding.Remedy;
import emberyard.core.finding.Severity;
import emberyard.core.units.InvalidValue;
import emberyard.core.workshop.WorkshopBook;
import java.util.ArrayList;
import java.util.List;

/** What the concept asks for: choosing a look, and keeping to it once it is frozen. */
public final class ConceptWork {
  /** Key of the task that ends when the concept is frozen. */
  public static final String CHOOSE = "concept/choose";

  private ConceptWork() {}

  /**
   * @param behind key of the task that comes first
   */
  public static Work derive(Build build, WorkshopBook book, String behind) {
    int minutes = book.workshop().times().conceptMinutes();
    Task choose =
        Task.of(
                CHOOSE,
                "Settle look, palette and size; freeze the concept",
                Stage.CONCEPT,
                minutes,
                Why.of("a default", minutes + " min (default)"))
            .behind(behind);
    return new Work(List.of(choose), List.of(), findings(build.concept()));
  }

  /**
   * Checks that a look can be frozen: three to seven colours and an outer size.
   *
   * @throws InvalidValue that says what is missing
   */
  public static void checkFreezable(Look look) {
    if (look.palette().size() < Look.FEWEST_COLOURS) {
      throw new InvalidValue(
          "palette",
          "A palette has three to seven colours; this one has %d."
              .formatted(look.palette().size()));
    }
    if (look.size() == null) {
      throw new InvalidValue("size", "Give the outer size first: the parts follow from it.");
    }
  }

  private static List<Finding> findings(Concept concept) {
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
    if (concept.frozen() != null && !concept.frozen().look().equals(look)) {
      findings.add(
          Finding.of(
                  Severity.RISK,
                  "concept",
                  "concept/changed",
                  "The concept changed after it was frozen",
                  differences(concept.frozen().look(), look),
                  "The client agreed to a picture and a price; a change has one too.")
              .with(
                  Remedy.byHand("Put it back as it was frozen"),
                  Remedy.byHand("Agree the change and freeze again")));
    }
    return findings;
  }

  /** What differs, in words. */
  static String differences(Look before, Look now) {
    List<String> words = new ArrayList<>();
    if (!before.themeWords().equals(now.themeWords())) {
      words.add("theme words");
    }
    if (!before.palette().equals(now.palette())) {
      words.add("palette");
    }
    if (before.size() == null || !before.size().equals(now.size())) {
      words.add("outer size");
    }
    return "Changed: " + String.join(", ", words) + ".";
  }
}
