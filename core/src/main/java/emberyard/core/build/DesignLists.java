package emberyard.core.build;

import emberyard.core.thing.Things;
import java.util.List;
import java.util.Optional;

/** What concepts differ in, list by list: a design has them, and a build as it is now. */
public interface DesignLists {
  Things things();

  default List<FaceItem> items() {
    return things().of(FaceItem.class);
  }

  default List<Component> components() {
    return things().of(Component.class);
  }

  default List<Panel> panels() {
    return things().of(Panel.class);
  }

  default List<Scheme> schemes() {
    return things().of(Scheme.class);
  }

  default List<Treatment> treatments() {
    return things().of(Treatment.class);
  }

  default List<OutsideFinish> outsideFinishes() {
    return things().of(OutsideFinish.class);
  }

  default List<Screen> screens() {
    return things().of(Screen.class);
  }

  default List<LightStrip> strips() {
    return things().of(LightStrip.class);
  }

  default List<Enclosure> enclosures() {
    return things().of(Enclosure.class);
  }

  default List<Loop> loops() {
    return things().of(Loop.class);
  }

  default List<Worksheet> worksheets() {
    return things().of(Worksheet.class);
  }

  default List<Joint> joints() {
    return things().of(Joint.class);
  }

  default List<PrintPart> prints() {
    return things().of(PrintPart.class);
  }

  default Optional<Component> component(String id) {
    return things().find(Component.class, id);
  }

  default Optional<Panel> panel(String id) {
    return things().find(Panel.class, id);
  }
}
