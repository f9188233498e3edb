package emberyard.core.supply;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import emberyard.core.build.Build;
import emberyard.core.build.Screen;
import emberyard.core.record.OrderLine;
import emberyard.core.record.TaskMark;
import emberyard.core.yard.BuildModel;
import emberyard.core.yard.Samples;
import emberyard.core.yard.TaskModel;
import emberyard.core.yard.TaskState;
import java.time.LocalDate;
import java.util.ArrayList;
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

  /** Opens a parcel as somebody at the bench does. */
  private static Build opened(Build build, TaskMark.What what, int second) {
    BuildModel model = Samples.model(build);
    String parcel = parcels(model).get(0).task().key();
    TaskMark mark =
        new TaskMark(
            "m" + second, parcel, what, Samples.MONDAY_NINE.plusSeconds(second), "Lotte", "");
    List<TaskMark> marks = new ArrayList<>(build.marks());
    marks.addAll(model.kept(mark, Samples.book()));
    return build.with(TaskMark.class, marks);
  }

  @Test
  void aMarkDoesNotOpenWhatCameToTheParcelLater() {
    Build one = new Samples.Made().panels(List.of()).screens(List.of()).build();
    String parcel = parcels(Samples.model(one)).get(0).task().key();
    Build opened = opened(one, TaskMark.What.DONE, 0);
    assertEquals(TaskState.DONE, Samples.task(Samples.model(opened), parcel).state());
    Build more = opened.with(Screen.class, List.of(Samples.screen()));
    BuildModel grown = Samples.model(more);
    assertFalse(Samples.task(grown, "parcel:quay/in-5-days").handsDone());
    assertTrue(
        Samples.task(grown, "screen:d1/fit").task().after().contains("parcel:quay/in-5-days"));
    Build again = opened(opened, TaskMark.What.REOPENED, 1);
    assertFalse(Samples.task(Samples.model(again), parcel).handsDone());
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
