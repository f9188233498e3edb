package emberyard.core.brief;

import emberyard.core.build.Requirement;
import emberyard.core.work.Why;

/**
 * How a requirement stands.
 *
 * @param derived whether it follows from an answer of the interview instead of being entered
 * @param numbers what was compared, "412.0 mm, ≤ 460.0 mm wanted"; empty where nothing was
 * @param by what judged
 */
public record RequirementState(
    Requirement requirement,
    boolean derived,
    Requirement.Outcome outcome,
    String numbers,
    Judge by,
    Why why) {

  /** Who or what says so. */
  public enum Judge {
    ARITHMETIC,
    THING,
    PERSON,
    NOBODY
  }
}
