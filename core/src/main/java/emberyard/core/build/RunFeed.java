package emberyard.core.build;

import emberyard.core.units.Require;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * Where the current of a light run goes in, and what leads it there.
 *
 * @param at where the only one is, at its start where it is left out
 * @param feeds how many, 1 to 20; from two on at both ends and evenly between. 1 where it is left
 *     out
 * @param leadMm of each feed from its source, 0 to 30,000 mm; 500 where it is left out
 * @param leadMm2 of each conductor, 0.05 to 10 mm²; 0.5 where it is left out
 * @param sourceVolts as measured at the source under load, 3 to 15 V; null for the rail less 5 %
 */
public record RunFeed(
    At at, Integer feeds, Double leadMm, Double leadMm2, @Nullable Double sourceVolts) {
  /** Nobody has said anything. */
  public static final RunFeed USUAL = new RunFeed(null, null, null, null, null);

  /** The most that anybody solders. */
  public static final int MOST_FEEDS = 20;

  public RunFeed {
    at = at == null ? At.START : at;
    feeds = feeds == null ? 1 : feeds;
    leadMm = leadMm == null ? 500 : leadMm;
    leadMm2 = leadMm2 == null ? 0.5 : leadMm2;
    Require.between("feeds", feeds, 1, MOST_FEEDS, "feeds");
    Require.between("leadMm", leadMm, 0, 30_000, "mm");
    Require.between("leadMm2", leadMm2, 0.05, 10, "mm²");
    if (sourceVolts != null) {
      Require.between("sourceVolts", sourceVolts, 3, 15, "V");
    }
  }

  /** Where along it. */
  public enum At {
    START("at its start"),
    MIDDLE("in the middle");

    private final String words;

    At(String words) {
      this.words = words;
    }

    public String words() {
      return words;
    }
  }

  /** The same at so many places. */
  public RunFeed at(int places) {
    return new RunFeed(at, places, leadMm, leadMm2, sourceVolts);
  }

  /** The same through other leads. */
  public RunFeed through(double mm2) {
    return new RunFeed(at, feeds, leadMm, mm2, sourceVolts);
  }

  /**
   * Where along a run, mm from its start.
   *
   * <p>Example: 1,200 mm at three places: 0, 600 and 1,200 mm.
   */
  public List<Double> placesMm(double lengthMm) {
    if (feeds == 1) {
      return List.of(at == At.START ? 0 : lengthMm / 2);
    }
    List<Double> places = new ArrayList<>();
    for (int i = 0; i < feeds; i++) {
      places.add(lengthMm * i / (feeds - 1));
    }
    return places;
  }
}
