package emberyard.server.store;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import emberyard.core.kind.ThingKind;
import emberyard.core.thing.Things;
import java.io.IOException;
import java.lang.reflect.ParameterizedType;
import java.lang.reflect.RecordComponent;
import java.lang.reflect.Type;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import org.junit.jupiter.api.Test;

/**
 * The shapes of stored bodies belong to the form of the database: whoever changes one adds a
 * migration, which may do nothing, so that an older program refuses what it could not read. See
 * decision 1.
 */
class BodyShapesTest {
  private static final Path FOLDER = Path.of("src/test/resources/shapes");
  private final Map<String, String> shapes = new TreeMap<>();

  private static Path file() {
    return FOLDER.resolve("form-" + DataForm.newest() + ".txt");
  }

  /** With {@code -Dember.api.write=true} writes the file of the newest form: see bin/api. */
  @Test
  void aChangedShapeNeedsANewForm() throws IOException {
    for (ThingKind kind : ThingKind.values()) {
      note(kind.type());
    }
    List<String> lines = new ArrayList<>();
    shapes.forEach((name, fields) -> lines.add(name + ": " + fields));
    if (Boolean.getBoolean("ember.api.write")) {
      Files.write(file(), lines);
    }
    assertTrue(Files.exists(file()), "a new form needs its shapes: run bin/api");
    assertEquals(
        String.join("\n", Files.readAllLines(file())),
        String.join("\n", lines),
        "stored bodies have another shape: add a migration, then run bin/api");
  }

  private void note(Class<?> type) {
    if (type.isEnum()) {
      shapes.put(type.getSimpleName(), List.of(type.getEnumConstants()).toString());
      return;
    }
    if (!type.isRecord() || shapes.containsKey(type.getSimpleName())) {
      return;
    }
    List<String> fields = new ArrayList<>();
    shapes.put(type.getSimpleName(), "");
    for (RecordComponent field : type.getRecordComponents()) {
      if (field.getType() == Things.class) {
        ThingLists.KINDS.get(type).forEach(kind -> fields.add(list(kind)));
        continue;
      }
      fields.add(field.getName() + " " + words(field.getGenericType()));
      within(field.getGenericType());
    }
    shapes.put(type.getSimpleName(), String.join(", ", fields));
  }

  private static String list(ThingKind kind) {
    return "%s List<%s>".formatted(kind.list(), kind.type().getSimpleName());
  }

  private void within(Type type) {
    if (type instanceof Class<?> plain) {
      note(plain);
    } else if (type instanceof ParameterizedType list) {
      List.of(list.getActualTypeArguments()).forEach(this::within);
    }
  }

  private static String words(Type type) {
    return type.getTypeName().replaceAll("[a-z.]+\\.([A-Z])", "$1").replace('$', '.');
  }
}
