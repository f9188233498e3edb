package emberyard.core.yard;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import emberyard.core.build.Build;
import emberyard.core.record.OrderLine;
import emberyard.core.record.TaskMark;
import emberyard.core.record.Use;
import emberyard.core.supply.Sundries;
import emberyard.core.thing.Thing;
import emberyard.core.units.InvalidValue;
import emberyard.core.work.CostCategory;
import emberyard.core.work.Need;
import emberyard.core.work.Why;
import emberyard.core.workshop.PaintProduct;
import emberyard.core.workshop.SheetProduct;
import emberyard.core.workshop.Sundry;
import emberyard.core.workshop.WorkshopBook;
import emberyard.core.yard.rack.Rack;
import emberyard.core.yard.rack.RackThing;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Assertions;
import org.junit.jupiter.api.Test;

/** What lies on the shelf goes down when it is used, once, and its build pays for it once. */
class ShelfUseTest {
  private static final LocalDate TODAY = Samples.MONDAY;

  private static BuildModel model(Build build, WorkshopBook book) {
    return YardModel.of(List.of(build), book, Samples.MONDAY_NINE).builds().get(build.id());
  }

  private static TaskMark done(String taskKey, int number) {
    return new TaskMark("m" + number, taskKey, TaskMark.What.DONE, Samples.MONDAY_NINE, "ines", "");
  }

  private static Need need(BuildModel model, String key) {
    return model.needs().stream()
        .map(line -> line.need())
        .filter(need -> need.key().equals(key))
        .findFirst()
        .orElseThrow();
  }

  private static List<String> paintSteps(BuildModel model) {
    return model.needs().stream()
        .map(line -> line.need())
        .filter(need -> need.key().startsWith("paint:"))
        .findFirst()
        .orElseThrow()
        .neededBy();
  }

  /** The build and the book after a mark, as the bench keeps them. */
  private record After(Build build, WorkshopBook book) {
    After(Build build, WorkshopBook book, String taskKey, int number) {
      this(kept(build, book, taskKey, number), taken(build, book, taskKey, number));
    }

    private static Build kept(Build build, WorkshopBook book, String taskKey, int number) {
      TaskMark mark = done(taskKey, number);
      List<Use> uses = new ArrayList<>(build.uses());
      uses.addAll(ShelfUse.of(model(build, book), mark, book, TODAY).uses());
      List<TaskMark> marks = new ArrayList<>(build.marks());
      marks.add(mark);
      return build.with(Use.class, uses).with(TaskMark.class, marks);
    }

    private static WorkshopBook taken(Build build, WorkshopBook book, String taskKey, int number) {
      WorkshopBook after = book;
      for (Thing each :
          ShelfUse.of(model(build, book), done(taskKey, number), book, TODAY).shelf()) {
        if (each instanceof PaintProduct paint) {
          List<PaintProduct> paints = new ArrayList<>(after.paints());
          paints.replaceAll(other -> other.id().equals(paint.id()) ? paint : other);
          after = after.with(PaintProduct.class, paints);
        }
        if (each instanceof SheetProduct sheet) {
          after = after.with(SheetProduct.class, List.of(sheet));
        }
      }
      return after;
    }
  }

  @Test
  void aCanIsTakenWithTheFirstCoatAndTheRestComesBackWithTheLast() {
    WorkshopBook book = Samples.book().with(PaintProduct.class, List.of(Samples.paint(3)));
    Build build = Samples.build();
    BuildModel before = model(build, book);
    List<String> steps = paintSteps(before);
    Need wanted = need(before, "paint:green");
    long planned = before.budget().plannedMinor();
    assertEquals(wanted.quantity(), wanted.onHand());
    After now = new After(build, book, steps.get(0), 0);
    assertEquals(3 - wanted.quantity(), now.book().paint("green").orElseThrow().onHandPacks());
    assertEquals(wanted.quantity(), now.build().used(wanted));
    assertEquals(0, need(model(now.build(), now.book()), "paint:green").toBuy());
    assertEquals(planned, model(now.build(), now.book()).budget().plannedMinor());
    for (int i = 1; i < steps.size(); i++) {
      int cans = now.book().paint("green").orElseThrow().onHandPacks();
      now = new After(now.build(), now.book(), steps.get(i), i);
      assertEquals(cans, now.book().paint("green").orElseThrow().onHandPacks(), "taken once");
    }
    PaintProduct left = now.book().paint("green").orElseThrow();
    assertTrue(left.openMl() > 0 && left.openMl() < left.packMl() * wanted.quantity());
    assertEquals(TODAY, left.openedOn());
    assertEquals(0, need(model(now.build(), now.book()), "paint:green").toBuy());
    assertEquals(planned, model(now.build(), now.book()).budget().plannedMinor());
  }

  @Test
  void whatABuildBoughtItselfLeavesTheShelfAlone() {
    WorkshopBook book = Samples.book().with(PaintProduct.class, List.of(Samples.paint(3)));
    OrderLine own = Samples.order("paint:green", OrderLine.State.CHECKED, TODAY).withQuantity(10);
    Build build = Samples.build().with(OrderLine.class, List.of(own));
    After after = new After(build, book, paintSteps(model(build, book)).get(0), 0);
    assertEquals(3, after.book().paint("green").orElseThrow().onHandPacks());
    assertEquals(List.of(), after.build().uses());
  }

