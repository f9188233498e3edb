package emberyard.server;

import emberyard.server.store.BeforeKeeping;
import java.io.IOException;
import java.nio.file.Path;
import java.util.function.UnaryOperator;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.io.TempDir;
import tools.jackson.databind.JsonNode;

/** A test with the demo for itself, to change as it likes. */
abstract class OwnDemoTest {
  @TempDir Path folder;
  OwnDemo demo;

  @BeforeEach
  void open() throws IOException {
    demo = new OwnDemo(folder, UnaryOperator.<BeforeKeeping>identity());
  }

  @AfterEach
  void close() {
    demo.close();
  }

  final JsonNode build(String id) {
    return demo.owner.get("/api/builds/" + id).expect(200).json();
  }
}
