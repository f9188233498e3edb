package emberyard.core.light.run;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import emberyard.core.units.InvalidValue;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;

class VoltDropTest {
  private static final double AMPS = 54 * 61 / 1_000.0;

  private static VoltDrop fed(List<Double> feedsMm, double leadOhm) {
    return new VoltDrop(AMPS, 900, 0.25, feedsMm, leadOhm, 4.75);
  }

  @Test
  void theHandbooksStripLosesAsMuchAsTheHandbookSays() {
    assertEquals(3.29, AMPS, 0.005);
    assertEquals(4.75 - 0.371, fed(List.of(0.0), 0).worst(), 0.0006);
    assertEquals(4.75 - 0.093, fed(List.of(0.0, 900.0), 0).worst(), 0.0006);
    assertEquals(4.75 - 0.093, fed(List.of(450.0), 0).worst(), 0.0006);
    assertEquals(0.115, AMPS * VoltDrop.leadOhm(500, 0.5), 0.0006);
    assertEquals(
        4.75 - 0.115 - 0.371, fed(List.of(0.0), VoltDrop.leadOhm(500, 0.5)).worst(), 0.001);
  }

  @Test
  void feedsMayBeAsFarApartAsTheHandbookSays() {
    assertEquals(1_620, VoltDrop.mostBetweenMm(3.66, 0.25, 0.3), 1);
    assertEquals(810, VoltDrop.mostBehindMm(3.66, 0.25, 0.3), 0.5);
    double apart = VoltDrop.mostBetweenMm(3.66, 0.25, 0.3);
    VoltDrop between =
        new VoltDrop(3.66 * apart / 1_000, apart, 0.25, List.of(0.0, apart), 0, 4.75);
    assertEquals(4.45, between.worst(), 1e-9);
    double behind = VoltDrop.mostBehindMm(3.66, 0.25, 0.3);
    VoltDrop last = new VoltDrop(3.66 * behind / 1_000, behind, 0.25, List.of(0.0), 0, 4.75);
    assertEquals(4.45, last.worst(), 1e-9);
    assertEquals(0, VoltDrop.mostBetweenMm(3.66, 0.25, -0.1), "nothing to spare");
  }

  @Test
  void itTurnsYellowFromWhereThereIsTooLittle() {
    VoltDrop drop = fed(List.of(0.0), 0);
    List<VoltDrop.LowStretch> low = drop.below(4.5);
    assertEquals(1, low.size());
    assertEquals(900, low.get(0).toMm(), 1e-6);
    assertEquals(4.5, drop.at(low.get(0).fromMm()), 1e-9);
    assertTrue(drop.at(low.get(0).fromMm() - 1) > 4.5);
    assertEquals(List.of(), fed(List.of(0.0, 900.0), 0).below(4.5));
    assertEquals(
        List.of(new VoltDrop.LowStretch(0, 900)), fed(List.of(450.0), 0).below(4.8), "all of it");
  }

  @Test
  void whatComesInIsWhatItDraws() {
    VoltDrop three = fed(List.of(0.0, 450.0, 900.0), 0.05);
    double in = three.feedAmps().stream().mapToDouble(each -> each).sum();
    assertEquals(AMPS, in, 1e-9);
    assertEquals(three.feedAmps().get(0), three.feedAmps().get(2), 1e-9, "both ends alike");
    assertTrue(three.feedAmps().get(1) > three.feedAmps().get(0), "the middle feeds both ways");
  }

