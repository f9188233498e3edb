package emberyard.core.supply.proof;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertNotNull;
import static org.junit.jupiter.api.Assertions.assertNull;
import static org.junit.jupiter.api.Assertions.assertTrue;

import emberyard.core.build.Build;
import emberyard.core.build.Component;
import emberyard.core.build.ComponentKind;
import emberyard.core.build.Source;
import emberyard.core.build.Tried;
import emberyard.core.finding.Finding;
import emberyard.core.finding.Severity;
import emberyard.core.prove.ProveWork;
import emberyard.core.record.Offer;
import emberyard.core.record.OfferBuilder;
import emberyard.core.record.OrderLine;
import emberyard.core.record.TaskMark;
import emberyard.core.supply.NeedLine;
import emberyard.core.supply.OrderedLine;
import emberyard.core.supply.ProofDue;
import emberyard.core.yard.BuildModel;
import emberyard.core.yard.Samples;
import emberyard.core.yard.TaskModel;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Used, opened, given and lent things are shown to work while something can be done about it. */
class EarlyProofTest {
  private static final LocalDate TODAY = Samples.MONDAY;
  private static final String PROOF = "order:o-component:g1/proven";

  private static Build machine(Component card, OrderLine... orders) {
    return machine(Samples.build(), card, orders);
  }

  private static Build machine(Build of, Component card, OrderLine... orders) {
    List<Component> all = new ArrayList<>(of.components());
    all.add(card);
    all.add(Samples.component("s1", ComponentKind.SUPPLY));
    all.add(Samples.component("p1", ComponentKind.PROCESSOR));
    return of.with(Component.class, all).with(OrderLine.class, List.of(orders));
  }

  private static Component card() {
    return Samples.component("g1", ComponentKind.GRAPHICS);
  }

  /** The card, ordered three days ago. */
  private static OrderLine ordered(Offer.Condition condition, LocalDate expected, Integer days) {
    return Samples.order("component:g1", OrderLine.State.ORDERED, expected)
        .with(line -> line.title("Component g1").condition(condition).returnDays(days));
  }

  private static Optional<TaskModel> task(BuildModel model, String key) {
    return model.tasks().stream().filter(each -> each.task().key().equals(key)).findFirst();
  }

  private static List<Finding> said(BuildModel model, String rule) {
    return model.findings().stream().filter(each -> each.key().endsWith("/" + rule)).toList();
  }

  private static NeedLine line(BuildModel model, String key) {
    return model.needs().stream()
        .filter(line -> line.need().key().equals(key))
        .findFirst()
        .orElseThrow();
  }

  private static LocalDate orderBy(BuildModel model, String key) {
    return line(model, key).orderBy();
  }

  private static ProofDue due(BuildModel model) {
    return model.ordered().lines().stream()
        .filter(line -> line.line().needKey().equals("component:g1"))
        .findFirst()
        .map(OrderedLine::proof)
        .orElse(null);
  }

  @Test
  void whatIsNewIsProvenWithAllTheRest() {
    BuildModel model =
        Samples.model(machine(card(), ordered(Offer.Condition.NEW, TODAY.plusDays(3), null)));
    assertTrue(task(model, PROOF).isEmpty());
    assertNull(due(model));
  }

  @Test
  void aUsedCardIsProvenThreeDaysBeforeItsWayBackEnds() {
    LocalDate comes = TODAY.plusDays(3);
    BuildModel model = Samples.model(machine(card(), ordered(Offer.Condition.USED, comes, 30)));
    TaskModel proof = task(model, PROOF).orElseThrow();
    assertTrue(proof.task().gate());
    assertEquals("Prove Component g1 (used) with board, supply, processor", proof.task().title());
    // the card’s own parcel, and the one that brings the set
    assertEquals(2, proof.task().after().stream().filter(key -> key.startsWith("parcel:")).count());
    assertTrue(Samples.task(model, ProveWork.HARDWARE).task().after().contains(PROOF));
    assertEquals(comes.plusDays(27), due(model).by());
    assertEquals(proof.planned().finish().toLocalDate(), due(model).plannedOn());
    assertFalse(due(model).passed());
    assertEquals(List.of(), said(model, "too-late"));
  }

