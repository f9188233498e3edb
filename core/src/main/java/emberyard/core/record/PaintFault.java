package emberyard.core.record;

import emberyard.core.thing.Thing;
import emberyard.core.units.Require;
import java.time.Instant;

/**
 * A fault found on a coat, and how it is mended. What follows is derived.
 *
 * @param schemeId the finish
 * @param taskKey the coat's task it was found on
 * @param at when it was found
 * @param by who found it
 * @param note what was seen, may be empty
 */
public record PaintFault(
    String id,
    String schemeId,
    String taskKey,
    Kind kind,
    Repair repair,
    Instant at,
    String by,
    String note)
    implements Thing {
  public PaintFault {
    Require.text("id", id);
    Require.text("schemeId", schemeId);
    Require.text("taskKey", taskKey);
    Require.given("kind", kind);
    repair = repair == null ? kind.usual() : repair;
    Require.given("at", at);
    Require.text("by", by);
    note = Require.textOrEmpty("note", note);
  }

  /** What went wrong. */
  public enum Kind {
    RUN("run", Repair.FLAT),
    DUST("dust", Repair.FLAT),
    FINGERPRINT("fingerprint", Repair.FLAT),
    ORANGE_PEEL("orange peel", Repair.FLAT),
    BLUSH("blush", Repair.FLAT),
    WRONG_COLOUR("wrong colour", Repair.RECOLOUR),
    LIFTING("lifting", Repair.STRIP);

    private final String words;
    private final Repair usual;

    Kind(String words, Repair usual) {
      this.words = words;
      this.usual = usual;
    }

    public String words() {
      return words;
    }

    public Repair usual() {
      return usual;
    }
  }

  /** How it is mended. */
  public enum Repair {
    /** Wait until it can be sanded, flat it, recoat once. */
    FLAT,
    /** Key it and lay the layer's coats again. */
    RECOLOUR,
    /** Strip to the sheet and do the side again. */
    STRIP
  }
}
