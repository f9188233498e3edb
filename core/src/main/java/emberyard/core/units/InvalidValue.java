package emberyard.core.units;

/**
 * A value that can't be: names the field and says, in a sentence a builder understands, what would
 * be right.
 */
public final class InvalidValue extends IllegalArgumentException {
  private final String field;

  /**
   * @param field name of the wrong field, dotted for a field inside another (<code>window.widthMm
   *     </code>), never null
   * @param sentence what is wrong and what would be right, never null
   */
  public InvalidValue(String field, String sentence) {
    super(sentence);
    this.field = field;
  }

  /** The dotted name of the wrong field. */
  public String field() {
    return field;
  }

  /** The same problem seen from the thing that holds the field: <code>window</code> + name. */
  public InvalidValue within(String outer) {
    return new InvalidValue(outer + "." + field, getMessage());
  }
}