  /** The same as single resistors: what flows in at every knot flows out, solved step by step. */
  @Test
  void aLadderOfResistorsSaysTheSame() {
    Random random = new Random(20);
    for (int i = 0; i < 120; i++) {
      double lengthMm = 50 + random.nextInt(3_000);
      double amps = 0.1 + random.nextDouble() * 6;
      double ohm = 0.02 + random.nextDouble() * 0.6;
      double lead = random.nextInt(4) == 0 ? 0 : 0.005 + random.nextDouble() * 0.2;
      List<Double> feeds = feeds(random, lengthMm);
      VoltDrop drop = new VoltDrop(amps, lengthMm, ohm, feeds, lead, 5);
      Ladder ladder = new Ladder(amps, lengthMm, ohm, feeds, lead, 5);
      double scale = 5 - ladder.worst() + 0.01;
      assertEquals(ladder.worst(), drop.worst(), 0.01 * scale, "least of run " + i);
      for (int k = 0; k <= 20; k++) {
        double x = lengthMm * k / 20;
        assertEquals(ladder.at(x), drop.at(x), 0.01 * scale, "run " + i + " at " + x);
      }
      double in = drop.feedAmps().stream().mapToDouble(each -> each).sum();
      assertEquals(amps, in, 1e-6);
    }
  }

  private static List<Double> feeds(Random random, double lengthMm) {
    List<Double> feeds = new ArrayList<>();
    int places = 1 + random.nextInt(5);
    for (int i = 0; i < places; i++) {
      feeds.add(Math.rint(lengthMm * (i + random.nextDouble() * 0.9) / places));
    }
    return feeds;
  }

  /** Knots a thousandth of the run apart, each with its share of the load. */
  private static final class Ladder {
    private static final int KNOTS = 1_000;
    private final double lengthMm;
    private final double[] volts;

    Ladder(
        double amps,
        double lengthMm,
        double ohm,
        List<Double> feedsMm,
        double lead,
        double source) {
      this.lengthMm = lengthMm;
      double siemens = KNOTS / (ohm * lengthMm / 1_000);
      double[] own = new double[KNOTS + 1];
      double[] right = new double[KNOTS + 1];
      for (int k = 0; k <= KNOTS; k++) {
        boolean end = k == 0 || k == KNOTS;
        right[k] = -amps / KNOTS * (end ? 0.5 : 1);
        own[k] = end ? siemens : 2 * siemens;
      }
      for (double feed : feedsMm) {
        int k = (int) Math.round(feed / lengthMm * KNOTS);
        double in = lead < 1e-6 ? 1e9 : 1 / lead;
        own[k] += in;
        right[k] += in * source;
      }
      volts = solved(own, -siemens, right);
    }

    /** Gauss's elimination of three diagonals, all neighbours alike. */
    private static double[] solved(double[] own, double beside, double[] right) {
      int n = own.length;
      for (int k = 1; k < n; k++) {
        double share = beside / own[k - 1];
        own[k] -= share * beside;
        right[k] -= share * right[k - 1];
      }
      double[] volts = new double[n];
      for (int k = n - 1; k >= 0; k--) {
        volts[k] = (right[k] - (k == n - 1 ? 0 : beside * volts[k + 1])) / own[k];
      }
      return volts;
    }

    double at(double xMm) {
      return volts[(int) Math.round(xMm / lengthMm * KNOTS)];
    }

    double worst() {
      double least = Double.MAX_VALUE;
      for (double each : volts) {
        least = Math.min(least, each);
      }
      return least;
    }
  }

  @Test
  void moreCurrentNeverLeavesMoreVolts() {
    double before = 5;
    for (double amps = 0; amps <= 6; amps += 0.25) {
      double worst = new VoltDrop(amps, 1_100, 0.25, List.of(0.0, 400.0), 0.03, 5).worst();
      assertTrue(worst <= before, amps + " A");
      before = worst;
    }
  }

  @Test
  void aRunIsFedOnItself() {
    assertThrows(InvalidValue.class, () -> fed(List.of(), 0));
    assertThrows(InvalidValue.class, () -> fed(List.of(901.0), 0));
    assertThrows(InvalidValue.class, () -> fed(List.of(500.0, 100.0), 0));
    assertThrows(InvalidValue.class, () -> fed(List.of(500.0, 500.0), 0));
  }
}