  @Test
  void nothingIsTakenForACheckThatFailsOrAStepThatIsPassedOver() {
    WorkshopBook book = Samples.book().with(PaintProduct.class, List.of(Samples.paint(3)));
    BuildModel model = model(Samples.build(), book);
    String coat = paintSteps(model).get(0);
    for (TaskMark mark :
        List.of(
            new TaskMark("a", coat, TaskMark.What.AGAIN, Samples.MONDAY_NINE, "ines", "runs"),
            new TaskMark(
                "b", coat, TaskMark.What.DONE, Samples.MONDAY_NINE, "ines", "no time", "x"))) {
      assertEquals(List.of(), ShelfUse.of(model, mark, book, TODAY).uses());
      assertEquals(List.of(), ShelfUse.of(model, mark, book, TODAY).shelf());
    }
  }

  @Test
  void whatWasUsedIsPaidThoughNothingNeedsItNow() {
    Use use =
        new Use("u", "film:gone", CostCategory.FINISH_MATERIAL, "t", 1.5, "m", 1_000, 0, TODAY);
    assertEquals(1_500, use.worthMinor());
    Build build = Samples.build();
    long spent = model(build, Samples.book()).budget().spentMinor();
    Build used = build.with(Use.class, List.of(use));
    assertEquals(spent + 1_500, model(used, Samples.book()).budget().spentMinor());
    Assertions.assertThrows(
        InvalidValue.class,
        () -> new Use("u", "k", CostCategory.FINISH_MATERIAL, "t", -1, "m", 0, 0, TODAY));
  }

  private static final Need INSERTS =
      new Need(
          "fixing:insert-3",
          "M3 heat-set inserts",
          CostCategory.MADE_PART_MATERIAL,
          "",
          22,
          0,
          "pieces",
          0,
          7,
          List.of("make/dry-fit"),
          Why.of("all parts held this way together", "no price yet"));

  private static Sundry drawer(double onHand) {
    return new Sundry(
        "d1", "fixing:insert-3", "Inserts M3", "pieces", onHand, 50.0, 420, "quay", 10);
  }

  @Test
  void smallThingsAreBoughtByThePackAndWorthTheirShare() {
    WorkshopBook book = Samples.book().with(Sundry.class, List.of(drawer(0)));
    Need packed = Sundries.priced(List.of(INSERTS), book).get(0);
    assertEquals("packs of 50 pieces", packed.unit());
    assertEquals(0.44, packed.quantity(), 1e-9);
    assertEquals(1, packed.toBuy());
    assertEquals(420, packed.toBuyMinor());
    assertFalse(packed.why().inputs().toString().contains("no price"));
    Need served = packed.fromStock(0.44);
    assertEquals(0, served.toBuy());
    assertEquals(185, Math.round(served.onHand() * served.unitPriceMinor()));
    OrderLine pieces =
        Samples.order(INSERTS.key(), OrderLine.State.CHECKED, TODAY).withQuantity(20);
    Build before = Samples.build().with(OrderLine.class, List.of(pieces.withUnit("pieces")));
    assertEquals(
        0.4, before.ordered(packed), 1e-9, "ordered by the piece, before there was a drawer");
    assertEquals(1, before.open(packed), "2 of 22 are missing: a pack");
    Build packs =
        Samples.build()
            .with(OrderLine.class, List.of(pieces.withQuantity(1).withUnit("packs of 25 pieces")));
    assertEquals(0, packs.open(packed), "a pack of another size");
    assertEquals(
        INSERTS, Sundries.priced(List.of(INSERTS), Samples.book()).get(0), "no drawer, no price");
  }

  @Test
  void theRackSaysWhatIsMissingWhoWantsItAndWhatIsLow() {
    WorkshopBook book =
        Samples.book()
            .with(PaintProduct.class, List.of(Samples.paint(0).left(0, 5, TODAY.minusDays(301))))
            .with(Sundry.class, List.of(drawer(6)));
    Build build = Samples.build();
    BuildModel model = model(build, book);
    YardModel yard = YardModel.of(List.of(build), book, Samples.MONDAY_NINE);
    List<RackThing> things = Rack.of(yard, book, TODAY).things();
    RackThing green = named(things, "green");
    double wanted =
        model.schemes().stream()
            .flatMap(plan -> plan.coats().stream())
            .filter(coat -> coat.coat() && coat.paint().id().equals("green"))
            .mapToDouble(coat -> coat.ml())
            .sum();
    assertEquals(wanted, green.wanted(), 1e-9);
    assertEquals(wanted - 5, green.missing(), 1e-9);
    assertTrue(green.old());
    assertEquals(build.id(), green.users().get(0).buildId());
    RackThing inserts = named(things, "d1");
    assertTrue(inserts.low(), "6 of at least 10");
    assertEquals(0, inserts.missing());
  }

  private static RackThing named(List<RackThing> things, String id) {
    return things.stream().filter(each -> each.id().equals(id)).findFirst().orElseThrow();
  }
}
