package emberyard.server.fit;

import emberyard.core.build.Build;
import emberyard.core.build.ComponentKind;
import emberyard.core.build.CutMethod;
import emberyard.core.build.Enclosure;
import emberyard.core.build.HoleField;
import emberyard.core.build.Opening;
import emberyard.core.build.Panel;
import emberyard.core.build.PartDrawing;
import emberyard.core.build.Screen;
import emberyard.core.build.VentCut;
import emberyard.core.build.Window;
import emberyard.core.kind.ThingKind;
import emberyard.core.thing.Product;
import emberyard.core.thing.ProductUse;
import emberyard.core.thing.Thing;
import emberyard.core.units.InvalidValue;
import emberyard.core.units.Require;
import emberyard.core.workshop.EnclosureProduct;
import emberyard.core.workshop.HardwareProduct;
import emberyard.server.access.Account;
import emberyard.server.store.MissingThing;
import emberyard.server.store.ThingStore;
import emberyard.server.store.Write;
import emberyard.server.yard.YardReader;
import java.util.ArrayList;
import java.util.List;
import org.springframework.stereotype.Component;

/** Takes hardware and enclosures from the library into a build. */
@Component
class FitDesk {
  /** Material round a hole field to screw it on by; a default. */
  private static final double BORDER_MM = 12;

  private final ThingStore store;
  private final YardReader yard;

  FitDesk(ThingStore store, YardReader yard) {
    this.store = store;
    this.yard = yard;
  }

  void take(Account who, String buildId, String id, String productId) {
    Require.text("id", id);
    Build build = yard.read().build(buildId).build();
    HardwareProduct product = product(productId);
    boolean here =
        build.component(id).isPresent()
            || build.screens().stream().anyMatch(screen -> screen.id().equals(id));
    if (!here) {
      Thing thing = product.kind() == ComponentKind.SCREEN ? screen(product, id) : product.one(id);
      store.apply(who.id(), List.of(Write.create(buildId, thing)));
    }
  }

  void swap(Account who, String buildId, String id, String productId) {
    Build build = yard.read().build(buildId).build();
    emberyard.core.build.Component old =
        build.component(id).orElseThrow(() -> new MissingThing("That component is gone."));
    emberyard.core.build.Component now = product(productId).insteadOf(old);
    store.apply(who.id(), List.of(Write.overwrite(buildId, now)));
  }

  /** Makes a thing one of a product: it takes what the product says and keeps its place and use. */
  void join(Account who, String buildId, String kind, String id, String productId) {
    YardReader.Reading reading = yard.read();
    ProductUse use =
        reading
            .build(buildId)
            .build()
            .things()
            .find(uses(kind), id)
            .orElseThrow(() -> new MissingThing("It is gone."));
    Thing joined =
        reading
            .book()
            .things()
            .all()
            .filter(each -> each.id().equals(productId))
            .flatMap(each -> each instanceof Product product ? product.as(use).stream() : null)
            .findFirst()
            .orElseThrow(
                () -> new InvalidValue("productId", "No such thing of this kind in the library."));
    store.apply(who.id(), List.of(Write.overwrite(buildId, joined)));
  }

  private static Class<? extends ProductUse> uses(String kind) {
    Class<? extends Thing> type = MissingThing.kindNamed(kind).type();
    if (!ProductUse.class.isAssignableFrom(type)) {
      throw new InvalidValue("kind", "The %s are not of the library.".formatted(kind));
    }
    return type.asSubclass(ProductUse.class);
  }

  void enclose(Account who, String buildId, String id, String productId) {
    Require.text("id", id);
    YardReader.Reading reading = yard.read();
    Build build = reading.build(buildId).build();
    EnclosureProduct product =
        reading
            .book()
            .enclosure(String.valueOf(productId))
            .orElseThrow(() -> new InvalidValue("productId", "No such enclosure in the library."));
    if (build.enclosures().stream().anyMatch(each -> each.id().equals(id))) {
      return;
    }
    List<Write> writes = new ArrayList<>();
    for (Enclosure old : build.enclosures()) {
      writes.add(Write.remove(ThingKind.ENCLOSURE, buildId, old.id()));
    }
    for (emberyard.core.build.Component old : build.components()) {
      if (old.kind() == ComponentKind.ENCLOSURE) {
        writes.add(Write.remove(ThingKind.COMPONENT, buildId, old.id()));
      }
    }
    writes.add(Write.create(buildId, product.shape(id)));
    writes.add(Write.create(buildId, product.component(id + "-case")));
    store.apply(who.id(), writes);
  }

  void part(Account who, String buildId, String openingId, String id, String sheetId) {
    Require.text("id", id);
    YardReader.Reading reading = yard.read();
    Build build = reading.build(buildId).build();
    Opening opening =
        build.enclosures().stream()
            .flatMap(enclosure -> enclosure.opening(openingId).stream())
            .findFirst()
            .orElseThrow(() -> new MissingThing("That opening is gone."));
    HoleField field = opening.field();
    if (field == null) {
      throw new InvalidValue("openingId", "It has no hole field: there is nothing to cut.");
    }
    if (reading.book().sheet(String.valueOf(sheetId)).isEmpty()) {
      throw new InvalidValue("sheetId", "Choose the sheet it is cut from.");
    }
    if (build.panel(id).isEmpty()) {
      store.apply(who.id(), List.of(Write.create(buildId, panel(opening, field, id, sheetId))));
    }
  }

  private static Panel panel(Opening opening, HoleField field, String id, String sheetId) {
    return new Panel(
        id,
        opening.name() + ", perforated",
        opening.face(),
        sheetId,
        opening.widthMm() + 2 * BORDER_MM,
        opening.heightMm() + 2 * BORDER_MM,
        1,
        null,
        null,
        CutMethod.LASER,
        0,
        new VentCut(new Window(BORDER_MM, BORDER_MM, opening.widthMm(), opening.heightMm()), field),
        PartDrawing.PLAIN);
  }

  /** A usual one in all that its product leaves open. */
  private static Thing screen(HardwareProduct product, String id) {
    Screen usual = Screen.one(id, product.name(), 100, 60).build();
    return product.as(usual).orElseThrow();
  }

  private HardwareProduct product(String productId) {
    return yard.read()
        .book()
        .hardware(String.valueOf(productId))
        .orElseThrow(() -> new InvalidValue("productId", "No such component in the library."));
  }
}
