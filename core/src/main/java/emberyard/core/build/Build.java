package emberyard.core.build;

import emberyard.core.record.Acceptance;
import emberyard.core.record.ChangeOrder;
import emberyard.core.record.DiaryWords;
import emberyard.core.record.Heeded;
import emberyard.core.record.JobNote;
import emberyard.core.record.Loan;
import emberyard.core.record.Move;
import emberyard.core.record.Offer;
import emberyard.core.record.OrderLine;
import emberyard.core.record.PaintFault;
import emberyard.core.record.Photo;
import emberyard.core.record.Remark;
import emberyard.core.record.TaskMark;
import emberyard.core.record.TimeEntry;
import emberyard.core.record.Use;
import emberyard.core.thing.Thing;
import emberyard.core.thing.Things;
import emberyard.core.work.Need;
import emberyard.core.work.PackUnit;
import java.util.Collection;
import java.util.List;

/**
 * One commission: the design that people entered, and the record of what happened. Everything else
 * is derived from it.
 *
 * @param things all but the brief and the concept
 */
public record Build(Brief brief, Concept concept, Things things) implements DesignLists {
  /** Less of a need than this is nothing. */
  private static final double NOTHING = 1e-9;

  /** A build with a brief and an open concept, nothing else. */
  public static Build begun(Brief brief, Concept concept) {
    return new Build(brief, concept, Things.NONE);
  }

  /**
   * All that was entered for one build.
   *
   * @param all a brief among them; without a concept, an open one is meant
   */
  public static Build of(Collection<? extends Thing> all) {
    Things things = Things.of(all);
    Brief brief = things.of(Brief.class).get(0);
    return new Build(
        brief,
        things.of(Concept.class).stream()
            .findFirst()
            .orElseGet(() -> Concept.open(brief.id(), Look.open())),
        things.only(kind -> kind != Brief.class && kind != Concept.class));
  }

  /** What a concept can differ in, as it is now. */
  public Design design() {
    return new Design(concept.look(), things.only(Design::differs));
  }

  /** The same build with another design on the table. */
  public Build with(Design other) {
    return new Build(
        brief,
        concept.with(other.look()),
        things.only(kind -> !Design.differs(kind)).and(other.things()));
  }

  /** The same build with these as all things of their kind. */
  public <T extends Thing> Build with(Class<T> kind, List<T> those) {
    return new Build(brief, concept, things.with(kind, those));
  }

  @Override
  public Look look() {
    return concept.look();
  }

  public String id() {
    return brief.id();
  }

  public List<Requirement> requirements() {
    return things.of(Requirement.class);
  }

  public List<ManualTask> manualTasks() {
    return things.of(ManualTask.class);
  }

  public List<OrderLine> orders() {
    return things.of(OrderLine.class);
  }

  public List<TimeEntry> times() {
    return things.of(TimeEntry.class);
  }

  public List<TaskMark> marks() {
    return things.of(TaskMark.class);
  }

  public List<JobNote> notes() {
    return things.of(JobNote.class);
  }

  public List<Photo> photos() {
    return things.of(Photo.class);
  }

  public List<Heeded> heeded() {
    return things.of(Heeded.class);
  }

  public List<Acceptance> acceptances() {
    return things.of(Acceptance.class);
  }

  public List<Remark> remarks() {
    return things.of(Remark.class);
  }

  public List<ConceptOption> options() {
    return things.of(ConceptOption.class);
  }

  public List<Snapshot> snapshots() {
    return things.of(Snapshot.class);
  }

  public List<ChangeOrder> changeOrders() {
    return things.of(ChangeOrder.class);
  }

  public List<SheetLayout> layouts() {
    return things.of(SheetLayout.class);
  }

  public List<Snag> snags() {
    return things.of(Snag.class);
  }

  public List<DiaryWords> diaryWords() {
    return things.of(DiaryWords.class);
  }

  public List<PaintFault> faults() {
    return things.of(PaintFault.class);
  }

  public List<Move> moves() {
    return things.of(Move.class);
  }

  public List<Loan> loans() {
    return things.of(Loan.class);
  }

  public List<Offer> offers() {
    return things.of(Offer.class);
  }

  public List<Use> uses() {
    return things.of(Use.class);
  }

  /** How much of a need was taken off the shelf, in its unit. */
  public double used(Need need) {
    return uses().stream()
        .filter(use -> use.needKey().equals(need.key()))
        .mapToDouble(use -> PackUnit.converted(use.quantity(), use.unit(), need.unit()))
        .sum();
  }

  /** What is on its way or here for a need, as it was ordered. */
  public List<OrderLine> liveOrders(String needKey) {
    return orders().stream().filter(line -> line.needKey().equals(needKey) && line.live()).toList();
  }

  /**
   * How much of a need is neither on the shelf nor ordered.
   *
   * <p>Example: 5 wanted, 1 on the shelf, 3 ordered: 1. Of what is bought in whole packs: 1.2
   * wanted, 1 ordered: 1.
   */
  public double open(Need need) {
    double open = need.quantity() - need.onHand() - ordered(need);
    if (open <= NOTHING) {
      return 0;
    }
    return need.wholePacks() ? Math.ceil(open - NOTHING) : open;
  }

  /** How much of a need is on its way or here, in its unit. */
  public double ordered(Need need) {
    return liveOrders(need.key()).stream()
        .mapToDouble(
            line ->
                line.unit().isEmpty()
                    ? line.quantity()
                    : PackUnit.converted(line.quantity(), line.unit(), need.unit()))
        .sum();
  }
}
