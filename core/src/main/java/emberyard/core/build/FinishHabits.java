package emberyard.core.build;

/**
 * Where good painters differ. Each changes steps, time and risk.
 *
 * @param priming {@code WHERE_NEEDED} where it is left out
 * @param sanding {@code FAULTS} where it is left out
 * @param mounting {@code CURE} where it is left out
 * @param peeling {@code SOFT} where it is left out
 */
public record FinishHabits(Priming priming, Sanding sanding, Mounting mounting, Peeling peeling) {
  /** The usual ways. */
  public static final FinishHabits USUAL =
      new FinishHabits(Priming.WHERE_NEEDED, Sanding.FAULTS, Mounting.CURE, Peeling.SOFT);

  public FinishHabits {
    priming = priming == null ? Priming.WHERE_NEEDED : priming;
    sanding = sanding == null ? Sanding.FAULTS : sanding;
    mounting = mounting == null ? Mounting.CURE : mounting;
    peeling = peeling == null ? Peeling.SOFT : peeling;
  }

  /** When a primer goes under the colour. */
  public enum Priming {
    ALWAYS,
    WHERE_NEEDED
  }

  /** What is sanded between colour coats. */
  public enum Sanding {
    BETWEEN_COATS,
    FAULTS
  }

  /** When a painted part is mounted. */
  public enum Mounting {
    HANDLE,
    CURE
  }

  /** When a stencil is peeled. */
  public enum Peeling {
    /** Within handle time of the last coat: a soft edge that flows. */
    SOFT,
    /** After handle and before cure + 3 days, the edge scored. */
    DRY
  }
}
