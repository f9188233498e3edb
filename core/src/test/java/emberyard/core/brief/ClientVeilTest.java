package emberyard.core.brief;

import static org.junit.jupiter.api.Assertions.assertEquals;

import emberyard.core.build.Secrecy;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** The one table of what each level of secrecy hides. */
class ClientVeilTest {
  @ParameterizedTest
  @CsvSource({
    "ON_TIME,       true, true,  true",
    "THEME,         true, true,  false",
    "PICTURES,      true, true,  false",
    "REQUIREMENTS,  true, true,  false",
    "READY_DAY,     true, true,  false",
    "PRICE,         true, false, false",
    "SPECIFICATION, true, false, false",
    "HOURS,         true, false, false"
  })
  void eachLevelHidesItsPart(ClientVeil what, boolean open, boolean noSpec, boolean surprise) {
    assertEquals(open, what.shownAt(Secrecy.OPEN));
    assertEquals(noSpec, what.shownAt(Secrecy.NO_SPECIFICATION));
    assertEquals(surprise, what.shownAt(Secrecy.SURPRISE));
    assertEquals(noSpec, what.shownAt(null), "not agreed yet: as no specification");
  }

  @Test
  void theTableIsWhole() {
    assertEquals(8, ClientVeil.values().length, "a new row belongs into the table above");
    assertEquals(3, Secrecy.values().length);
  }
}
