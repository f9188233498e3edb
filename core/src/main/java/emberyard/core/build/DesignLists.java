package emberyard.core.build;

import emberyard.core.thing.Things;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/** What concepts differ in, list by list: a design has them, and a build as it is now. */
public interface DesignLists {
  Things things();

  Look look();

  /**
   * Outside: the enclosure's once one is chosen, with the parts that are larger than the face they
   * sit on; before, what was wished for; null where nobody said.
   *
   * <p>Example: on a case 300 × 400 × 240 mm (width, height, depth) a left side of 240 × 420 mm
   * makes it 300 × 420 × 240 mm.
   */
  default @Nullable Size outerSize() {
    Size outer = enclosures().stream().findFirst().map(Enclosure::size).orElse(null);
    if (outer == null) {
      return look().size();
    }
    for (Panel panel : panels()) {
      outer = panel.face().covering(outer, panel.widthMm(), panel.heightMm());
    }
    return outer;
  }

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

  default List<FixedWay> fixedWays() {
    return things().of(FixedWay.class);
  }

  default List<Program> programs() {
    return things().of(Program.class);
  }

  /** Light runs, as long as follows from where they are laid. */
  default List<LightStrip> strips() {
    return things().of(LightStrip.class).stream().map(strip -> strip.laid(this)).toList();
  }

  default List<Scene> scenes() {
    return things().of(Scene.class);
  }

  default List<Canvas> canvases() {
    return things().of(Canvas.class);
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
