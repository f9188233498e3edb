package emberyard.e2e;

import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;

/** Journeys over the demo's workshop, in one process for all of a class. */
abstract class OnDemo {
  static Yard yard;

  @BeforeAll
  static void open() {
    yard = Yard.demo();
  }

  @AfterAll
  static void close() {
    yard.close();
  }
}
