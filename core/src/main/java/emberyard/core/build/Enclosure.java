package emberyard.core.build;

import emberyard.core.geometry.Box;
import emberyard.core.thing.DesignThing;
import emberyard.core.units.Require;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * What the hardware sits in: a bought case, furniture, an old machine or a box built from scratch.
 *
 * @param productId of the list it was taken from, empty for one's own
 * @param widthMm outside, 20 to 5,000 mm; so are depth and height
 * @param supports what it stands on
 * @param walls what they are of, null where nobody has said
 * @param massKg empty, where no component stands for it, 0 to 500 kg; null where nobody knows
 * @param weighedKg the whole build on the scales, 0.1 to 2,000 kg; null before
 * @param roomC usual air around it, −10 to 50 °C; hotRoomC on a hot day
 * @param mounts where screws go: holes for boards, feet, rails
 */
public record Enclosure(
    String id,
    String name,
    Origin origin,
    String productId,
    double widthMm,
    double depthMm,
    double heightMm,
    List<Bay> bays,
    List<Opening> openings,
    List<Mount> mounts,
    Supports supports,
    @Nullable Walls walls,
    @Nullable Double massKg,
    @Nullable Double weighedKg,
    double roomC,
    double hotRoomC)
    implements DesignThing {
  public static final double ROOM_C = 22;
  public static final double HOT_ROOM_C = 32;
  private static final int MOST_BAYS = 40;

  /** Of a side. */
  public static final double LARGEST_MM = 5_000;

  public Enclosure {
    Require.text("id", id);
    Require.text("name", name);
    Require.given("origin", origin);
    productId = Require.textOrEmpty("productId", productId);
    Require.between("widthMm", widthMm, 20, LARGEST_MM, "mm");
    Require.between("depthMm", depthMm, 20, LARGEST_MM, "mm");
    Require.between("heightMm", heightMm, 20, LARGEST_MM, "mm");
    bays = Require.list(bays);
    Require.that(bays.size() <= MOST_BAYS, "bays", "At most %d bays.".formatted(MOST_BAYS));
    Set<String> ids = new HashSet<>();
    for (Bay bay : bays) {
      Require.that(ids.add(bay.id()), "bays", "Two bays are called “%s”.".formatted(bay.id()));
    }
    openings = Require.list(openings);
    mounts = Require.list(mounts);
    supports = supports == null ? Supports.feet(widthMm, depthMm) : supports;
    if (massKg != null) {
      Require.between("massKg", massKg, 0, 500, "kg");
    }
    if (weighedKg != null) {
      Require.between("weighedKg", weighedKg, 0.1, 2_000, "kg");
    }
    Require.between("roomC", roomC, -10, 50, "°C");
    Require.between("hotRoomC", hotRoomC, -10, 60, "°C");
  }

  /**
   * Heat through its free walls, all but the one it stands on or hangs with: U A, W/K.
   *
   * <p>Example: 400 × 300 × 300 mm of thin metal: 0.54 m², 2.7 W/K.
   */
  public double wallsWPerK() {
    double covered = supports.kind() == Supports.Kind.WALL ? heightMm : depthMm;
    double all = 2 * (widthMm + depthMm) * heightMm + 2 * widthMm * depthMm;
    double freeM2 = (all - widthMm * covered) / 1e6;
    return freeM2 * (walls == null ? Walls.unsaid() : walls).wattsPerM2K();
  }

  /** Outside, without what sticks out. */
  public Size size() {
    return new Size(widthMm, heightMm, depthMm);
  }

  /** Where it comes from. */
  public enum Origin {
    BOUGHT,
    FURNITURE,
    SCRATCH,
    GUTTED
  }

  /**
   * A place for screws.
   *
   * @param thread "M3", "6-32"
   */
  public record Mount(String name, double xMm, double yMm, double zMm, String thread) {
    public Mount {
      Require.text("name", name);
      Require.between("xMm", xMm, -500, 5_000, "mm");
      Require.between("yMm", yMm, -500, 5_000, "mm");
      Require.between("zMm", zMm, -500, 5_000, "mm");
      thread = Require.textOrEmpty("thread", thread);
    }
  }

  /** All of it from the lower left front corner. */
  public Box outer() {
    return new Box(0, 0, 0, widthMm, depthMm, heightMm);
  }

  public Optional<Bay> bay(String bayId) {
    return bays.stream().filter(bay -> bay.id().equals(bayId)).findFirst();
  }

  public Optional<Opening> opening(String openingId) {
    return openings.stream().filter(opening -> opening.id().equals(openingId)).findFirst();
  }

  /** One with nothing said but its size, bays and openings, on four feet. */
  public static Enclosure plain(
      String id, String name, Origin origin, Size size, List<Bay> bays, List<Opening> openings) {
    return new Enclosure(
        id,
        name,
        origin,
        "",
        size.widthMm(),
        size.depthMm(),
        size.heightMm(),
        bays,
        openings,
        List.of(),
        null,
        null,
        null,
        null,
        ROOM_C,
        HOT_ROOM_C);
  }

  /** The same shape as another thing. */
  public Enclosure as(String otherId, String otherName, String otherProductId) {
    return copy(otherId, otherName, otherProductId, bays, openings, supports);
  }

  /** The same with these openings. */
  public Enclosure with(List<Opening> others) {
    return copy(id, name, productId, bays, others, supports);
  }

  /** The same on other supports. */
  public Enclosure with(Supports others) {
    return copy(id, name, productId, bays, openings, others);
  }

  /** The same with one bay replaced. */
  public Enclosure with(Bay changed) {
    List<Bay> all = new ArrayList<>(bays);
    all.replaceAll(bay -> bay.id().equals(changed.id()) ? changed : bay);
    return copy(id, name, productId, all, openings, supports);
  }

  private Enclosure copy(
      String asId,
      String asName,
      String asProductId,
      List<Bay> theBays,
      List<Opening> theOpenings,
      Supports theSupports) {
    return new Enclosure(
        asId,
        asName,
        origin,
        asProductId,
        widthMm,
        depthMm,
        heightMm,
        theBays,
        theOpenings,
        mounts,
        theSupports,
        walls,
        massKg,
        weighedKg,
        roomC,
        hotRoomC);
  }
}
