package emberyard.server.store;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.ByteBuffer;
import java.nio.channels.FileChannel;
import java.nio.file.DirectoryStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.StandardOpenOption;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.HexFormat;
import java.util.Optional;

/**
 * Files of one folder, named by the SHA-256 of what is in them. What {@link #keep} returned is on
 * disk, name included; a crash leaves no half file under a name.
 */
public final class KeptFiles {
  private static final String HALF = "half";
  private final Path folder;

  /** Opens the folder, makes it where missing, and removes what a crash left half written. */
  public KeptFiles(Path folder) {
    this.folder = folder;
    try {
      Files.createDirectories(folder);
      OwnOnly.close(folder);
      try (DirectoryStream<Path> left = Files.newDirectoryStream(folder, HALF + "*.tmp")) {
        for (Path half : left) {
          Files.delete(half);
        }
      }
    } catch (IOException unusable) {
      throw new UncheckedIOException(unusable);
    }
  }

  /**
   * Keeps these bytes.
   *
   * @return their SHA-256
   * @throws IOException when they can't be written; nothing is left behind then
   */
  public String keep(byte[] bytes) throws IOException {
    String name = sha256(bytes);
    Path target = folder.resolve(name);
    if (!whole(target, name)) {
      Path half = Files.createTempFile(folder, HALF, ".tmp");
      try {
        write(half, bytes);
        Files.move(half, target, StandardCopyOption.ATOMIC_MOVE);
      } finally {
        Files.deleteIfExists(half);
      }
    }
    sync(folder);
    return name;
  }

  /** The file of this name, if it is here. */
  public Optional<Path> find(String sha256) {
    Path file = folder.resolve(sha256.matches("[0-9a-f]{64}") ? sha256 : HALF);
    return Files.isRegularFile(file) ? Optional.of(file) : Optional.empty();
  }

  /** SHA-256 in lower-case hexadecimal. */
  public static String sha256(byte[] bytes) {
    try {
      return HexFormat.of().formatHex(MessageDigest.getInstance("SHA-256").digest(bytes));
    } catch (NoSuchAlgorithmException impossible) {
      throw new IllegalStateException(impossible);
    }
  }

  /** After a power cut a file may be there without its content: then it is written again. */
  private static boolean whole(Path file, String name) throws IOException {
    return Files.exists(file) && sha256(Files.readAllBytes(file)).equals(name);
  }

  private static void write(Path file, byte[] bytes) throws IOException {
    try (FileChannel channel = FileChannel.open(file, StandardOpenOption.WRITE)) {
      ByteBuffer left = ByteBuffer.wrap(bytes);
      while (left.hasRemaining()) {
        channel.write(left);
      }
      channel.force(true);
    }
  }

  /** Puts a folder's names on disk; a no-op where a folder can't be opened. */
  private static void sync(Path folder) throws IOException {
    if (OwnOnly.posix(folder)) {
      try (FileChannel channel = FileChannel.open(folder, StandardOpenOption.READ)) {
        channel.force(true);
      }
    }
  }
}
