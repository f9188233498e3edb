package emberyard.server.demo;

import emberyard.core.build.Face;
import emberyard.core.build.FaceItem;
import emberyard.core.build.ItemKind;
import emberyard.core.build.Layer;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import org.jspecify.annotations.Nullable;

/** Draws the faces of one invented build in few words. */
final class DemoFaces {
  private final String build;
  private final List<FaceItem> items = new ArrayList<>();
  private Face face = Face.FRONT;

  DemoFaces(String build) {
    this.build = build;
  }

  List<FaceItem> items() {
    return items;
  }

  DemoFaces on(Face next) {
    face = next;
    return this;
  }

  DemoFaces put(
      ItemKind kind, String name, double x, double y, double width, double height, String hex) {
    items.add(FaceItem.plain(id(), face, kind, name, x, y, width, height).coloured(hex));
    return this;
  }

  /** Lines as an SVG path, or a filled shape where the stroke is 0. */
  DemoFaces art(
      ItemKind kind,
      String name,
      double x,
      double y,
      double width,
      double height,
      String hex,
      String path,
      double strokeMm) {
    items.add(
        FaceItem.plain(id(), face, kind, name, x, y, width, height)
            .coloured(hex)
            .drawn(path, strokeMm, "", null));
    return this;
  }

  DemoFaces words(
      ItemKind kind, String words, double x, double y, double width, double height, String hex) {
    items.add(
        FaceItem.plain(id(), face, kind, "“" + words + "”", x, y, width, height)
            .coloured(hex)
            .drawn("", null, words, null));
    return this;
  }

  /** A part, screen or strip of the build, under its own key. */
  DemoFaces of(
      String key,
      ItemKind kind,
      String name,
      double x,
      double y,
      Layer layer,
      boolean upright,
      @Nullable Double reachMm) {
    String id = build + "-" + key;
    items.add(
        new FaceItem(
            id, face, kind, name, x, y, null, null, layer, id, upright, null, null, null, null, "",
            null, "", reachMm));
    return this;
  }

  /** A strip of the build that lies round a box on this face. */
  DemoFaces round(
      String key,
      String name,
      double x,
      double y,
      double width,
      double height,
      Layer layer,
      double reachMm) {
    String id = build + "-" + key;
    items.add(
        new FaceItem(
            id,
            face,
            ItemKind.LIGHT_RUN,
            name,
            x,
            y,
            width,
            height,
            layer,
            id,
            false,
            null,
            null,
            null,
            null,
            "",
            null,
            "",
            reachMm));
    return this;
  }

  /** A screen of the build behind this face, with what it shows. */
  DemoFaces shows(String key, String name, double x, double y, String hex, String path) {
    String id = build + "-" + key;
    items.add(
        FaceItem.standingFor(id, face, ItemKind.SCREEN, name, x, y, Layer.BEHIND)
            .coloured(hex)
            .drawn(path, 0.0, "", null));
    return this;
  }

  /** The pane in a part's window. */
  DemoFaces tinted(String partKey, String name, String hex, double clearness) {
    String id = build + "-" + partKey;
    items.add(
        FaceItem.standingFor(id, face, ItemKind.WINDOW, name, 0, 0, Layer.IN)
            .coloured(hex)
            .drawn("", null, "", clearness)
            .moved(id + "-pane", face, 0, 0, id));
    return this;
  }

  /** Bars of different lengths below each other, as on a tide board. */
  static String bars(double width, double height, double... shares) {
    StringBuilder path = new StringBuilder();
    double step = height / shares.length;
    for (int i = 0; i < shares.length; i++) {
      path.append(
          format(
              "M%.1f %.1fh%.1fv%.1fh%.1fz",
              width * 0.15,
              step * (i + 0.3),
              width * 0.7 * shares[i],
              step * 0.4,
              -width * 0.7 * shares[i]));
    }
    return path.toString();
  }

  private String id() {
    return "%s-item-%d".formatted(build, items.size() + 1);
  }

  /**
   * Waves above each other, the swell growing towards the middle.
   *
   * @param lines how many
   */
  static String waves(int lines, double width, double height, double swell) {
    StringBuilder path = new StringBuilder();
    double step = width / 4;
    for (int line = 0; line < lines; line++) {
      double y = height * (line + 0.75) / (lines + 0.5);
      double high = swell * (1 - 0.08 * line);
      path.append(format("M0 %.1f", y));
      for (int i = 0; i < 4; i++) {
        double up = i % 2 == 0 ? -high : high;
        path.append(format("q%.1f %.1f %.1f 0", step / 2, up, step));
      }
    }
    return path.toString();
  }

  /** Level lines below each other. */
  static String lines(int count, double width, double height) {
    StringBuilder path = new StringBuilder();
    for (int i = 0; i < count; i++) {
      path.append(format("M0 %.1fh%.1f", height * (i + 0.5) / count, width));
    }
    return path.toString();
  }

  /** Dots in rows, every other row set in by half. */
  static String dots(int columns, int rows, double pitch, double diameter) {
    StringBuilder path = new StringBuilder();
    double r = diameter / 2;
    for (int row = 0; row < rows; row++) {
      for (int column = 0; column < columns; column++) {
        double x = r + column * pitch + (row % 2) * pitch / 2;
        double y = r + row * pitch * 0.866 + r;
        path.append(
            format(
                "M%.1f %.1fa%.1f %.1f 0 1 0 %.1f 0a%.1f %.1f 0 1 0 %.1f 0z",
                x - r, y, r, r, diameter, r, r, -diameter));
      }
    }
    return path.toString();
  }

  /** A star of so many points in a box. */
  static String star(int points, double size, double inner) {
    StringBuilder path = new StringBuilder();
    for (int i = 0; i < points * 2; i++) {
      double radius = i % 2 == 0 ? size / 2 : size / 2 * inner;
      double angle = Math.PI * i / points - Math.PI / 2;
      path.append(
          format(
              "%s%.1f %.1f",
              i == 0 ? "M" : "L",
              size / 2 + radius * Math.cos(angle),
              size / 2 + radius * Math.sin(angle)));
    }
    return path.append("z").toString();
  }

  /** A ring or disc. */
  static String disc(double diameter) {
    double r = diameter / 2;
    return format(
        "M0 %.1fa%.1f %.1f 0 1 0 %.1f 0a%.1f %.1f 0 1 0 %.1f 0z",
        r, r, r, diameter, r, r, -diameter);
  }

  /** Fern leaves on a bent stem. */
  static String fern(int leaves, double width, double height) {
    StringBuilder path =
        new StringBuilder(
            format(
                "M%.1f %.1fQ%.1f %.1f %.1f 0",
                width * 0.5, height, width * 0.4, height / 2, width * 0.7));
    for (int i = 1; i <= leaves; i++) {
      double t = (double) i / (leaves + 1);
      double y = height * (1 - t);
      double x = width * (0.5 - 0.1 * Math.sin(t * Math.PI) + 0.2 * t * t);
      double reach = width * 0.42 * (1 - 0.8 * t);
      path.append(
          format(
              "M%.1f %.1fq%.1f %.1f %.1f %.1f",
              x, y, reach / 2, -reach * 0.5, reach, -reach * 0.25));
      path.append(
          format(
              "M%.1f %.1fq%.1f %.1f %.1f %.1f",
              x, y, -reach / 2, -reach * 0.5, -reach, -reach * 0.25));
    }
    return path.toString();
  }

  private static String format(String pattern, Object... values) {
    return String.format(Locale.ROOT, pattern, values);
  }
}
