package emberyard.server;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import emberyard.core.workshop.FilmProduct;
import emberyard.core.workshop.WorkshopBook;
import emberyard.server.yard.YardReader;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.JsonNode;

@ExtendWith(TestYard.class)
class StockApiTest {
  private static final Map<String, String> CSV = Map.of("Content-Type", "text/csv;charset=UTF-8");

  private static WorkshopBook book() {
    return TestYard.bean(YardReader.class).read().book();
  }

  private static String path(String shelf) {
    return "/api/workshop/" + shelf + ".csv";
  }

  @Test
  void aboutSixtyProductsToStartWith(Client owner) {
    owner.get("/api/workshop").expect(200);
    int products =
        book().paints().size()
            + book().films().size()
            + book().filaments().size()
            + book().sheets().size();
    assertTrue(products >= 60, "products: " + products);
  }

  @ParameterizedTest
  @ValueSource(strings = {"paints", "films", "filaments", "sheets"})
  void aShelfGoesOutAndComesInUnchanged(String shelf) {
    Client owner = TestYard.owner();
    String out = owner.get(path(shelf)).expect(200).text();
    WorkshopBook before = book();
    owner.send("POST", path(shelf), out, CSV).expect(200);
    assertEquals(before, book());
    assertEquals(out, owner.get(path(shelf)).text());
  }

  @Test
  void aChangedLineChangesItsProductAndANewOneIsAdded(Client owner) {
    String films = owner.get(path("films")).expect(200).text();
    String[] lines = films.split("\r\n");
    String id = lines[1].substring(0, lines[1].indexOf(','));
    String renamed = lines[1].replaceFirst("," + "[^,]+", ",\"'=Renamed, film\"");
    String added = lines[1].replaceFirst(id, "new-film");
    String file = lines[0] + "\r\n" + renamed + "\r\n" + added + "\r\n";
    int before = book().films().size();
    owner.send("POST", path("films"), file, CSV).expect(200);
    assertEquals(before + 1, book().films().size());
    String name =
        book().films().stream().filter(f -> f.id().equals(id)).findFirst().orElseThrow().name();
    assertEquals("=Renamed, film", name, "what a spreadsheet must not run is kept as words");
    owner.post("/api/undo", "").expect(200);
    assertEquals(films, owner.get(path("films")).text(), "one step of undo");
  }

  @Test
  void aFileWithOneBadLineChangesNothing(Client owner) {
    String paints = owner.get(path("paints")).expect(200).text();
    String[] lines = paints.split("\r\n");
    String good = lines[1].replaceFirst("#[0-9A-F]{6}", "#123456");
    for (String bad :
        new String[] {
          lines[2].replaceFirst("#[0-9A-F]{6}", "green"), lines[2] + ",more", lines[2] + "\"",
        }) {
      String refusal =
          owner
              .send("POST", path("paints"), lines[0] + "\r\n" + good + "\r\n" + bad + "\r\n", CSV)
              .expect(422)
              .text();
      assertTrue(refusal.contains("Line 3") || refusal.contains("breaks off"), refusal);
    }
    owner.send("POST", path("paints"), "a,b\r\n1,2\r\n", CSV).expect(422);
    owner.send("POST", "/api/workshop/people.csv", paints, CSV).expect(404);
    assertEquals(paints, owner.get(path("paints")).text());
  }

  @Test
  void aTableIsLookedAtRowByRowBeforeAnythingIsKept(Client owner) {
    String before = owner.get(path("films")).expect(200).text();
    String id = before.lines().toList().get(1).split(",")[0];
    String pasted =
        "price per metre minor\tID\tname\tshelf\n555\t%s\t%s\t7\n1\t\tWrong\t\n"
            .formatted(id, name(id));
    JsonNode looked =
        owner.send("POST", path("films") + "?keep=NONE", pasted, CSV).expect(200).json();
    assertEquals("shelf", looked.path("leftOut").get(0).asString());
    assertEquals(0, looked.path("kept").asInt());
    JsonNode row = looked.path("rows").get(0);
    assertEquals("CHANGED", row.path("outcome").asString());
    assertTrue(
        row.path("words").get(0).asString().matches("pricePerMetreMinor \\d+ → 555"),
        row.toString());
    assertEquals(1, row.path("words").size(), "what the table leaves out stays as it is");
    assertEquals("REFUSED", looked.path("rows").get(1).path("outcome").asString());
    assertEquals(before, owner.get(path("films")).text(), "looking changes nothing");
    owner.send("POST", path("films"), pasted, CSV).expect(422);
    assertEquals(before, owner.get(path("films")).text(), "all or none");
    JsonNode kept =
        owner.send("POST", path("films") + "?keep=READABLE", pasted, CSV).expect(200).json();
    assertEquals(1, kept.path("kept").asInt());
    assertEquals(name(id), book().things().find(FilmProduct.class, id).orElseThrow().name());
    owner.post("/api/undo", "").expect(200);
    assertEquals(before, owner.get(path("films")).text());
  }

  private static String name(String film) {
    return book().things().find(FilmProduct.class, film).orElseThrow().name();
  }

  @Test
  void aProductWithoutAColourThatCanBeReadIsRefused(Client owner) {
    String film =
        """
        {"id": "f", "name": "Film", "colourHex": "red", "gloss": "MATT", "rollWidthMm": 600,
         "pricePerMetreMinor": 900, "supplierId": "quay", "onHandMetres": 0}
        """;
    String refusal = owner.put("/api/workshop/films/f", film, null).expect(422).text();
    assertTrue(refusal.contains("#/colourHex"), refusal);
  }

  @Test
  void helpersDoNotReadPricesFromTheShelf(Client owner) {
    TestYard.helper().get(path("paints")).expect(403);
  }
}
