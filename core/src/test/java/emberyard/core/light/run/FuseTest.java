package emberyard.core.light.run;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.Optional;
import org.junit.jupiter.api.Test;

class FuseTest {
  @Test
  void theSmallestThatStaysWholeIsTaken() {
    assertEquals(Optional.of(5.0), Fuse.amps(3.29));
    assertEquals(Optional.of(5.0), Fuse.amps(4.0));
    assertEquals(Optional.of(2.0), Fuse.amps(1.6));
    assertEquals(Optional.of(0.5), Fuse.amps(0));
    assertEquals(Optional.empty(), Fuse.amps(25));
  }

  @Test
  void aLeadBearsWhatTheNextThinnerOneBears() {
    assertEquals(5, Fuse.bears(0.5));
    assertEquals(5, Fuse.bears(0.6));
    assertEquals(0.3, Fuse.bears(0.04), "thinner than any that is usual");
    assertEquals(30, Fuse.bears(10));
  }

  @Test
  void theLeadForAFuseBearsIt() {
    for (double amps : new double[] {0.5, 1, 3, 4, 7.5, 10, 25, 30}) {
      double lead = Fuse.leadFor(amps).orElseThrow();
      assertTrue(Fuse.bears(lead) >= amps, amps + " A");
    }
    assertEquals(Optional.empty(), Fuse.leadFor(40));
  }
}
