package emberyard.core.supply;

import emberyard.core.finding.Finding;
import emberyard.core.finding.Remedy;
import emberyard.core.finding.Severity;
import java.util.List;
import java.util.Optional;

/** What is to be bought and has no price yet: it must not count 0 in silence. */
public final class UnpricedFinding {
  /** So many are named. */
  private static final int NAMED = 5;

  private UnpricedFinding() {}

  /** Nothing where all that is still open has a price. */
  public static Optional<Finding> of(List<NeedLine> needs) {
    List<String> names =
        needs.stream()
            .filter(line -> line.open() > 0 && line.need().unitPriceMinor() == 0)
            .map(line -> line.need().title())
            .toList();
    return names.isEmpty() ? Optional.empty() : Optional.of(finding(names));
  }

  private static Finding finding(List<String> names) {
    int more = names.size() - NAMED;
    return Finding.of(
            Severity.NOTE,
            "money",
            "money/unpriced",
            names.size() == 1
                ? "“%s” has no price yet".formatted(names.get(0))
                : "%d things to buy have no price yet".formatted(names.size()),
            "%s%s: counted as 0 until then."
                .formatted(
                    String.join(", ", names.subList(0, Math.min(NAMED, names.size()))),
                    more > 0 ? " and %d more".formatted(more) : ""),
            "The forecast and the quote are too low by what they cost.")
        .with(Remedy.byHand("Type what it costs, or a guess, where it was chosen or under Order"));
  }
}
