package emberyard.core.concept;

import emberyard.core.build.Build;
import emberyard.core.build.Panel;
import emberyard.core.build.Scheme;
import emberyard.core.build.Source;
import emberyard.core.workshop.Material;
import emberyard.core.workshop.WorkshopBook;
import java.util.Set;
import java.util.stream.Collectors;

/** How far a design is worked out, and so how wide its numbers are. */
public enum Detail {
  /** No outer size, or no part made here. */
  ROUGH("rough", 0.40),
  /** Sized, but a part lacks its finish or a bought thing its price. */
  SIZED("sized", 0.20),
  /** Every part has sheet and finish, every bought thing a price. */
  DETAILED("detailed", 0.10);

  private final String words;
  private final double spread;

  Detail(String words, double spread) {
    this.words = words;
    this.spread = spread;
  }

  public String words() {
    return words;
  }

  /** Half width of a range, as a share of its middle. */
  public double spread() {
    return spread;
  }

  /** Reads it off the design. Acrylic is finished as it comes. */
  public static Detail of(Build build, WorkshopBook book) {
    if (build.outerSize() == null || build.panels().isEmpty()) {
      return ROUGH;
    }
    Set<String> finished =
        build.schemes().stream().map(Scheme::panelId).collect(Collectors.toSet());
    boolean parts =
        build.panels().stream()
            .allMatch(panel -> finished.contains(panel.id()) || bare(panel, book));
    boolean priced =
        build.components().stream().allMatch(c -> c.source() != Source.BUY || c.priceMinor() > 0);
    return parts && priced && !build.components().isEmpty() ? DETAILED : SIZED;
  }

  private static boolean bare(Panel panel, WorkshopBook book) {
    return book.sheet(panel.sheetId())
        .map(sheet -> sheet.material() == Material.ACRYLIC)
        .orElse(false);
  }
}
