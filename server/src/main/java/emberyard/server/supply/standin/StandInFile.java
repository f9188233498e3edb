package emberyard.server.supply.standin;

import emberyard.server.store.OwnOnly;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.json.JsonMapper;

/** Where the stand-in keeps what it was told: beside the workshop's data, none of it. */
record StandInFile(Path file, JsonMapper json) {
  private static final Logger LOG = LoggerFactory.getLogger(StandInFile.class);

  /** What was kept; nothing where there is no such file, or it can't be read. */
  Kept read() {
    try {
      return Files.exists(file)
          ? json.readValue(Files.readAllBytes(file), Kept.class)
          : Kept.NOTHING;
    } catch (IOException | JacksonException unreadable) {
      LOG.warn("The stand-in's file can't be read, it begins anew: {}", unreadable.getMessage());
      return Kept.NOTHING;
    }
  }

  void write(Kept kept) {
    Path half = file.resolveSibling(file.getFileName() + ".half");
    try {
      Files.write(half, json.writeValueAsBytes(kept));
      OwnOnly.close(half);
      Files.move(half, file, StandardCopyOption.REPLACE_EXISTING, StandardCopyOption.ATOMIC_MOVE);
    } catch (IOException failed) {
      throw new UncheckedIOException(failed);
    }
  }
}
