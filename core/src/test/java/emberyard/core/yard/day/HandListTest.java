package emberyard.core.yard.day;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import emberyard.core.build.Build;
import emberyard.core.build.Panel;
import emberyard.core.build.Scheme;
import emberyard.core.finish.PlainScheme;
import emberyard.core.finish.coat.CoatStep;
import emberyard.core.record.OrderLine;
import emberyard.core.supply.NeedLine;
import emberyard.core.workshop.WorkshopBook;
import emberyard.core.yard.BuildModel;
import emberyard.core.yard.Samples;
import emberyard.core.yard.TaskModel;
import emberyard.core.yard.YardModel;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;

/** What to take in hand is what the needs and the coats say, no more and no less. */
class HandListTest {
  private static final WorkshopBook BOOK = Samples.book();

  private static BuildModel model(Build build) {
    return YardModel.of(List.of(build), BOOK, Samples.MONDAY_NINE).builds().get("b1");
  }

  private static List<InHand> hand(BuildModel model, String key) {
    return new HandList(model, BOOK).of(task(model, key).task());
  }

  private static TaskModel task(BuildModel model, String key) {
    return model.tasks().stream()
        .filter(each -> each.task().key().equals(key))
        .findFirst()
        .orElseThrow();
  }

  /** Every step: each need that names it is in its hand, and nothing that does not. */
  @Test
  void everyCardTakesWhatTheNeedsSayOfIt() {
    BuildModel model = model(Samples.build());
    int taken = 0;
    for (TaskModel each : model.tasks()) {
      String key = each.task().key();
      List<String> wanted =
          model.needs().stream()
              .map(NeedLine::need)
              .filter(need -> need.neededBy().contains(key))
              .map(need -> need.key())
              .filter(need -> !need.startsWith("abrasive:"))
              .sorted()
              .toList();
      List<String> had =
          hand(model, key).stream()
              .filter(one -> !one.key().isEmpty() && one.what() != InHand.What.ABRASIVE)
              .map(InHand::key)
              .sorted()
              .toList();
      boolean parcel = key.startsWith("parcel:");
      assertEquals(parcel ? had : wanted, had, key);
      taken += had.size();
    }
    assertTrue(taken > 5, "takes only " + taken);
  }

  @Test
  void theCoatsOfAPaintTakeAllThatIsSprayedOfIt() {
    BuildModel model = model(Samples.build());
    double sprayed =
        model.schemes().stream()
            .flatMap(plan -> plan.coats().stream())
            .filter(CoatStep::coat)
            .mapToDouble(CoatStep::ml)
            .sum();
    double taken =
        model.tasks().stream()
            .flatMap(each -> hand(model, each.task().key()).stream())
            .filter(one -> one.key().equals("paint:green") && one.unit().equals("ml"))
            .mapToDouble(InHand::amount)
            .sum();
    assertEquals(sprayed, taken, 1e-9);
    assertTrue(taken > 0);
  }

  @Test
  void aCanSaysWhatIsLeftInIt() {
    String coat = model(Samples.build()).schemes().get(0).coats().get(0).key();
    assertEquals("not ordered yet", paint(Samples.build(), coat).note());
    double cans =
        model(Samples.build()).needs().stream()
            .map(NeedLine::need)
            .filter(need -> need.key().equals("paint:green"))
            .findFirst()
            .orElseThrow()
            .quantity();
    OrderLine line =
        Samples.order("paint:green", OrderLine.State.CHECKED, Samples.MONDAY)
            .with()
            .quantity(cans)
            .build();
    String left =
        "%.0f ml left in %.0f %s".formatted(400 * 0.9 * cans, cans, cans == 1 ? "can" : "cans");
    assertEquals(left, paint(new Samples.Made().with(line).build(), coat).note());
  }

  private static InHand paint(Build build, String coat) {
    return hand(model(build), coat).stream()
        .filter(one -> one.what() == InHand.What.PAINT)
        .findFirst()
        .orElseThrow();
  }

  /** Two parts on one rack: one card, its time split by what is sprayed of each. */
  @Test
  void twoPiecesOnOneRackAreOneCard() {
    Panel small =
        Samples.panel().with().id("p2").name("Small window").widthMm(206).heightMm(194).build();
    Scheme other =
        PlainScheme.of("s2", "Other", "p2", false, null, new PlainScheme.Coats("green", 3), null);
    List<Panel> panels = new ArrayList<>(Samples.build().panels());
    panels.add(small);
    Build build =
        Samples.build()
            .with(Panel.class, panels)
            .with(Scheme.class, List.of(Samples.scheme(), other.with().hangsWith("s1").build()));
    BuildModel model = model(build);
    String coat = model.schemes().get(0).coats().get(0).key();
    List<Hung> hung = new HandList(model, BOOK).hung(task(model, coat).task());
    assertEquals(List.of("Left window", "Small window"), hung.stream().map(Hung::name).toList());
    int minutes = hung.stream().mapToInt(Hung::minutes).sum();
    assertEquals(task(model, coat).task().handsOnMinutes(), minutes, 1);
    double ml = hung.stream().mapToDouble(Hung::ml).sum();
    assertEquals(paintOf(model, coat).amount(), ml, 1e-9);
    assertTrue(hung.get(0).minutes() > hung.get(1).minutes());
  }

  private static InHand paintOf(BuildModel model, String coat) {
    return hand(model, coat).stream()
        .filter(one -> one.what() == InHand.What.PAINT)
        .findFirst()
        .orElseThrow();
  }

  /** The title of a step that is sanded names the same grits. */
  @Test
  void aStepThatIsSandedNamesItsGrit() {
    Scheme both =
        PlainScheme.of("s1", "Green", "p1", true, null, new PlainScheme.Coats("green", 2), null);
    BuildModel model = model(Samples.build().with(Scheme.class, List.of(both)));
    int sanded = 0;
    for (TaskModel each : model.tasks()) {
      for (InHand one : hand(model, each.task().key())) {
        if (one.what() == InHand.What.ABRASIVE) {
          String grit = one.title().replaceAll("\\D", "");
          assertTrue(each.task().title().contains(grit), each.task().title() + ": " + grit);
          sanded++;
        }
      }
    }
    assertTrue(sanded > 0);
  }
}
