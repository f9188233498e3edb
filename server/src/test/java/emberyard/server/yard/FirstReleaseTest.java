package emberyard.server.yard;

import static org.junit.jupiter.api.Assertions.assertEquals;

import emberyard.core.yard.BuildModel;
import emberyard.core.yard.YardModel;
import emberyard.server.store.Row;
import emberyard.server.store.TestStore;
import emberyard.server.store.ThingJson;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.lang.reflect.RecordComponent;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.security.GeneralSecurityException;
import java.security.MessageDigest;
import java.time.Clock;
import java.time.Instant;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HexFormat;
import java.util.List;
import java.util.Map;
import java.util.zip.GZIPInputStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

/**
 * A store of the first release, the demo of that time, comes to the figures it came to when they
 * were noted. Whoever means to change an answer writes them anew with {@code
 * -Dember.figures.write=true}; what was noted and what is now lies in target/figures.
 */
class FirstReleaseTest {
  private static final Path NOTED = Path.of("src/test/resources/stores/first-figures.txt");
  private static final Path NOW = Path.of("target/figures");
  private static final Instant AT = Instant.parse("2026-03-03T09:30:00Z");
  private final ThingJson json = new ThingJson();
  @TempDir Path folder;

  @Test
  void everyFigureStaysAsItWas() throws IOException {
    List<String> lines = new ArrayList<>();
    try (InputStream packed = getClass().getResourceAsStream("/stores/first.sqlite.gz")) {
      Files.write(folder.resolve("test.sqlite"), new GZIPInputStream(packed).readAllBytes());
    }
    try (TestStore store = new TestStore(folder, Clock.fixed(AT, ZoneOffset.UTC))) {
      yard(store.things.all()).builds().forEach((id, model) -> lines.addAll(sections(id, model)));
    }
    if (Boolean.getBoolean("ember.figures.write")) {
      Files.write(NOTED, lines);
    }
    assertEquals(Files.readString(NOTED), String.join("\n", lines) + "\n");
  }

  private static YardModel yard(List<Row> rows) {
    return new Deriver(Clock.fixed(AT, ZoneOffset.UTC)).derive(rows, AT).model();
  }

  /** What a builder would look at first, then a mark of every section. */
  private List<String> sections(String id, BuildModel model) {
    List<String> lines = new ArrayList<>();
    lines.add(
        "%s: finish %s, quote %d, %d tasks, %d needs, %d findings"
            .formatted(
                id,
                model.fuse().finish(),
                model.budget().quoteMinor(),
                model.tasks().size(),
                model.needs().size(),
                model.findings().size()));
    for (RecordComponent section : BuildModel.class.getRecordComponents()) {
      try {
        String text = ordered(json.tree(section.getAccessor().invoke(model))).toPrettyString();
        Files.createDirectories(NOW);
        Files.writeString(NOW.resolve(id + "-" + section.getName() + ".json"), text);
        lines.add("  %s %s".formatted(section.getName(), mark(text)));
      } catch (ReflectiveOperationException impossible) {
        throw new IllegalStateException(impossible);
      } catch (IOException full) {
        throw new UncheckedIOException(full);
      }
    }
    return lines;
  }

  /** Maps and sets come in any order: fields by name, words by the alphabet. */
  private static JsonNode ordered(JsonNode node) {
    if (node.isObject()) {
      ObjectNode object = JsonNodeFactory.instance.objectNode();
      node.propertyStream()
          .sorted(Map.Entry.comparingByKey())
          .forEach(field -> object.set(field.getKey(), ordered(field.getValue())));
      return object;
    }
    if (node.isArray()) {
      List<JsonNode> all = new ArrayList<>(node.valueStream().map(each -> ordered(each)).toList());
      if (all.stream().allMatch(JsonNode::isString)) {
        all.sort(Comparator.comparing(JsonNode::asString));
      }
      ArrayNode array = JsonNodeFactory.instance.arrayNode();
      all.forEach(array::add);
      return array;
    }
    return node;
  }

  private static String mark(String text) {
    try {
      byte[] hash =
          MessageDigest.getInstance("SHA-256").digest(text.getBytes(StandardCharsets.UTF_8));
      return HexFormat.of().formatHex(hash, 0, 6);
    } catch (GeneralSecurityException impossible) {
      throw new IllegalStateException(impossible);
    }
  }
}
