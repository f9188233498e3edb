package emberyard.core.make.panel;

import emberyard.core.units.Figures;
import emberyard.core.units.Require;
import emberyard.core.work.Why;

/**
 * How long a machine takes for a job.
 *
 * @param cutSeconds along contours
 * @param pierceSeconds for beginning them
 * @param travelSeconds between them
 * @param engraveSeconds line by line
 */
public record CutTime(
    double cutSeconds,
    double pierceSeconds,
    double travelSeconds,
    double engraveSeconds,
    double totalSeconds,
    Why why) {

  /**
   * What is to be done.
   *
   * @param contourMm of all cuts, 0 to 10,000,000 mm
   * @param pierces contours begun, 0 to 100,000
   * @param travelMm between contours, 0 to 10,000,000 mm
   * @param engraveAreaMm2 0 to 25,000,000 mm²
   * @param lineMm of lines that are only burnt in, 0 to 10,000,000 mm
   */
  public record Job(
      double contourMm, int pierces, double travelMm, double engraveAreaMm2, double lineMm) {
    public Job {
      Require.between("contourMm", contourMm, 0, 1e7, "mm");
      Require.between("pierces", pierces, 0, 100_000, "");
      Require.between("travelMm", travelMm, 0, 1e7, "mm");
      Require.between("engraveAreaMm2", engraveAreaMm2, 0, 2.5e7, "mm²");
      Require.between("lineMm", lineMm, 0, 1e7, "mm");
    }
  }

  /**
   * How the machine does it.
   *
   * @param speedMmPerSecond along contours, 0.1 to 1,000 mm/s
   * @param passes 1 to 40
   */
  public record Pace(
      double speedMmPerSecond,
      int passes,
      double pierceSeconds,
      double travelMmPerSecond,
      double engraveLineMm,
      double engraveMmPerSecond) {
    public Pace {
      Require.between("speedMmPerSecond", speedMmPerSecond, 0.1, 1_000, "mm/s");
      Require.between("passes", passes, 1, 40, "passes");
      Require.between("pierceSeconds", pierceSeconds, 0, 60, "s");
      Require.between("travelMmPerSecond", travelMmPerSecond, 1, 5_000, "mm/s");
      Require.between("engraveLineMm", engraveLineMm, 0.01, 10, "mm");
      Require.between("engraveMmPerSecond", engraveMmPerSecond, 1, 5_000, "mm/s");
    }
  }

  /**
   * Time = Σ contour × passes / speed + pierces × passes × pierce time + travel / travel speed + Σ
   * engraved area / (line spacing × engrave speed). Lines that are burnt in run at engraving speed.
   *
   * <p>Example: 412 × 330 with a 300 × 200 window at 12 mm/s, 5 pierces at 0.4 s and an engraving
   * of 120 × 80 at 0.1 mm lines and 400 mm/s: 207 s + 2 s + 240 s = 449 s.
   */
  public static CutTime of(Job job, Pace pace) {
    double cut = job.contourMm() * pace.passes() / pace.speedMmPerSecond();
    double pierce = job.pierces() * pace.passes() * pace.pierceSeconds();
    double travel = job.travelMm() / pace.travelMmPerSecond();
    double engrave =
        job.engraveAreaMm2() / (pace.engraveLineMm() * pace.engraveMmPerSecond())
            + job.lineMm() / pace.engraveMmPerSecond();
    return new CutTime(
        cut,
        pierce,
        travel,
        engrave,
        cut + pierce + travel + engrave,
        Why.of(
            "contour × passes ÷ speed + pierces × pierce time + travel ÷ travel speed"
                + " + engraved area ÷ (line distance × engraving speed)",
            "contour %.0f mm at %s mm/s, %d passes"
                .formatted(job.contourMm(), Figures.plain(pace.speedMmPerSecond()), pace.passes()),
            "%d pierces × %s s".formatted(job.pierces(), Figures.plain(pace.pierceSeconds())),
            "travel %.0f mm at %s mm/s"
                .formatted(job.travelMm(), Figures.plain(pace.travelMmPerSecond())),
            "engraved %.0f mm² at %s mm lines and %s mm/s"
                .formatted(
                    job.engraveAreaMm2(),
                    Figures.plain(pace.engraveLineMm()),
                    Figures.plain(pace.engraveMmPerSecond()))));
  }
}
