package emberyard.core.build;

import emberyard.core.units.Require;

/**
 * How a part is held in its place.
 *
 * @param count screws, inserts or magnets for one piece, 0 to 200; 0 where it is left out
 * @param diameterMm of screw or magnet, 0 to 30 mm; 0 where it is left out
 * @param lengthMm of the screw under its head, or depth of the magnet's pocket; 0 to 100 mm
 * @param gripMm what the screw passes besides this part, 0 to 100 mm
 * @param depthMm what the screw may go into behind, 0 to 200 mm
 * @param into what the screw bites into; through with a nut where it is left out
 * @param tapeWidthMm of foam tape, 0 to 100 mm; 12 where it is left out
 * @param hot whether it gets above 45 °C
 * @param rough whether the ground is rough or painted
 * @param overhead whether it hangs over someone or something
 * @param pullN of one magnet straight off, 0 to 1,000 N; 0 for not known
 * @param covered share of a magnet's face with steel behind it, 0.01 to 1; all where left out
 * @param gap share of the pull that paint, tape and air between leave, 0.01 to 1; all where left
 *     out
 * @param ledge whether a ledge carries it besides; none where it is left out
 */
public record Hold(
    Kind kind,
    Integer count,
    Double diameterMm,
    Double lengthMm,
    Double gripMm,
    Double depthMm,
    ScrewInto into,
    Double tapeWidthMm,
    Boolean hot,
    Boolean rough,
    Boolean overhead,
    Double pullN,
    Double covered,
    Double gap,
    Boolean ledge) {
  /** The ways. */
  public enum Kind {
    SCREWS,
    MAGNETS,
    FOAM_TAPE,
    GLUE
  }

  public Hold {
    Require.given("kind", kind);
    count = count == null ? 0 : count;
    diameterMm = or(diameterMm, 0);
    lengthMm = or(lengthMm, 0);
    gripMm = or(gripMm, 0);
    depthMm = or(depthMm, 0);
    tapeWidthMm = or(tapeWidthMm, 12);
    hot = hot != null && hot;
    rough = rough != null && rough;
    overhead = overhead != null && overhead;
    pullN = or(pullN, 0);
    covered = or(covered, 1);
    gap = or(gap, 1);
    ledge = ledge != null && ledge;
    Require.between("count", count, 0, 200, "pieces");
    Require.between("diameterMm", diameterMm, 0, 30, "mm");
    Require.between("lengthMm", lengthMm, 0, 100, "mm");
    Require.between("gripMm", gripMm, 0, 100, "mm");
    Require.between("depthMm", depthMm, 0, 200, "mm");
    Require.between("tapeWidthMm", tapeWidthMm, 3, 100, "mm");
    Require.between("pullN", pullN, 0, 1_000, "N");
    Require.between("covered", covered, 0.01, 1, "");
    Require.between("gap", gap, 0.01, 1, "");
  }

  /** One that no ledge helps, of whose magnets nobody knows how hard they pull. */
  public Hold(
      Kind kind,
      Integer count,
      Double diameterMm,
      Double lengthMm,
      Double gripMm,
      Double depthMm,
      ScrewInto into,
      Double tapeWidthMm,
      Boolean hot,
      Boolean rough,
      Boolean overhead) {
    this(
        kind,
        count,
        diameterMm,
        lengthMm,
        gripMm,
        depthMm,
        into,
        tapeWidthMm,
        hot,
        rough,
        overhead,
        null,
        null,
        null,
        null);
  }

  private static double or(Double given, double otherwise) {
    return given == null ? otherwise : given;
  }
}