  @Test
  void whatItIsProvenWithIsOrderedForItsDayAndNotForTheReveal() {
    LocalDate comes = TODAY.plusDays(3);
    BuildModel fresh = Samples.model(machine(card(), ordered(Offer.Condition.NEW, comes, 14)));
    BuildModel used = Samples.model(machine(card(), ordered(Offer.Condition.USED, comes, 14)));
    // to be proven on 2 + 3 + 14 − 3 = 16 March, a Monday: opened on Friday 13, ordered on the 8th
    assertEquals(LocalDate.of(2026, 3, 16), due(used).by());
    assertEquals(LocalDate.of(2026, 3, 8), orderBy(used, "component:s1"));
    assertTrue(orderBy(fresh, "component:s1").isAfter(orderBy(used, "component:s1")));
    // what it is not proven with waits as before
    assertEquals(orderBy(fresh, "component:e1"), orderBy(used, "component:e1"));
  }

  /** The way back ends, whether the reveal has a day or not. */
  @Test
  void whatItIsProvenWithHasADayThoughTheRevealHasNone() {
    LocalDate comes = TODAY.plusDays(3);
    Build whenever = new Samples.Made().reveal(null).build();
    BuildModel used =
        Samples.model(machine(whenever, card(), ordered(Offer.Condition.USED, comes, 14)));
    assertEquals(LocalDate.of(2026, 3, 8), orderBy(used, "component:s1"));
    BuildModel fresh =
        Samples.model(machine(whenever, card(), ordered(Offer.Condition.NEW, comes, 14)));
    assertNull(line(fresh, "component:s1").orderBy());
    assertNull(line(used, "component:e1").orderBy());
  }

  @Test
  void aProofThatComesTooLateSaysWhatItWaitsFor() {
    LocalDate came = TODAY.minusDays(2);
    OrderLine here =
        ordered(Offer.Condition.OPENED, TODAY, 8)
            .with(line -> line.state(OrderLine.State.RECEIVED).orderedOn(came).receivedOn(came));
    BuildModel model = Samples.model(machine(card(), here));
    // back until 8 March, so proven by the 5th; the supply comes on the 7th at the earliest
    List<Finding> late = said(model, "too-late");
    assertEquals(1, late.size());
    assertEquals(Severity.STOP, late.get(0).severity());
    assertTrue(late.get(0).title().contains("to be proven by Thu 5 Mar"), late.get(0).title());
    assertTrue(late.get(0).detail().contains("is not ordered yet"), late.get(0).detail());
    assertTrue(late.get(0).remedies().get(0).label().startsWith("Get Component"));
  }

  @ParameterizedTest
  @CsvSource({"0", "''"})
  void whatNobodyTakesBackIsSeenRunningBeforeItIsPaid(String days) {
    Integer said = days.isEmpty() ? null : Integer.valueOf(days);
    BuildModel model =
        Samples.model(machine(card(), ordered(Offer.Condition.USED, TODAY.plusDays(3), said)));
    assertEquals(1, said(model, "no-way-back").size());
    assertNull(due(model).by());
    assertTrue(task(model, PROOF).isPresent());
  }

  @Test
  void anOfferThatIsHeldMovesWhatItIsProvenWithBeforeItIsBought() {
    Offer held =
        OfferBuilder.builder()
            .id("f1")
            .needKey("component:g1")
            .supplierId("quay")
            .condition(Offer.Condition.USED)
            .seen(List.of(new Offer.PriceSeen(TODAY, 20_000)))
            .returnDays(10)
            .held(true)
            .build();
    Build build = machine(card()).with(Offer.class, List.of(held));
    BuildModel model = Samples.model(build);
    TaskModel proof = task(model, "component:g1/proven").orElseThrow();
    assertTrue(proof.task().title().contains("(used)"));
    // five days of lead, ten to send it back, three to pack it: 14 March
    assertTrue(orderBy(model, "component:s1").isBefore(LocalDate.of(2026, 3, 9)));
    BuildModel notHeld =
        Samples.model(build.with(Offer.class, List.of(held.with(each -> each.held(false)))));
    assertTrue(task(notHeld, "component:g1/proven").isEmpty());
  }

