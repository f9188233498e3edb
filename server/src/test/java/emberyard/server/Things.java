package emberyard.server;

import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.Map;
import java.util.Random;
import java.util.TreeMap;
import javax.imageio.ImageIO;

/** Things of a build as a client would send them. */
final class Things {
  private Things() {}

  static Map<String, Object> component(String id, String name, long priceMinor) {
    Map<String, Object> thing = new TreeMap<>();
    for (String zero :
        new String[] {
          "peakWatts",
          "supplyWatts",
          "hdmiOutputs",
          "displayPortOutputs",
          "typeCOutputs",
          "lightHeaders"
        }) {
      thing.put(zero, 0);
    }
    thing.putAll(
        Map.of(
            "id",
            id,
            "name",
            name,
            "kind",
            "BOARD",
            "quantity",
            1,
            "source",
            "BUY",
            "forLook",
            false,
            "priceMinor",
            priceMinor,
            "supplierId",
            "rookery",
            "leadDays",
            -1,
            "massKg",
            1));
    return thing;
  }

  static Map<String, Object> panel(String id, double widthMm) {
    Map<String, Object> thing = new TreeMap<>();
    thing.putAll(
        Map.of(
            "id",
            id,
            "name",
            "Left window",
            "face",
            "LEFT",
            "sheetId",
            "acrylic-clear-3",
            "widthMm",
            widthMm,
            "heightMm",
            388,
            "quantity",
            1,
            "cutMethod",
            "LASER",
            "outsidePriceMinor",
            0));
    thing.put("window", null);
    thing.put("holes", Map.of("insetMm", 12, "greatestPitchMm", 90, "diameterMm", 4));
    return thing;
  }

  static Map<String, Object> order(String id, String note) {
    Map<String, Object> thing = new TreeMap<>();
    thing.putAll(
        Map.of(
            "id",
            id,
            "needKey",
            "component:c1",
            "title",
            "Board",
            "category",
            "PERFORMANCE_HARDWARE",
            "supplierId",
            "rookery",
            "quantity",
            1,
            "unitPriceMinor",
            17_900,
            "state",
            "ORDERED",
            "orderedOn",
            "2026-03-02",
            "expectedOn",
            "2026-03-09"));
    thing.put("receivedOn", null);
    thing.put("checkedOn", null);
    thing.put("checkedBy", "");
    thing.put("unit", "");
    thing.put("currency", "");
    thing.put("rate", 1.0);
    thing.put("way", "SENT_FOR");
    thing.put("number", "");
    thing.put("note", note);
    return thing;
  }

  /** A small picture like no other. */
  static byte[] model(int number) {
    BufferedImage image = new BufferedImage(60, 40, BufferedImage.TYPE_INT_RGB);
    Random random = new Random(number);
    for (int i = 0; i < 60 * 40; i++) {
      image.setRGB(i % 60, i / 60, random.nextInt(0x1000000));
    }
    ByteArrayOutputStream bytes = new ByteArrayOutputStream();
    try {
      ImageIO.write(image, "png", bytes);
    } catch (IOException impossible) {
      throw new UncheckedIOException(impossible);
    }
    return bytes.toByteArray();
  }
}
