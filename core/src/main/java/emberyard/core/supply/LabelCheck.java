package emberyard.core.supply;

import emberyard.core.record.LabelKind;
import emberyard.core.record.LabelKind.Question;
import emberyard.core.record.OrderLine;
import emberyard.core.units.Figures;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/**
 * What a label says, against what was ordered.
 *
 * @param answers one for each question of the kind, in order
 * @param complete whether all that can be compared was read
 * @param differs whether something read is not what was ordered: stop, and look at it
 * @param caliper of a sheet, null for anything else or while nothing was measured
 */
public record LabelCheck(
    List<Answer> answers, boolean complete, boolean differs, @Nullable Caliper caliper) {
  /** Of a length, in mm and as a share. */
  private static final double NEAR_MM = 1;

  private static final double NEAR_SHARE = 0.01;

  /** Some count a GB as 1,024 MB, some as 1,000. */
  private static final double CAPACITY_SHARE = 0.05;

  public LabelCheck {
    answers = List.copyOf(answers);
  }

  /** How an answer compares. */
  public enum Outcome {
    SAME,
    DIFFERS,
    /** It was ordered, and nobody has read it yet. */
    NOT_READ,
    /** Nobody said what was ordered, or it is only written down. */
    NOT_COMPARED
  }

  /**
   * One question, with both sides as they were written.
   *
   * @param kept whether it is only written down: a serial, a batch
   */
  public record Answer(
      String field, String words, String ordered, String label, Outcome outcome, boolean kept) {}

  /**
   * A sheet's thickness.
   *
   * @param slotMm the largest reading: slots are cut for it
   * @param stackMm the mean: what stacks up
   * @param halfRangeMm half of what lies between the largest and the smallest
   * @param uneven whether they lie more than 0.2 mm apart
   */
  public record Caliper(double slotMm, double stackMm, double halfRangeMm, boolean uneven) {
    private static final double MOST_RANGE_MM = 0.2;

    /**
     * Example: 2.86, 2.90, 3.10: slots 3.10, stack 2.953 ± 0.12, uneven.
     *
     * @param readings in mm, one at least
     */
    static Caliper of(List<Double> readings) {
      double most = Collections.max(readings);
      double range = most - Collections.min(readings);
      double mean = readings.stream().mapToDouble(Double::doubleValue).average().orElseThrow();
      return new Caliper(most, mean, range / 2, range > MOST_RANGE_MM + 1e-9);
    }
  }

  /**
   * @param ordered what was ordered, by field; what is not said is not compared
   * @param label what the label says, by field
   *     <p>Example: a drive, ordered 4 TB: 1 TB differs, 4000 GB is the same.
   */
  public static LabelCheck of(
      LabelKind kind, Map<String, String> ordered, Map<String, String> label) {
    List<Answer> answers =
        kind.questions().stream()
            .map(
                question ->
                    answer(question, at(ordered, question.field()), at(label, question.field())))
            .toList();
    String measured = at(label, "thickness");
    boolean sheet = kind == LabelKind.SHEET && !LabelWords.numbers(decimal(measured)).isEmpty();
    return new LabelCheck(
        answers,
        answers.stream().noneMatch(answer -> answer.outcome() == Outcome.NOT_READ),
        answers.stream().anyMatch(answer -> answer.outcome() == Outcome.DIFFERS),
        sheet ? Caliper.of(LabelWords.numbers(decimal(measured))) : null);
  }

  /** Of a line of an order; null where its label is asked nothing. */
  public static @Nullable LabelCheck of(OrderLine line) {
    return line.labelKind() == null
        ? null
        : of(line.labelKind(), OrderLine.byField(line.facts()), OrderLine.byField(line.label()));
  }

  /** Whether the label of a line was read and says what was ordered, or is asked nothing. */
  static boolean passes(OrderLine line) {
    LabelCheck check = of(line);
    return check == null || check.complete() && !check.differs();
  }

  private static String at(Map<String, String> said, String field) {
    String words = said.get(field);
    return words == null ? "" : words.strip();
  }

  private static Answer answer(Question question, String ordered, String label) {
    return new Answer(
        question.field(),
        question.words(),
        ordered,
        label,
        outcome(question, ordered, label),
        question.reading() == LabelKind.Reading.KEPT);
  }

  private static Outcome outcome(Question question, String ordered, String label) {
    if (ordered.isEmpty() || question.reading() == LabelKind.Reading.KEPT) {
      return Outcome.NOT_COMPARED;
    }
    if (label.isEmpty()) {
      return Outcome.NOT_READ;
    }
    boolean same =
        switch (question.reading()) {
          case NUMBER -> first(LabelWords.numbers(ordered)) == first(LabelWords.numbers(label));
          case CAPACITY ->
              near(LabelWords.amounts(ordered), LabelWords.amounts(label), CAPACITY_SHARE, 0);
          case LENGTH ->
              near(LabelWords.amounts(ordered), LabelWords.amounts(label), NEAR_SHARE, NEAR_MM);
          case SIDES -> near(sides(ordered), sides(label), NEAR_SHARE, NEAR_MM);
          case PIECES -> LabelWords.pieces(ordered).equals(LabelWords.pieces(label));
          case CALIPER -> asThick(ordered, label);
          default -> LabelWords.plain(ordered).equals(LabelWords.plain(label));
        };
    if (question.reading() == LabelKind.Reading.CALIPER && readings(label).size() < 3) {
      return same ? Outcome.NOT_READ : Outcome.DIFFERS;
    }
    return same ? Outcome.SAME : Outcome.DIFFERS;
  }

  /** The first number; not a number, which equals nothing, where there is none. */
  private static double first(List<Double> numbers) {
    return numbers.isEmpty() ? Double.NaN : numbers.get(0);
  }

  private static List<Double> sides(String words) {
    return LabelWords.amounts(words).stream().sorted().toList();
  }

  private static boolean near(List<Double> one, List<Double> other, double share, double least) {
    if (one.isEmpty() || one.size() != other.size()) {
      return false;
    }
    for (int i = 0; i < one.size(); i++) {
      double most = Math.max(least, share * one.get(i));
      if (Math.abs(one.get(i) - other.get(i)) > most + 1e-9) {
        return false;
      }
    }
    return true;
  }

  private static List<Double> readings(String label) {
    return LabelWords.numbers(decimal(label));
  }

  /** A caliper's comma is a decimal one: "2,860" is no three thousand. */
  private static String decimal(String label) {
    return label.replaceAll("(\\d),(\\d)", "$1.$2");
  }

  /**
   * Each reading within ±(0.4 mm + a tenth): what cast sheet is sold with (ISO 7823-1), the widest
   * of common sheets.
   */
  private static boolean asThick(String ordered, String label) {
    double nominal = first(LabelWords.numbers(decimal(ordered)));
    List<Double> readings = readings(label);
    return !readings.isEmpty()
        && readings.stream().allMatch(mm -> Math.abs(mm - nominal) <= 0.4 + 0.1 * nominal + 1e-9);
  }

  /** What differs, in words: “Capacity: 1 TB, ordered 4 TB”. */
  public String difference() {
    StringBuilder words = new StringBuilder();
    for (Answer answer : answers) {
      if (answer.outcome() == Outcome.DIFFERS) {
        words
            .append(words.isEmpty() ? "" : "; ")
            .append(answer.words() + ": " + answer.label() + ", ordered " + answer.ordered());
      }
    }
    if (caliper != null && caliper.uneven()) {
      words
          .append(words.isEmpty() ? "" : "; ")
          .append("its thickness varies by " + Figures.mm(2 * caliper.halfRangeMm()));
    }
    return words.toString();
  }
}
