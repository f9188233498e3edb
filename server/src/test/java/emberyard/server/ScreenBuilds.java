package emberyard.server;

import java.util.Map;

/** Builds with screens and a picture over them, begun over HTTP. */
final class ScreenBuilds {
  private static final String READ_OUTS =
      """
      {"id":"v","kind":"VALUE","xMm":4,"yMm":20,"widthMm":100,"heightMm":36,
       "source":"coolant.celsius","words":"Coolant","unit":"°C"},
      {"id":"w","kind":"WORDS","xMm":150,"yMm":20,"widthMm":90,"heightMm":20,"words":"DEPOT"},
      {"id":"b","kind":"BAR","xMm":196,"yMm":2,"widthMm":50,"heightMm":14,
       "source":"memory.percent"},
      {"id":"d","kind":"DIAL","xMm":60,"yMm":2,"widthMm":130,"heightMm":56,
       "source":"processor.percent"}""";

  static String at(String build) {
    return "/api/builds/" + build;
  }

  static void put(Client owner, String build, String kind, String id, String body) {
    owner.put(at(build) + "/" + kind + "/" + id, body, null).expect(200);
  }

  static String screen(String id, String mount, String feed) {
    return """
        {"id":"%s","name":"Screen %s","widthMm":120,"heightMm":60,"pixelsWide":240,"pixelsHigh":120,
         "input":"HDMI","watts":4,"rail":"V5","priceMinor":0,"supplierId":"","productId":"",
         "sameAs":"","confirmedWith":"","massKg":0,
         "feed":{"activeWidthMm":120,"activeHeightMm":60%s}%s}"""
        .formatted(id, id, feed, mount);
  }

  static String canvas(String id, String panes) {
    return """
        {"id":"%s","name":"Departures","panes":[%s],"readOuts":[%s]}"""
        .formatted(id, panes, READ_OUTS);
  }

  /** A build with two screens of 120 × 60 mm, 14 mm apart, and a picture over both. */
  static void begin(Client owner, String build) {
    owner.post("/api/builds", Map.of("id", build, "name", build)).expect(200);
    put(owner, build, "screens", build + "-a", screen(build + "-a", "", ""));
    put(owner, build, "screens", build + "-b", screen(build + "-b", "", ""));
    put(
        owner,
        build,
        "canvases",
        build + "-c",
        canvas(
            build + "-c",
            """
            {"id":"%1$s-a","name":"","xMm":0,"yMm":0},{"id":"%1$s-b","name":"","xMm":134,"yMm":0}"""
                .formatted(build)));
  }

  private ScreenBuilds() {}
}
