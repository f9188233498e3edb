package emberyard.core.light.port;

import emberyard.core.units.Require;
import java.util.Arrays;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A picture that is sent to a screen, 24 bit a pixel.
 *
 * @param widthPx 1 to 16,384
 * @param heightPx 1 to 16,384
 * @param hz pictures a second, 1 to 500
 * @param pixelClockMhz as the data sheet has it, 1 to 3,000; null where it says none
 * @param timing what is reckoned with where it says none
 */
public record Picture(
    int widthPx, int heightPx, double hz, @Nullable Double pixelClockMhz, Timing timing) {
  private static final int MOST_PX = 16_384;
  private static final int BITS = 24;

  /** Pixels of a line that are not seen. */
  private static final int UNSEEN_PX = 80;

  /** So long no line is sent, µs. */
  private static final double UNSEEN_US = 460;

  private static final double TELEVISION = 1.2;

  /** What is sent besides the pixels that are seen. */
  public enum Timing {
    /** As little as computers send to screens that take it. */
    REDUCED,
    /** As televisions have it: a fifth more. */
    TELEVISION
  }

  /** Refuses by the names that a calculator is asked with. */
  public Picture {
    Require.between("width", widthPx, 1, MOST_PX, "px");
    Require.between("height", heightPx, 1, MOST_PX, "px");
    Require.between("hz", hz, 1, 500, "Hz");
    if (pixelClockMhz != null) {
      Require.between("pixelClockMHz", pixelClockMhz, 1, 3_000, "MHz");
    }
    Require.given("timing", timing);
  }

  /**
   * What it takes, Gbit/s: pixel clock × 24 where known; else (w + 80) × (h + lines of 460 µs) × Hz
   * × 24, or w × h × Hz × 24 × 1.2 where only television timings work (handbook, Light and
   * screens).
   *
   * <p>Example: 1,100 × 3,840 at 60 Hz by television timings: 7.30. 1,920 × 1,080 at 60 Hz reduced:
   * 2,000 × 1,111 × 60 × 24 = 3.20.
   */
  public double gbitPerSecond() {
    double pixelsPerSecond =
        pixelClockMhz != null
            ? pixelClockMhz * 1e6
            : timing == Timing.TELEVISION
                ? widthPx * (double) heightPx * hz * TELEVISION
                : (widthPx + UNSEEN_PX) * (double) (heightPx + unseenLines()) * hz;
    return pixelsPerSecond * BITS / 1e9;
  }

  /** Lines that fill the time in which none is sent. */
  private long unseenLines() {
    double lineUs = (1e6 / hz - UNSEEN_US) / heightPx;
    return (long) Math.floor(UNSEEN_US / lineUs) + 1;
  }

  /** What carries it, the least first. */
  public List<Carrier> carriers() {
    double wanted = gbitPerSecond();
    return Arrays.stream(Carrier.values()).filter(each -> each.carries(wanted)).toList();
  }
}
