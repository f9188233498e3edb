package emberyard.core.fit;

import emberyard.core.build.Bay;
import emberyard.core.build.Body;
import emberyard.core.build.Build;
import emberyard.core.build.Component;
import emberyard.core.build.ComponentKind;
import emberyard.core.build.Enclosure;
import emberyard.core.build.Face;
import emberyard.core.build.FaceItem;
import emberyard.core.build.Loop;
import emberyard.core.build.Opening;
import emberyard.core.build.Requirement;
import emberyard.core.build.Screen;
import emberyard.core.build.Seat;
import emberyard.core.build.Size;
import emberyard.core.build.Turn;
import emberyard.core.build.Worksheet;
import emberyard.core.finding.Finding;
import emberyard.core.geometry.Box;
import emberyard.core.work.Work;
import emberyard.core.workshop.HardwareProduct;
import emberyard.core.yard.Samples;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** A whole build to be proved on paper, put together by the tests. */
public abstract class Proof {
  public final List<Component> components = new ArrayList<>();
  public final List<HardwareProduct> library = new ArrayList<>();
  public final List<Loop> loops = new ArrayList<>();
  public final List<Worksheet> sheets = new ArrayList<>();
  public final List<Requirement> asked = new ArrayList<>();
  public final List<Screen> screens = new ArrayList<>();
  public final List<FaceItem> items = new ArrayList<>();
  public Enclosure enclosure =
      box(
          300,
          List.of(
              Bay.of("left", "Left bay", new Box(0, 0, 0, 100, 100, 60), Face.FRONT, Seat.SUPPLY),
              Bay.of(
                  "right", "Right bay", new Box(100, 0, 0, 60, 100, 60), Face.FRONT, Seat.DRIVE)),
          List.of());

  public static Enclosure box(double side, List<Bay> bays, List<Opening> openings) {
    return Enclosure.plain(
        "e", "Case", Enclosure.Origin.BOUGHT, new Size(side, side, side), bays, openings);
  }

  public static Component part(String id, ComponentKind kind, double peak, double gives) {
    return Component.one(id, id, kind)
        .priceMinor(10_000)
        .supplierId("quay")
        .massKg(1)
        .peakWatts(peak)
        .supplyWatts(gives)
        .build();
  }

  public static Component boxed(
      String id, ComponentKind kind, double w, double d, double h, Seat seat) {
    return part(id, kind, 0, 0).withBody(Body.box(w, d, h, List.of(seat), List.of(Turn.UPRIGHT)));
  }

  public FitWork fit() {
    Build b = Samples.build();
    Build build =
        Build.begun(b.brief(), b.concept())
            .with(Component.class, components)
            .with(Enclosure.class, enclosure == null ? List.of() : List.of(enclosure))
            .with(Loop.class, loops)
            .with(Worksheet.class, sheets)
            .with(Requirement.class, asked)
            .with(Screen.class, screens)
            .with(FaceItem.class, items);
    return FitWork.of(build, Samples.book().with(HardwareProduct.class, library), List.of());
  }

  public Work work() {
    return fit().derive("concept/choose", "make/dry-fit", "prove/hardware");
  }

  public Optional<Finding> found(String key) {
    return work().findings().stream().filter(f -> f.key().equals(key)).findFirst();
  }

  public static HardwareProduct supply(String id, double h, double watts, long priceMinor) {
    return new HardwareProduct(
        id,
        id,
        ComponentKind.SUPPLY,
        priceMinor,
        "quay",
        1,
        0,
        watts,
        0,
        0,
        0,
        0,
        null,
        null,
        "",
        Body.box(80, 80, h, List.of(Seat.SUPPLY), List.of(Turn.UPRIGHT)),
        null,
        null,
        null);
  }
}
