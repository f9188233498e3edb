package emberyard.core.thing;

/** A thing that concepts differ in: it is frozen, put aside with an option and compared. */
public interface DesignThing extends Thing {
  /** What it is called. */
  String name();
}
