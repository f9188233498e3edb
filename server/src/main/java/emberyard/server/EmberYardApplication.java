package emberyard.server;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;

/** Starts Ember Yard: one process, one data folder. */
@SpringBootApplication
public class EmberYardApplication {

  /**
   * @param arguments {@code --data=FOLDER} (made where missing), {@code --port=8480}, {@code
   *     --bind=127.0.0.1}, {@code --demo=true}, {@code --clock=2026-03-03T09:05}
   */
  public static void main(String[] arguments) throws IOException {
    Files.createDirectories(dataFolder(arguments));
    SpringApplication.run(EmberYardApplication.class, arguments);
  }

  private static Path dataFolder(String[] arguments) {
    for (String argument : arguments) {
      if (argument.startsWith("--data=")) {
        return Path.of(argument.substring("--data=".length()));
      }
    }
    return Path.of("ember-yard-data");
  }
}
