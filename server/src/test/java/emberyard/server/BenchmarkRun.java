package emberyard.server;

import java.nio.file.Path;
import org.junit.jupiter.api.Test;

/**
 * The way into {@link YardBenchmark} from {@code bin/bench}, on the class path of the tests. Its
 * name keeps it out of the ordinary run; it asserts nothing, since speed is no test.
 */
class BenchmarkRun {
  @Test
  void measure() throws Exception {
    YardBenchmark.writeTo(Path.of(System.getProperty("ember.bench")));
  }
}
