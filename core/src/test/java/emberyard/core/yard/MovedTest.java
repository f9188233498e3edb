package emberyard.core.yard;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import emberyard.core.build.Brief;
import emberyard.core.build.Build;
import emberyard.core.build.Concept;
import emberyard.core.build.Look;
import emberyard.core.workshop.SheetProduct;
import emberyard.core.workshop.WorkshopBook;
import java.time.LocalDate;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;

/** What an edit of one build does to others is told with what they share. */
class MovedTest {
  /** Like the first, revealed nine days later. */
  private static Build second() {
    Build like = Samples.build();
    Brief brief =
        like.brief().with().id("b2").name("Second").revealOn(LocalDate.of(2026, 4, 19)).build();
    return Build.begun(brief, Concept.open("b2", Look.open()).with(like.concept().frozen()))
        .with(like.design());
  }

  private static YardModel yard(WorkshopBook book, Build... builds) {
    return YardModel.of(List.of(builds), book, Samples.MONDAY_NINE);
  }

  private static List<Moved> moved(WorkshopBook book, Build was, Build is) {
    return Moved.between(yard(book, was, second()), yard(book, is, second()), Set.of("b1"), book);
  }

  @Test
  void whoSharesSomebodyMovesAndIsToldWhy() {
    Build less = new Samples.Made().panels(List.of()).screens(List.of()).build();
    List<Moved> moved = moved(Samples.book(), Samples.build(), less);
    assertEquals(1, moved.size());
    Moved second = moved.get(0);
    assertEquals("b2", second.buildId());
    assertTrue(second.steps() > 0);
    assertEquals(List.of("Bench", "Ines Varga", "Laser", "Spray corner"), second.shares());
    assertTrue(second.sentence().startsWith("Second: "), second.sentence());
    assertTrue(
        second.sentence().endsWith("; it shares Bench, Ines Varga, Laser, Spray corner."),
        second.sentence());
  }

  @Test
  void anotherNameMovesNobody() {
    Build was = Samples.build();
    Build is = new Build(was.brief().withName("Otherwise"), was.concept(), was.things());
    assertEquals(List.of(), moved(Samples.book(), was, is));
  }

  @Test
  void theLastSheetOfTheShelfIsShared() {
    WorkshopBook book = Samples.book().with(SheetProduct.class, List.of(Samples.sheet(1)));
    Build less = new Samples.Made().panels(List.of()).build();
    Moved second = moved(book, Samples.build(), less).get(0);
    assertTrue(second.shares().contains("Clear 3 mm on the shelf"), second.shares().toString());
  }
}
