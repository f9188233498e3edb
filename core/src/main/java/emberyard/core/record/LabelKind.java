package emberyard.core.record;

import java.util.List;

/** What is asked of the label of a kind of thing when its parcel is opened. */
public enum LabelKind {
  DRIVE(
      new Question("capacity", "Capacity", Reading.CAPACITY),
      new Question("interface", "Interface", Reading.WORDS),
      new Question("serial", "Serial", Reading.KEPT)),
  MEMORY(
      new Question("kit", "Kit", Reading.PIECES),
      new Question("speed", "Speed", Reading.NUMBER),
      new Question("tested", "On the board’s tested list", Reading.WORDS)),
  CARD(
      new Question("length", "Length", Reading.LENGTH),
      new Question("height", "Height", Reading.LENGTH),
      new Question("plugs", "Plugs", Reading.PIECES),
      new Question("serial", "Serial", Reading.KEPT)),
  SCREEN(
      new Question("size", "Size outside", Reading.SIDES),
      new Question("pixels", "Pixels", Reading.SIDES),
      new Question("input", "Input", Reading.WORDS),
      new Question("serial", "Serial", Reading.KEPT)),
  LEAD(
      new Question("length", "Length", Reading.LENGTH),
      new Question("plugs", "Plugs", Reading.PIECES)),
  PAINT(
      new Question("colour", "Colour name", Reading.WORDS),
      new Question("number", "Number", Reading.WORDS),
      new Question("batch", "Batch", Reading.KEPT)),
  SHEET(new Question("thickness", "Thickness by caliper, in three places", Reading.CALIPER)),
  CASE(
      new Question("colour", "Colour", Reading.WORDS),
      new Question("window", "Side of the window", Reading.WORDS)),
  FAN(
      new Question("direction", "Which way it blows", Reading.WORDS),
      new Question("speed", "Speed", Reading.NUMBER)),
  USED(
      new Question("serial", "Serial", Reading.KEPT), new Question("marks", "Marks", Reading.KEPT)),
  OTHER(
      new Question("type", "Type on the label", Reading.WORDS),
      new Question("serial", "Serial", Reading.KEPT));

  private final List<Question> questions;

  LabelKind(Question... questions) {
    this.questions = List.of(questions);
  }

  /** What is asked, in order. */
  public List<Question> questions() {
    return questions;
  }

  /**
   * One thing to read.
   *
   * @param field its name in what was ordered and what the label says
   * @param words how it is asked for
   */
  public record Question(String field, String words, Reading reading) {}

  /** How what was ordered and what the label says are compared. */
  public enum Reading {
    /** Letters and digits, in any case. */
    WORDS,
    /** The number in it, exactly. */
    NUMBER,
    /** GB, or TB of a thousand: within 5 %, for some count by 1,024. */
    CAPACITY,
    /** mm, cm, m or in: within 1 mm or 1 %, the greater. */
    LENGTH,
    /** Two numbers, either first: within 1 mm or 1 %. */
    SIDES,
    /** Counted things, "2 × 16 GB, 1 × 8-pin", in any order. */
    PIECES,
    /** Three readings of a thickness in mm, against that of the sheet. */
    CALIPER,
    /** Written down, compared with nothing. */
    KEPT
  }
}
