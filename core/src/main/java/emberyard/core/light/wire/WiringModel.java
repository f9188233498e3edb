package emberyard.core.light.wire;

import emberyard.core.light.port.ChangeKind;
import emberyard.core.units.FigureKey;
import java.util.List;

/**
 * The wiring, ready to be drawn: what gives, what lies between, what is fed, and the leads.
 *
 * @param shownLit screens that are lit, of {@code shown}
 * @param devicesFed devices that are fed, of {@code devices}
 * @param moneyMinor what is bought for it
 * @param parts pieces between sockets and leads
 * @param leads last leads
 * @param leadMm all leads together
 * @param proven whether nothing better is left
 * @param steps tries it took
 */
@FigureKey("build/{buildId}/wiring")
public record WiringModel(
    List<Giver> givers,
    List<Between> between,
    List<Taker> takers,
    List<Rope> ropes,
    List<WiringChange> changes,
    List<ColdStart> coldStarts,
    int shown,
    int shownLit,
    int devices,
    int devicesFed,
    long moneyMinor,
    int parts,
    int leads,
    long leadMm,
    boolean proven,
    int steps) {

  /**
   * A device with sockets.
   *
   * @param note what there is to say of all of them: "3 at once, 2 used"
   */
  public record Giver(String id, String name, String note, List<Socket> sockets) {}

  /**
   * A socket, or several alike of which nothing hangs on any.
   *
   * @param id of the first of them
   * @param count how many it stands for
   * @param used whether something hangs on it
   * @param lacking what it lacks to work, empty where it works
   */
  public record Socket(String id, String name, int count, boolean used, String lacking) {}

  /** A hub, splitter or breakout. */
  public record Between(String id, String linkId, String name, String note, boolean bought) {}

  /** What one that is fed is. */
  public enum TakerKind {
    SCREEN,
    DEVICE
  }

  /**
   * One that is fed, or should be.
   *
   * @param note its picture or current: "1920 × 480, 1.6 Gbit/s"
   * @param why why it is dark, empty where it is fed
   * @param fixed whether its way was fixed by hand
   * @param widthMm of its glass, 0 where it has none
   * @param heightMm of its glass, 0 where it has none
   */
  public record Taker(
      String id,
      String name,
      TakerKind kind,
      String note,
      boolean lit,
      String why,
      boolean fixed,
      double widthMm,
      double heightMm) {}

  /**
   * A lead, or the way to a hub.
   *
   * @param from a socket, something between, or a screen that lets a picture through
   * @param to something between, or one that is fed
   * @param words what it is: "HDMI flat 0.5 m"
   * @param plugs its two ends: "HDMI to HDMI"
   * @param lengthMm with the links that hang in it
   * @param lit false for one that would have to be there
   */
  public record Rope(
      String from, String to, String words, String plugs, double lengthMm, boolean lit) {}

  /**
   * What would have everything lit.
   *
   * @param kinds what is changed
   * @param costMinor what it costs, with the wiring, more than now
   * @param leadDays until it is there
   * @param risk what it risks, empty for nothing
   */
  @FigureKey("build/{buildId}/wiring/changes/{words}")
  public record WiringChange(
      List<ChangeKind> kinds, String words, long costMinor, int leadDays, String risk) {}
}
