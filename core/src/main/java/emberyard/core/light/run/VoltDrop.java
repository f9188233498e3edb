package emberyard.core.light.run;

import emberyard.core.units.Require;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;

/**
 * Volts along a light run whose load is spread evenly, fed at one or several places through leads.
 * Between two feeds and behind the outer ones the volts are a parabola; the volts at the feeds
 * follow from what flows in and out there.
 *
 * <p>Examples (handbook, light runs): 3.29 A over 0.9 m of 0.25 Ω/m, fed at one end: 0.371 V less
 * at the far end; at both ends 0.093 V in the middle; 0.5 m of lead of 0.5 mm² takes 0.115 V.
 */
public final class VoltDrop {
  /** Copper, Ω mm²/m. */
  private static final double COPPER = 0.0175;

  private static final double LEAST_OHM = 1e-6;

  private final double ampsPerMetre;
  private final double ohmPerMetre;
  private final double lengthM;
  private final List<Span> spans = new ArrayList<>();
  private final List<Double> feedAmps = new ArrayList<>();

  /**
   * Something to one side of a feed.
   *
   * @param fromM where its feed is
   * @param way 1 towards the end, −1 towards the start
   * @param volts at its feed
   * @param amps that flow into it from there
   */
  private record Span(double fromM, double longM, int way, double volts, double amps) {}

  /**
   * @param amps of all of it, 0 to 1,000 A
   * @param lengthMm 1 to 20,000 mm
   * @param ohmPerMetre of both conductors together, 0 to 20 Ω/m
   * @param feedsMm where it is fed, from its start upwards; at least one
   * @param leadOhm of each feed there and back, 0 to 1,000 Ω
   * @param sourceVolts 0 to 60 V
   */
  public VoltDrop(
      double amps,
      double lengthMm,
      double ohmPerMetre,
      List<Double> feedsMm,
      double leadOhm,
      double sourceVolts) {
    Require.between("amps", amps, 0, 1_000, "A");
    Require.between("lengthMm", lengthMm, 1, 20_000, "mm");
    Require.between("ohmPerMetre", ohmPerMetre, 0, 20, "Ω/m");
    Require.between("leadOhm", leadOhm, 0, 1_000, "Ω");
    Require.between("sourceVolts", sourceVolts, 0, 60, "V");
    Require.that(!feedsMm.isEmpty(), "feedsMm", "Say where it is fed.");
    Require.that(
        IntStream.range(0, feedsMm.size())
            .allMatch(
                i ->
                    feedsMm.get(i) >= 0
                        && feedsMm.get(i) <= lengthMm + 1e-6
                        && (i == 0 || feedsMm.get(i) > feedsMm.get(i - 1))),
        "feedsMm",
        "Feeds lie on the run, one behind the other.");
    this.lengthM = lengthMm / 1_000;
    this.ampsPerMetre = amps / lengthM;
    this.ohmPerMetre = Math.max(LEAST_OHM, ohmPerMetre);
    double[] at = feedsMm.stream().mapToDouble(mm -> Math.min(lengthM, mm / 1_000)).toArray();
    spans(at, leadOhm, sourceVolts);
  }

  /**
   * Of a lead, there and back: 2 × length × 0.0175 ÷ cross-section.
   *
   * <p>Example: 0.5 m of 0.5 mm²: 0.035 Ω, which takes 0.115 V at 3.29 A.
   */
  public static double leadOhm(double leadMm, double leadMm2) {
    return 2 * leadMm / 1_000 * COPPER / leadMm2;
  }

  /**
   * How far apart two feeds may be: √(8 ΔV ÷ (i r)).
   *
   * <p>Example: 3.66 A/m, 0.25 Ω/m, 0.3 V: 1.62 m.
   *
   * @param ampsPerMetre i, over 0
   * @param spareVolts ΔV, what may be lost on the way
   */
  public static double mostBetweenMm(double ampsPerMetre, double ohmPerMetre, double spareVolts) {
    return 1_000 * Math.sqrt(8 * Math.max(0, spareVolts) / (ampsPerMetre * ohmPerMetre));
  }

  /** How far a run may go on behind its last feed: √(2 ΔV ÷ (i r)); 0.81 m in that example. */
  public static double mostBehindMm(double ampsPerMetre, double ohmPerMetre, double spareVolts) {
    return mostBetweenMm(ampsPerMetre, ohmPerMetre, spareVolts) / 2;
  }

