package emberyard.server;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.MapperFeature;
import tools.jackson.databind.SerializationFeature;
import tools.jackson.databind.json.JsonMapper;

@ExtendWith(TestYard.class)
class ApiDocumentTest {
  private static final Path COMMITTED = Path.of("../web/openapi.json");
  private static final JsonMapper JSON =
      JsonMapper.builder()
          .enable(SerializationFeature.INDENT_OUTPUT)
          .enable(SerializationFeature.ORDER_MAP_ENTRIES_BY_KEYS)
          .enable(MapperFeature.SORT_PROPERTIES_ALPHABETICALLY)
          .build();

  /** With {@code -Dember.api.write=true} writes the document instead: see bin/api. */
  @Test
  void theCommittedDocumentIsTheOneServed(Client owner) throws Exception {
    Object served = JSON.readValue(owner.get("/api/openapi").expect(200).text(), Object.class);
    String text = JSON.writeValueAsString(served) + "\n";
    if (Boolean.getBoolean("ember.api.write")) {
      Files.writeString(COMMITTED, text);
    }
    assertEquals(Files.readString(COMMITTED), text, "web/openapi.json is out of date: run bin/api");
  }

  @Test
  void everyAmountOfMoneyIsNamedSo(Client owner) {
    JsonNode schemas = owner.get("/api/openapi").json().path("components").path("schemas");
    for (var schema : schemas.properties()) {
      for (var field : schema.getValue().path("properties").properties()) {
        String name = field.getKey().toLowerCase();
        // what whoever asks a calculator has typed is shown to nobody else
        boolean typed = schema.getKey().equals("WaitAsked");
        boolean money =
            name.contains("price")
                || name.contains("cost")
                || name.contains("earned")
                || name.contains("budgetcap")
                || name.contains("quote") && !name.endsWith("why");
        assertTrue(
            typed || !money || field.getKey().endsWith("Minor") || field.getKey().endsWith("Why"),
            schema.getKey() + "." + field.getKey() + " would be shown to helpers");
      }
    }
  }

  @Test
  void everyCalculatorHasAnExampleThatItAnswers(Client owner) {
    FuzzDocument document = new FuzzDocument(owner.get("/api/openapi").text());
    assertTrue(document.calculators().size() > 25);
    for (String path : document.calculators()) {
      JsonNode example = document.exampleOf(path);
      assertTrue(example.isObject(), path + " has no example");
      assertEquals(200, owner.post(path, example.toString()).status(), path);
    }
  }

  @Test
  void calculatorsSayUnitAndRange(Client owner) {
    JsonNode question =
        owner.get("/api/openapi").json().path("components").path("schemas").path("PanelQuestion");
    JsonNode width = question.path("properties").path("widthMm");
    assertEquals("Width, mm", width.path("description").asString());
    assertEquals(5000, width.path("maximum").asInt());
  }
}
