package emberyard.core.build;

import emberyard.core.thing.ProductUse;
import emberyard.core.units.Require;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A screen built in.
 *
 * @param widthMm outer width, 10 to 3,000 mm
 * @param heightMm outer height, 10 to 3,000 mm
 * @param pixelsWide 1 to 16,000
 * @param pixelsHigh 1 to 16,000
 * @param watts from its rail, 0 to 500
 * @param productId the product of the library it is one of, empty for one's own
 * @param ownFields in which it differs from its product, see {@link ProductUse}
 * @param feed what more is known of its picture and its current, null for nothing
 * @param leadMm the lead that it needs, 0 to 30,000 mm; null for what its place suggests
 * @param plugFreeMm room for a plug straight out of its socket, 0 to 3,000 mm; null for enough
 * @param sameAs another screen whose picture it may show, empty for a picture of its own
 * @param confirmedWith the board whose header somebody has confirmed for it, where that is no
 *     standard; empty for nobody
 * @param depthMm of its body without plugs, 0.5 to 500 mm; null while nobody has measured it
 * @param massKg 0 to 100 kg, 0 while nobody has weighed it
 * @param mount how it is held, null while nobody has said
 */
@RecordBuilder
public record Screen(
    String id,
    String name,
    double widthMm,
    double heightMm,
    int pixelsWide,
    int pixelsHigh,
    Input input,
    double watts,
    Rail rail,
    long priceMinor,
    String supplierId,
    String productId,
    @Nullable List<String> ownFields,
    @Nullable ScreenFeed feed,
    @Nullable Double leadMm,
    @Nullable Double plugFreeMm,
    String sameAs,
    String confirmedWith,
    @Nullable Double depthMm,
    Double massKg,
    @Nullable ScreenMount mount)
    implements ProductUse, ScreenBuilder.With {
  public Screen {
    Require.text("id", id);
    Require.text("name", name);
    Require.between("widthMm", widthMm, 10, 3_000, "mm");
    Require.between("heightMm", heightMm, 10, 3_000, "mm");
    Require.between("pixelsWide", pixelsWide, 1, 16_000, "pixels");
    Require.between("pixelsHigh", pixelsHigh, 1, 16_000, "pixels");
    Require.given("input", input);
    Require.between("watts", watts, 0, 500, "W");
    Require.given("rail", rail);
    Require.between("priceMinor", priceMinor, 0, 100_000_000, "minor units");
    supplierId = Require.textOrEmpty("supplierId", supplierId);
    productId = Require.textOrEmpty("productId", productId);
    ownFields = ownFields == null ? null : List.copyOf(ownFields);
    if (leadMm != null) {
      Require.between("leadMm", leadMm, 0, 30_000, "mm");
    }
    if (plugFreeMm != null) {
      Require.between("plugFreeMm", plugFreeMm, 0, 3_000, "mm");
    }
    sameAs = Require.textOrEmpty("sameAs", sameAs);
    confirmedWith = Require.textOrEmpty("confirmedWith", confirmedWith);
    if (depthMm != null) {
      Require.between("depthMm", depthMm, 0.5, 500, "mm");
    }
    massKg = massKg == null ? 0 : massKg;
    Require.between("massKg", massKg, 0, 100, "kg");
  }

  /** A screen of which no more is known. */
  public static ScreenBuilder one(String id, String name, double widthMm, double heightMm) {
    return ScreenBuilder.builder()
        .id(id)
        .name(name)
        .widthMm(widthMm)
        .heightMm(heightMm)
        .pixelsWide(1_920)
        .pixelsHigh(1_080)
        .input(Input.HDMI)
        .rail(Rail.V5);
  }

  /** What is known of its picture and its current. */
  public ScreenFeed fed() {
    return feed == null ? ScreenFeed.USUAL : feed;
  }

  /** How it is held, as far as anybody has said. */
  public ScreenMount mounted() {
    return mount == null ? ScreenMount.UNSAID : mount;
  }

  /** Across as it stands. */
  public double standsWideMm() {
    return mounted().turned().onItsSide() ? heightMm : widthMm;
  }

  /** Upwards as it stands. */
  public double standsHighMm() {
    return mounted().turned().onItsSide() ? widthMm : heightMm;
  }

  /** How far software turns its picture, null where nobody knows. */
  public @Nullable PictureTurn turns() {
    return fed().turns(input);
  }

  /** The plug that carries its picture. */
  public enum Input {
    HDMI("HDMI"),
    DISPLAY_PORT("DisplayPort"),
    TYPE_C("type-C"),
    MINI_HDMI("mini HDMI"),
    /** A bare panel on the flat lead of a board. */
    EMBEDDED("embedded display header"),
    /** No picture lead: what it shows comes as USB data. */
    DATA("USB data");

    private final String words;

    Input(String words) {
      this.words = words;
    }

    public String words() {
      return words;
    }
  }
}
