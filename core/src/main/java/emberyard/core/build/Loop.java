package emberyard.core.build;

import emberyard.core.thing.DesignThing;
import emberyard.core.units.Require;
import java.util.List;

/**
 * A loop of coolant.
 *
 * @param memberIds components in it: pump, radiators, blocks, reservoir
 * @param runs tubes between them
 * @param extraL coolant in what is not listed, 0 to 20 l
 * @param coolantId product of the library it is filled with, empty for none chosen
 */
public record Loop(
    String id, String name, List<String> memberIds, List<Run> runs, double extraL, String coolantId)
    implements DesignThing {
  public Loop {
    Require.text("id", id);
    Require.text("name", name);
    memberIds = Require.list(memberIds);
    runs = Require.list(runs);
    Require.between("extraL", extraL, 0, 20, "l");
    coolantId = Require.textOrEmpty("coolantId", coolantId);
  }

  /**
   * One tube with what screws onto it.
   *
   * @param lengthMm 1 to 10,000 mm
   * @param boreMm inside diameter, 1 to 40 mm
   * @param fittings at its ends and corners, 0 to 20
   * @param fittingId product of the library, empty for none chosen
   * @param thread "G1/4"
   */
  public record Run(
      String name, double lengthMm, double boreMm, int fittings, String fittingId, String thread) {
    public Run {
      Require.text("name", name);
      Require.between("lengthMm", lengthMm, 1, 10_000, "mm");
      Require.between("boreMm", boreMm, 1, 40, "mm");
      Require.between("fittings", fittings, 0, 20, "pieces");
      fittingId = Require.textOrEmpty("fittingId", fittingId);
      thread = Require.textOrEmpty("thread", thread);
    }

    /** π/4 × bore² × length, l. Example: 10 mm bore, 1,000 mm: 0.0785 l. */
    public double coolantL() {
      return Math.PI / 4 * boreMm * boreMm * lengthMm / 1e6;
    }
  }
}
