package emberyard.server;

import emberyard.core.build.BorderHoles;
import emberyard.core.build.Concept;
import emberyard.core.build.CutMethod;
import emberyard.core.build.Face;
import emberyard.core.build.FaceItem;
import emberyard.core.build.ItemKind;
import emberyard.core.build.Look;
import emberyard.core.build.PaletteColour;
import emberyard.core.build.PaletteColour.Role;
import emberyard.core.build.Panel;
import emberyard.core.build.Size;
import emberyard.core.build.Window;
import emberyard.server.store.ThingJson;
import java.util.List;

/** A small drawn build, put in through the API. */
final class Drawn {
  static final ThingJson JSON = new ThingJson();

  private Drawn() {}

  static Look look() {
    return new Look(
        List.of("fog"),
        List.of(
            new PaletteColour("harbour green", "#2E4A45", Role.BASE),
            new PaletteColour("chart cream", "#EDE3C4", Role.TEXT),
            new PaletteColour("brass", "#B08B3E", Role.METAL)),
        new Size(260, 388, 412));
  }

  static Panel window() {
    return new Panel(
        "left",
        "Left window",
        Face.LEFT,
        "acrylic-clear-3",
        412,
        388,
        1,
        new Window(40, 100, 250, 200),
        new BorderHoles(12, 90, 4),
        CutMethod.LASER,
        0,
        null,
        null);
  }

  static FaceItem badge(String id, double x) {
    return FaceItem.plain(id, Face.LEFT, ItemKind.BADGE, "Lamp", x, 20, 40, 40)
        .withColourHex("#B08B3E");
  }

  /** Begins a build with a look, a window on the left and a badge beside it. */
  static void begin(Client owner, String build) {
    owner.begin(build);
    put(owner, build, "concepts", build, Concept.open(build, look()));
    put(owner, build, "panels", build + "-left", named(window(), build + "-left"));
    put(owner, build, "items", build + "-lamp", badge(build + "-lamp", 320));
  }

  private static Panel named(Panel panel, String id) {
    return new Panel(
        id,
        panel.name(),
        panel.face(),
        panel.sheetId(),
        panel.widthMm(),
        panel.heightMm(),
        1,
        panel.window(),
        panel.holes(),
        panel.cutMethod(),
        0,
        null,
        null);
  }

  /** Puts a thing whatever its version is. */
  static Client.Answer put(Client client, String build, String kind, String id, Object thing) {
    String path = "/api/builds/%s/%s/%s".formatted(build, kind, id);
    long version =
        client
            .get("/api/builds/" + build)
            .expect(200)
            .json()
            .path("versions")
            .path(kind + "/" + id)
            .asLong(0);
    return client.put(path, JSON.write(thing), version == 0 ? null : version).expect(200);
  }
}
