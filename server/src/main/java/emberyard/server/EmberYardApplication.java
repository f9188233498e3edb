package emberyard.server;

import emberyard.server.store.DataFolder;
import java.io.IOException;
import java.nio.channels.FileLock;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;
import org.springframework.scheduling.annotation.EnableScheduling;

/** Starts Ember Yard: one process, one data folder. */
@SpringBootApplication
@EnableScheduling
public class EmberYardApplication {
  /** Held as long as the process lives: a lock that nobody holds is let go by the collector. */
  private static FileLock folderLock;

  /**
   * @param arguments as {@link CommandLine} reads them
   */
  public static void main(String[] arguments) throws IOException {
    try {
      CommandLine line = CommandLine.read(arguments);
      DataFolder folder = new DataFolder(line.data());
      if (line.task().isPresent()) {
        System.out.println(new Tasks(folder).carryOut(line.task().get()));
        return;
      }
      System.out.println(line.folderWords());
      folder.make();
      folderLock =
          folder
              .take()
              .orElseThrow(() -> new CommandLine.End(2, Tasks.RUNNING.formatted(folder.root())));
      folder.sweep();
      SpringApplication.run(EmberYardApplication.class, arguments);
    } catch (CommandLine.End end) {
      (end.status() == 0 ? System.out : System.err).println(end.getMessage());
      System.exit(end.status());
    }
  }
}
