package emberyard.server.store;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;

/** Rights of files and folders: the user who runs the program, nobody else. */
public final class OwnOnly {
  private OwnOnly() {}

  /** Takes everybody else's rights away; nothing where the file system knows no such rights. */
  public static void close(Path path) throws IOException {
    if (posix(path)) {
      String rights = Files.isDirectory(path) ? "rwx------" : "rw-------";
      Files.setPosixFilePermissions(path, PosixFilePermissions.fromString(rights));
    }
  }

  static boolean posix(Path path) throws IOException {
    return Files.getFileStore(path).supportsFileAttributeView("posix");
  }
}
