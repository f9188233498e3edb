package emberyard.server.store;

/** What was asked for is not there (any more). */
public final class MissingThing extends RuntimeException {
  private static final long serialVersionUID = 1;

  public MissingThing(String sentence) {
    super(sentence);
  }
}
