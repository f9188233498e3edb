package emberyard.server.store;

/** The data were written by a newer program than this one; nothing was touched. */
public final class NewerData extends RuntimeException {
  private static final long serialVersionUID = 1;

  NewerData(int form, int known) {
    super(
        "These data have form %d, and this Ember Yard knows forms up to %d: take the newer program."
                .formatted(form, known)
            + " Nothing was changed.");
  }
}
