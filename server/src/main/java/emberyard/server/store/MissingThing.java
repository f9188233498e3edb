package emberyard.server.store;

import emberyard.core.kind.ThingKind;

/** What was asked for is not there (any more). */
public final class MissingThing extends RuntimeException {
  private static final long serialVersionUID = 1;

  public MissingThing(String sentence) {
    super(sentence);
  }

  /** The kind behind a word of an address. */
  public static ThingKind kindNamed(String word) {
    return ThingKind.named(word)
        .orElseThrow(() -> new MissingThing("There are no “" + word + "” here."));
  }
}
