package emberyard.core.plan;

/** Why a stretch of time passes before a project is finished. */
public enum Reason {
  /** Hands are on the step. */
  WORK,
  /** What was done dries, cures, prints or runs. */
  WAIT,
  /** It is not there before a given moment: a parcel. */
  ARRIVAL,
  /** Its person does not work, or it can't be worked on that day. */
  CLOSED,
  /** Its person is held by another step. */
  PERSON,
  /** Its station is held by another step. */
  STATION,
  /** Nobody holds anything, but what has to be begun in its window can't be that early. */
  WINDOW,
  /** Nobody holds anything, but the time left is too short for it. */
  TOO_SHORT
}