  @Test
  void oneThatCameInPlaceOfADeadOneHasItsOwnProof() {
    OrderLine first =
        ordered(Offer.Condition.USED, TODAY, 14)
            .with(line -> line.state(OrderLine.State.RECEIVED).receivedOn(TODAY));
    Build passed = machine(card(), first).with(TaskMark.class, List.of(mark(TaskMark.What.PASSED)));
    assertTrue(due(Samples.model(passed)).passed());
    OrderLine dead = first.with(line -> line.state(OrderLine.State.DEAD));
    OrderLine second = first.again("o2", "2026-002", TODAY, 0);
    Build again = passed.with(OrderLine.class, List.of(dead, second));
    TaskModel proof = task(Samples.model(again), "order:o2/proven").orElseThrow();
    assertNull(proof.doneAt());
  }

  @Test
  void oneThatFailedIsDeadWithOnePress() {
    OrderLine here =
        ordered(Offer.Condition.USED, TODAY, 14)
            .with(line -> line.state(OrderLine.State.RECEIVED).receivedOn(TODAY));
    BuildModel model =
        Samples.model(
            machine(card(), here).with(TaskMark.class, List.of(mark(TaskMark.What.FAILED))));
    Finding failed = said(model, "failed").get(0);
    assertEquals("It is dead: send it back", failed.remedies().get(0).label());
    assertNotNull(failed.remedies().get(0).change());
  }

  private static TaskMark mark(TaskMark.What what) {
    return new TaskMark("m1", PROOF, what, Samples.MONDAY_NINE, "Ines", "seen");
  }

  @Test
  void whatIsGivenOrLentIsProvenWhileAnotherCanBeHad() {
    for (Source source : List.of(Source.GIVEN, Source.LENT)) {
      Component given = card().with(each -> each.source(source));
      BuildModel model = Samples.model(machine(given));
      TaskModel proof = task(model, "component:g1/proven").orElseThrow();
      assertTrue(
          proof.task().title().contains(source == Source.GIVEN ? "(given)" : "(lent)"),
          proof.task().title());
      assertEquals(List.of(), said(model, "no-way-back"));
    }
    BuildModel clients = Samples.model(machine(card().with(each -> each.source(Source.CLIENT))));
    assertTrue(task(clients, "component:g1/proven").isEmpty());
  }

  /** The client's own card, used: nobody sold it, so another is to be had in time. */
  @Test
  void whatIsUntestedIsProvenWhoeverOwnsIt() {
    for (Source source : List.of(Source.OWNED, Source.CLIENT)) {
      Component untested = card().with(each -> each.source(source).tried(Tried.UNTESTED));
      BuildModel model = Samples.model(machine(untested));
      TaskModel proof = task(model, "component:g1/proven").orElseThrow();
      assertTrue(proof.task().gate());
      assertTrue(proof.task().title().contains("(untested)"), proof.task().title());
      assertTrue(
          task(model, ProveWork.HARDWARE)
              .orElseThrow()
              .task()
              .after()
              .contains("component:g1/proven"));
    }
  }

  @Test
  void whatWasSeenWorkingIsNotProvenAgain() {
    for (Source source : List.of(Source.OWNED, Source.CLIENT, Source.GIVEN, Source.LENT)) {
      Component seen = card().with(each -> each.source(source).tried(Tried.WORKS));
      BuildModel model = Samples.model(machine(seen));
      assertTrue(task(model, "component:g1/proven").isEmpty(), source.name());
    }
  }

  @Test
  void everyKindIsProvenWithWhatMakesItRun() {
    for (ComponentKind kind : ComponentKind.values()) {
      assertFalse(ProofSet.kinds(kind).contains(kind), kind + " proves itself");
    }
    assertTrue(ProofSet.kinds(ComponentKind.RISER).contains(ComponentKind.GRAPHICS));
    assertEquals(1, ProofSet.kinds(ComponentKind.FAN).size());
  }
}