  private void spans(double[] at, double leadOhm, double sourceVolts) {
    double[] volts = feedVolts(at, leadOhm, sourceVolts);
    int last = at.length - 1;
    spans.add(new Span(at[0], at[0], -1, volts[0], ampsPerMetre * at[0]));
    for (int k = 0; k < last; k++) {
      double gap = at[k + 1] - at[k];
      double amps = ampsPerMetre * gap / 2 + (volts[k] - volts[k + 1]) / (ohmPerMetre * gap);
      spans.add(new Span(at[k], gap, 1, volts[k], amps));
    }
    double rest = lengthM - at[last];
    spans.add(new Span(at[last], rest, 1, volts[last], ampsPerMetre * rest));
    for (int k = 0; k <= last; k++) {
      double back =
          k == 0 ? spans.get(0).amps : spans.get(k).amps - ampsPerMetre * spans.get(k).longM;
      feedAmps.add(k == 0 ? back + spans.get(1).amps : spans.get(k + 1).amps - back);
    }
  }

  /** What comes in at a feed goes out to both sides; three diagonals, solved from the start. */
  private double[] feedVolts(double[] at, double leadOhm, double sourceVolts) {
    int n = at.length;
    double[] volts = new double[n];
    if (leadOhm < LEAST_OHM) {
      Arrays.fill(volts, sourceVolts);
      return volts;
    }
    double[] own = new double[n];
    double[] next = new double[n];
    double[] right = new double[n];
    for (int k = 0; k < n; k++) {
      double before = k == 0 ? 2 * at[0] : at[k] - at[k - 1];
      double behind = k == n - 1 ? 2 * (lengthM - at[k]) : at[k + 1] - at[k];
      own[k] = 1 / leadOhm;
      right[k] = sourceVolts / leadOhm - ampsPerMetre * (before + behind) / 2;
      if (k > 0) {
        own[k] += 1 / (ohmPerMetre * before);
      }
      if (k < n - 1) {
        own[k] += 1 / (ohmPerMetre * behind);
        next[k] = -1 / (ohmPerMetre * behind);
      }
    }
    for (int k = 1; k < n; k++) {
      double share = next[k - 1] / own[k - 1];
      own[k] -= share * next[k - 1];
      right[k] -= share * right[k - 1];
    }
    for (int k = n - 1; k >= 0; k--) {
      volts[k] = (right[k] - (k < n - 1 ? next[k] * volts[k + 1] : 0)) / own[k];
    }
    return volts;
  }

  private double fallen(Span span, double metres) {
    return span.volts - ohmPerMetre * (span.amps * metres - ampsPerMetre * metres * metres / 2);
  }

  /** Volts at a place, mm from the start of the run. */
  public double at(double xMm) {
    double x = Math.max(0, Math.min(lengthM, xMm / 1_000));
    Span found = spans.get(spans.size() - 1);
    for (Span span : spans) {
      double metres = (x - span.fromM) * span.way;
      if (metres >= 0 && metres <= span.longM) {
        found = span;
        break;
      }
    }
    return fallen(found, (x - found.fromM) * found.way);
  }

  /** The least anywhere on it, V. */
  public double worst() {
    double least = Double.MAX_VALUE;
    for (Span span : spans) {
      double lowest = ampsPerMetre == 0 ? 0 : span.amps / ampsPerMetre;
      least = Math.min(least, fallen(span, Math.max(0, Math.min(span.longM, lowest))));
    }
    return least;
  }

  /** What comes in at each feed, A. */
  public List<Double> feedAmps() {
    return List.copyOf(feedAmps);
  }

  /** The most that comes in at one of them, A. */
  public double mostFeedAmps() {
    return feedAmps.stream().mapToDouble(each -> each).max().orElse(0);
  }

  /**
   * A stretch of a run.
   *
   * @param fromMm from its start
   * @param toMm from its start
   */
  public record LowStretch(double fromMm, double toMm) {}

  /** Where there are less volts than this, from the start on. */
  public List<LowStretch> below(double volts) {
    List<LowStretch> all = new ArrayList<>();
    for (Span span : spans) {
      LowStretch low = below(span, volts);
      if (low != null) {
        boolean joins = !all.isEmpty() && low.fromMm - all.get(all.size() - 1).toMm < 1e-6;
        all.add(joins ? new LowStretch(all.remove(all.size() - 1).fromMm, low.toMm) : low);
      }
    }
    return all;
  }

  /** The parabola is below a level between its two crossings. */
  private @Nullable LowStretch below(Span span, double volts) {
    if (span.longM <= 0) {
      return null;
    }
    double from = 0;
    double to = span.longM;
    if (ampsPerMetre > 0) {
      double root = span.amps * span.amps - 2 * ampsPerMetre * (span.volts - volts) / ohmPerMetre;
      if (root <= 0) {
        return null;
      }
      from = Math.max(from, (span.amps - Math.sqrt(root)) / ampsPerMetre);
      to = Math.min(to, (span.amps + Math.sqrt(root)) / ampsPerMetre);
    } else if (span.volts >= volts) {
      return null;
    }
    if (to - from < 1e-9) {
      return null;
    }
    double one = 1_000 * (span.fromM + span.way * from);
    double other = 1_000 * (span.fromM + span.way * to);
    return new LowStretch(Math.min(one, other), Math.max(one, other));
  }
}
