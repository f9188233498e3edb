package emberyard.server.store;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertNull;

import emberyard.core.build.Enclosure;
import emberyard.core.build.Support;
import emberyard.core.build.Supports;
import emberyard.core.workshop.EnclosureProduct;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What enclosures stood on before supports had names is read on, wherever it lies. */
class OldSupportsTest {
  private static final String OLD =
      """
      {"id": "e", "name": "Trailer", "origin": "SCRATCH", "productId": "", "widthMm": 250,
       "depthMm": 1030, "heightMm": 300, "bays": [], "openings": [], "mounts": [],
       "supports": {"kind": "%s", "frontMm": -60, "backMm": 700.5, "leftMm": 10, "rightMm": 240},
       "roomC": 22, "hotRoomC": 32}
      """;
  private final ThingJson json = new ThingJson();

  @ParameterizedTest
  @CsvSource({
    "FEET, front feet, back feet",
    "AXLES, front axle, back axle",
    "SHELF, front edge, back edge"
  })
  void twoLinesAreTwoSupports(Supports.Kind kind, String front, String back) {
    Enclosure read = json.read(OLD.formatted(kind), Enclosure.class);
    assertEquals(Supports.lines(kind, -60, 700.5, 10, 240), read.supports());
    assertEquals(List.of(front, back), read.supports().on().stream().map(Support::name).toList());
    assertNull(read.massKg());
    assertEquals(read, json.read(json.write(read), Enclosure.class), "written in the present form");
  }

  @Test
  void alsoInsideAProduct() {
    String product =
        """
        {"id": "p", "name": "Trailer", "priceMinor": 0, "supplierId": "", "massKg": 2,
         "enclosure": %s}
        """
            .formatted(OLD.formatted("AXLES"));
    EnclosureProduct read = json.read(product, EnclosureProduct.class);
    assertEquals("back axle", read.enclosure().supports().on().get(1).name());
  }
}
