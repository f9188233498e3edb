package emberyard.server;

import java.io.IOException;
import java.nio.file.Files;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;

/** Starts Ember Yard: one process, one data folder. */
@SpringBootApplication
public class EmberYardApplication {

  /**
   * @param arguments as {@link CommandLine} reads them
   */
  public static void main(String[] arguments) throws IOException {
    try {
      CommandLine line = CommandLine.read(arguments);
      System.out.println(line.folderWords());
      Files.createDirectories(line.data());
      SpringApplication.run(EmberYardApplication.class, arguments);
    } catch (CommandLine.End end) {
      (end.status() == 0 ? System.out : System.err).println(end.getMessage());
      System.exit(end.status());
    }
  }
}
