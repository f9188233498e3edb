package emberyard.core.build;

import emberyard.core.thing.DesignThing;
import emberyard.core.thing.Thing;
import emberyard.core.thing.Things;
import emberyard.core.units.Require;
import java.util.Collection;
import java.util.List;

/**
 * Everything of a build that a concept can differ in. A value: it can be put aside, brought back,
 * frozen and compared.
 *
 * @param things only {@link DesignThing}s
 */
public record Design(Look look, Things things) implements DesignLists {
  public Design {
    Require.given("look", look);
    Require.given("things", things);
    Require.that(
        things.kinds().stream().allMatch(Design::differs),
        "things",
        "A design holds only what concepts can differ in.");
  }

  public static Design of(Look look, Collection<? extends Thing> things) {
    return new Design(look, Things.of(things));
  }

  /** A look without parts. */
  public static Design of(Look look) {
    return new Design(look, Things.NONE);
  }

  /** Whether concepts can differ in things of this kind. */
  public static boolean differs(Class<? extends Thing> kind) {
    return DesignThing.class.isAssignableFrom(kind);
  }

  /** The same parts with another look and other things on the faces. */
  public Design looking(Look other, List<FaceItem> placed) {
    return new Design(other, things).with(FaceItem.class, placed);
  }

  /** The same look with other things. */
  public Design with(Collection<? extends Thing> others) {
    return of(look, others);
  }

  /** The same with these as all things of their kind. */
  public <T extends DesignThing> Design with(Class<T> kind, List<T> those) {
    return new Design(look, things.with(kind, those));
  }
}
