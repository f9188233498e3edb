package emberyard.core.build;

import emberyard.core.thing.DesignThing;
import emberyard.core.units.Require;
import org.jspecify.annotations.Nullable;

/**
 * Finish that somebody else puts on a part.
 *
 * @param panelId the part that is sent
 * @param quoteMinor price for all pieces, minor units
 * @param leadDays calendar days from sending to return, 0 to 365
 * @param widthPx of the picture that is printed, null for none
 * @param printWidthMm how wide it is printed, null for none
 * @param bleedMm printed over the edge, 0 to 50 mm
 * @param inTheHand whether it is looked at in the hand: 300 dots per inch instead of 150
 */
public record OutsideFinish(
    String id,
    String name,
    Process process,
    String panelId,
    String supplierId,
    long quoteMinor,
    int leadDays,
    @Nullable Integer widthPx,
    @Nullable Double printWidthMm,
    Double bleedMm,
    Boolean inTheHand)
    implements DesignThing {
  public OutsideFinish {
    Require.text("id", id);
    Require.text("name", name);
    Require.given("process", process);
    Require.text("panelId", panelId);
    Require.text("supplierId", supplierId);
    Require.between("quoteMinor", quoteMinor, 0, 100_000_000, "minor units");
    Require.between("leadDays", leadDays, 0, 365, "days");
    bleedMm = bleedMm == null ? 0 : bleedMm;
    inTheHand = inTheHand != null && inTheHand;
    Require.between("bleedMm", bleedMm, 0, 50, "mm");
    if (widthPx != null) {
      Require.between("widthPx", widthPx, 10, 200_000, "px");
    }
    if (printWidthMm != null) {
      Require.between("printWidthMm", printWidthMm, 5, 5_000, "mm");
    }
  }

  /** What is done outside. */
  public enum Process {
    POWDER_COAT(
        "powder coat",
        "the bare, deburred part, threads plugged",
        "film even, edges covered, threads free"),
    PLATING(
        "plating",
        "the polished, bare part and a note where the hanger may touch",
        "no pits, no burnt edges, hanger marks where agreed"),
    UV_PRINT(
        "UV print",
        "the cleaned part, the file at size and the bleed",
        "register, colour beside the sample, no banding"),
    HYDRO_DIP(
        "hydro-dip",
        "the part primed and based in the agreed colour",
        "no seams on the faces that are seen, no bubbles"),
    GLASS(
        "glass work",
        "a drawing with sizes, holes and edge finish; tempered glass is never cut",
        "size, edges, scratches against the light");

    private final String words;
    private final String sends;
    private final String checks;

    Process(String words, String sends, String checks) {
      this.words = words;
      this.sends = sends;
      this.checks = checks;
    }

    public String words() {
      return words;
    }

    /** What goes with the parcel. */
    public String sends() {
      return sends;
    }

    /** What is looked at when it comes back. */
    public String checks() {
      return checks;
    }
  }
}
