package emberyard.core.elevation;

import emberyard.core.build.Face;
import emberyard.core.build.FaceItem;
import emberyard.core.build.ItemKind;
import emberyard.core.build.Panel;
import emberyard.core.build.RecipeStep;
import emberyard.core.build.ThingLink;
import emberyard.core.build.VentCut;
import emberyard.core.build.Window;
import emberyard.core.geometry.Rect;
import java.util.ArrayList;
import java.util.List;

/**
 * What a face needs to become the mirror image of the face across: new panels and new items. Parts
 * are made anew, screens, strips and components are not: there is one of each.
 *
 * @param left names of things that stay out, because there is only one of them
 */
public record FaceMirror(List<Panel> panels, List<FaceItem> items, List<String> left) {

  /**
   * @param panels all panels of the build
   * @param idPrefix makes the new ids unique
   */
  public static FaceMirror of(Elevation from, List<Panel> panels, String idPrefix) {
    Face to = from.face().mirror();
    List<Panel> newPanels = new ArrayList<>();
    List<FaceItem> newItems = new ArrayList<>();
    List<String> left = new ArrayList<>();
    int number = 0;
    for (ElevationItem drawn : from.items()) {
      Rect place = drawn.place().mirrored(from.widthMm());
      String id = idPrefix + "-" + number++;
      ThingLink of = drawn.of();
      if (of == null && drawn.item() != null) {
        newItems.add(
            drawn
                .item()
                .with()
                .id(id)
                .face(to)
                .xMm(place.xMm())
                .yMm(place.yMm())
                .ofId(null)
                .build());
      } else if (of != null && drawn.kind() == ItemKind.PANEL) {
        panels.stream()
            .filter(panel -> panel.id().equals(of.id()))
            .forEach(panel -> newPanels.add(mirrored(panel, id, to)));
        newItems.add(
            FaceItem.standingFor(
                id, to, ItemKind.PANEL, drawn.name(), place.xMm(), place.yMm(), drawn.layer()));
      } else if (drawn.kind() != ItemKind.WINDOW) {
        left.add(drawn.name());
      }
    }
    return new FaceMirror(newPanels, newItems, left);
  }

  private static Panel mirrored(Panel panel, String id, Face to) {
    Window window = panel.window();
    Window turned =
        window == null
            ? null
            : new Window(
                panel.widthMm() - window.xMm() - window.widthMm(),
                window.yMm(),
                window.widthMm(),
                window.heightMm(),
                window.radiusMm());
    return panel
        .with()
        .id(id)
        .name(panel.name() + ", " + to.words())
        .face(to)
        .window(turned)
        .vent(turned(panel))
        .drawing(
            panel
                .drawing()
                .with(
                    panel.drawing().steps().stream()
                        .map(step -> mirrored(step, panel.widthMm()))
                        .toList()))
        .build();
  }

  private static RecipeStep mirrored(RecipeStep step, double widthMm) {
    RecipeStep.CopyArray array = step.array();
    boolean axis = step.op() == RecipeStep.Op.MIRROR_ACROSS && step.amountMm() != null;
    return new RecipeStep(
        step.id(),
        step.name(),
        step.op(),
        step.figure(),
        widthMm - step.xMm(),
        step.yMm(),
        -step.turnDegrees(),
        !step.mirrored(),
        array == null
            ? null
            : new RecipeStep.CopyArray(
                array.across(),
                array.up(),
                -array.stepXMm(),
                array.stepYMm(),
                array.around(),
                array.radiusMm()),
        axis ? Double.valueOf(widthMm - step.amountMm()) : step.amountMm());
  }

  private static VentCut turned(Panel panel) {
    if (panel.vent() == null) {
      return null;
    }
    Window area = panel.vent().area();
    return new VentCut(
        new Window(
            panel.widthMm() - area.xMm() - area.widthMm(),
            area.yMm(),
            area.widthMm(),
            area.heightMm()),
        panel.vent().field());
  }
}
