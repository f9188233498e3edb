package emberyard.core.build;

import emberyard.core.units.Require;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * What a screen takes, and how it behaves, as its data sheet and its owners say.
 *
 * @param hz pictures a second, 1 to 500; null for the usual 60
 * @param pixelClockMhz 1 to 3,000; null where the data sheet says none
 * @param televisionTiming whether it takes a picture only as televisions do
 * @param dataMegabytes MB/s of a picture that comes as USB data, 0 to 1,000; null for 2 bytes a
 *     pixel ten times a second
 * @param powerFrom where its current comes from, null for what its rail says
 * @param standbyWatts while the machine sleeps, 0 to 100
 * @param ownProgram whether a program of its own drives it, and it is no second monitor
 * @param touch whether its glass feels fingers, over a USB lead of its own
 * @param passesOnGbit Gbit/s that it lets through to a screen behind it, 0 to 100; null for none
 * @param wontWorkBehind what must not lie before it
 * @param quirks what its owners warn of
 * @param pictureTurns how far software turns its picture, null for what {@link
 *     #turns(Screen.Input)} says
 * @param mounts what it can be held with, as it is sold; empty while nobody has said
 * @param patternWideMm between the screw holes of its back, 1 to 3,000 mm; null for none known, as
 *     patternHighMm
 * @param candelas a square metre at full, 1 to 10,000 cd/m²; null for {@link #CANDELAS}
 * @param activeWidthMm of what shines, as its maker means it to stand, 1 to 3,000 mm; null while
 *     nobody has measured it; so is activeHeightMm
 * @param selfLit whether its pixels make their own light, and wear out by it
 */
@RecordBuilder
public record ScreenFeed(
    @Nullable Double hz,
    @Nullable Double pixelClockMhz,
    Boolean televisionTiming,
    @Nullable Double dataMegabytes,
    @Nullable PowerFrom powerFrom,
    Double standbyWatts,
    Boolean ownProgram,
    Boolean touch,
    @Nullable Double passesOnGbit,
    List<Refusal> wontWorkBehind,
    List<Quirk> quirks,
    @Nullable PictureTurn pictureTurns,
    List<MountWay> mounts,
    @Nullable Double patternWideMm,
    @Nullable Double patternHighMm,
    @Nullable Double candelas,
    @Nullable Double activeWidthMm,
    @Nullable Double activeHeightMm,
    Boolean selfLit)
    implements ScreenFeedBuilder.With {
  /** A screen of which nothing is known. */
  public static final ScreenFeed USUAL = ScreenFeedBuilder.builder().build();

  /** How bright a usual screen is at full, cd/m²; a default. */
  public static final double CANDELAS = 250;

  /** Where its current comes from. */
  public enum PowerFrom {
    USB("a USB port"),
    SUPPLY_LEAD("a lead of the supply"),
    BARREL("a supply of its own"),
    HEADER("a header of the board"),
    INPUT("the lead of its picture");

    private final String words;

    PowerFrom(String words) {
      this.words = words;
    }

    public String words() {
      return words;
    }
  }

  /** What its owners warn of. */
  public enum Quirk {
    SECOND_START("wakes only at the second start"),
    ONE_PROGRAM("needs one certain program"),
    STILL_ONLY("shows still pictures only");

    private final String words;

    Quirk(String words) {
      this.words = words;
    }

    public String words() {
      return words;
    }
  }

  public ScreenFeed {
    // what nobody said is the usual
    televisionTiming = televisionTiming != null && televisionTiming;
    standbyWatts = standbyWatts == null ? 0 : standbyWatts;
    ownProgram = ownProgram != null && ownProgram;
    touch = touch != null && touch;
    if (hz != null) {
      Require.between("hz", hz, 1, 500, "Hz");
    }
    if (pixelClockMhz != null) {
      Require.between("pixelClockMhz", pixelClockMhz, 1, 3_000, "MHz");
    }
    if (dataMegabytes != null) {
      Require.between("dataMegabytes", dataMegabytes, 0, 1_000, "MB/s");
    }
    Require.between("standbyWatts", standbyWatts, 0, 100, "W");
    if (passesOnGbit != null) {
      Require.between("passesOnGbit", passesOnGbit, 0, 100, "Gbit/s");
    }
    wontWorkBehind = Require.list(wontWorkBehind);
    quirks = Require.list(quirks);
    mounts = Require.list(mounts);
    if (patternWideMm != null) {
      Require.between("patternWideMm", patternWideMm, 1, 3_000, "mm");
    }
    if (patternHighMm != null) {
      Require.between("patternHighMm", patternHighMm, 1, 3_000, "mm");
    }
    if (candelas != null) {
      Require.between("candelas", candelas, 1, 10_000, "cd/m²");
    }
    if (activeWidthMm != null) {
      Require.between("activeWidthMm", activeWidthMm, 1, 3_000, "mm");
    }
    if (activeHeightMm != null) {
      Require.between("activeHeightMm", activeHeightMm, 1, 3_000, "mm");
    }
    selfLit = selfLit != null && selfLit;
  }

  /** How bright it is at full, cd/m². */
  public double shinesCandelas() {
    return candelas == null ? CANDELAS : candelas;
  }

  /**
   * How far software turns its picture: as its maker says, else all round where the machine drives
   * it as a monitor; null where a program of its own draws it and nobody has said.
   */
  public @Nullable PictureTurn turns(Screen.Input input) {
    return pictureTurns != null
        ? pictureTurns
        : ownProgram || input == Screen.Input.DATA ? null : PictureTurn.ANY;
  }
}
