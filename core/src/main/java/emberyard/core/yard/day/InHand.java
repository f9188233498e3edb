package emberyard.core.yard.day;

/**
 * Something to take in hand for a step.
 *
 * @param key of the need it comes out of; empty for what is no need, as a machine's settings
 * @param amount how much of it this step takes, in {@code unit}; 0 where nobody reckons it for one
 *     step
 * @param note what else to know: what is left of it, how it is set; may be empty
 */
public record InHand(What what, String key, String title, double amount, String unit, String note) {

  /** What sort of thing it is. */
  public enum What {
    PAINT,
    ABRASIVE,
    MATERIAL,
    HARDWARE,
    FIXING,
    LEAD,
    SETTING
  }
}
