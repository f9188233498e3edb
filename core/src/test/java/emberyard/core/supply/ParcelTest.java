package emberyard.core.supply;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import emberyard.core.build.Build;
import emberyard.core.record.OrderLine;
import emberyard.core.record.TaskMark;
import emberyard.core.yard.BuildModel;
import emberyard.core.yard.GateRule;
import emberyard.core.yard.Samples;
import emberyard.core.yard.TaskModel;
import emberyard.core.yard.TaskState;
import java.time.LocalDate;
import java.util.List;
import org.junit.jupiter.api.Test;

/** What one supplier brings on one day is opened in one go. */
class ParcelTest {
  private static final LocalDate FRIDAY = Samples.MONDAY.plusDays(4);

  private static List<TaskModel> parcels(BuildModel model) {
    return model.tasks().stream().filter(task -> task.task().key().startsWith("parcel:")).toList();
  }

  @Test
  void eightNeedsOfOneSupplierAndOneOfNobodyAreTwoParcels() {
    BuildModel model = Samples.model(Samples.build());
    assertEquals(8, model.needs().size());
    List<String> titles = parcels(model).stream().map(task -> task.task().title()).toList();
    assertTrue(
        titles.contains("Open and check the parcel from Quayside: 6 things"), titles.toString());
    assertEquals(2, titles.size(), titles.toString());
    assertEquals(20, parcels(model).stream().mapToInt(t -> t.task().handsOnMinutes()).sum());
  }

  @Test
  void aDayOfItsOwnIsAParcelOfItsOwnAndOnlyWhatIsInItWaits() {
    Build build =
        new Samples.Made()
            .with(Samples.order("screen:d1", OrderLine.State.ORDERED, FRIDAY))
            .with(Samples.order("component:e1", OrderLine.State.ORDERED, FRIDAY))
            .build();
    BuildModel model = Samples.model(build);
    TaskModel friday = Samples.task(model, "parcel:quay/" + FRIDAY);
    assertTrue(friday.task().title().endsWith("2 things"));
    assertEquals(FRIDAY.atTime(9, 0), friday.planned().start());
    assertTrue(Samples.task(model, "screen:d1/fit").task().after().contains(friday.task().key()));
    assertFalse(Samples.task(model, "part:p1/cut").task().after().contains(friday.task().key()));
  }

  @Test
  void whatIsCheckedOfAParcelNoLongerWaitsForTheRestOfIt() {
    Build build =
        new Samples.Made()
            .with(Samples.order("screen:d1", OrderLine.State.CHECKED, Samples.MONDAY))
            .with(Samples.order("component:e1", OrderLine.State.RECEIVED, Samples.MONDAY))
            .build();
    BuildModel model = Samples.model(build);
    TaskModel parcel = Samples.task(model, "parcel:quay/" + Samples.MONDAY);
    assertEquals(TaskState.READY, parcel.state());
    assertFalse(Samples.task(model, "screen:d1/fit").task().after().contains(parcel.task().key()));
    assertTrue(Samples.task(model, "make/dry-fit").task().after().contains(parcel.task().key()));
  }

  @Test
  void aMarkDoesNotOpenWhatWasOrderedAfterIt() {
    Samples.Made made =
        new Samples.Made()
            .with(Samples.order("screen:d1", OrderLine.State.ORDERED, FRIDAY))
            .marked("parcel:quay/" + FRIDAY, TaskMark.What.DONE);
    assertEquals(
        TaskState.DONE, Samples.task(Samples.model(made.build()), "parcel:quay/" + FRIDAY).state());
    OrderLine earlier = Samples.order("component:e1", OrderLine.State.ORDERED, FRIDAY);
    OrderLine later =
        new OrderLine(
            earlier.id(),
            earlier.needKey(),
            earlier.title(),
            earlier.category(),
            earlier.supplierId(),
            1,
            100,
            OrderLine.State.ORDERED,
            Samples.MONDAY.plusDays(1),
            FRIDAY,
            null,
            null,
            "",
            null,
            "");
    BuildModel grown = Samples.model(made.with(later).build());
    assertFalse(Samples.task(grown, "parcel:quay/" + FRIDAY).handsDone());
  }

  @Test
  void whatNobodyOrderedCannotBeOpened() {
    BuildModel model = Samples.model(Samples.build());
    String wanted = parcels(model).get(0).task().key();
    assertTrue(
        GateRule.refusal(model, wanted, TaskMark.What.DONE)
            .orElse("")
            .startsWith("Nothing of it is ordered yet"));
  }

  @Test
  void hoursLoggedLineByLineAreTheParcelsAndNoGuessIsAddedToThem() {
    Build build =
        new Samples.Made()
            .with(Samples.order("screen:d1", OrderLine.State.CHECKED, Samples.MONDAY))
            .logged("screen:d1/receive", 12)
            .build();
    BuildModel model = Samples.model(build);
    TaskModel parcel = Samples.task(model, "parcel:quay/" + Samples.MONDAY);
    assertEquals(12, parcel.log().loggedMinutes());
    assertTrue(parcel.log().timed());
    assertTrue(model.tasks().stream().noneMatch(t -> t.state() == TaskState.NO_LONGER_NEEDED));
    assertEquals(12, model.budget().labour().loggedMinutes());
  }

  @Test
  void aLineMarkedOnACardOfItsOwnStaysChecked() {
    Build build =
        new Samples.Made()
            .with(Samples.order("screen:d1", OrderLine.State.ORDERED, FRIDAY))
            .marked("screen:d1/receive", TaskMark.What.DONE)
            .build();
    BuildModel model = Samples.model(build);
    assertEquals(TaskState.DONE, Samples.task(model, "parcel:quay/" + FRIDAY).state());
  }
}
