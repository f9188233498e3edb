package emberyard.server.make;

import emberyard.core.make.mesh.StlReader;
import emberyard.core.units.InvalidValue;
import emberyard.server.store.MissingThing;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.Base64;
import java.util.HexFormat;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;

/** Meshes in the data folder, named by their SHA-256, kept as they came in. */
@Component
public class MeshFiles {
  private final Path folder;

  MeshFiles(@Value("${ember.data}") String data) throws IOException {
    folder = Path.of(data, "meshes");
    Files.createDirectories(folder);
  }

  /** Keeps a mesh that was read whole before; returns its SHA-256. */
  public String keep(byte[] bytes) throws IOException {
    String name = sha256(bytes);
    Path target = folder.resolve(name);
    if (!Files.exists(target)) {
      Path half = Files.createTempFile(folder, "half", ".tmp");
      Files.write(half, bytes);
      Files.move(half, target, StandardCopyOption.ATOMIC_MOVE);
    }
    return name;
  }

  /**
   * Keeps a mesh as a build file brings it.
   *
   * @throws InvalidValue when it is not the mesh with this SHA-256, or no mesh
   */
  public void keepAs(String sha256, String base64) throws IOException {
    byte[] bytes;
    try {
      bytes = Base64.getDecoder().decode(base64);
    } catch (IllegalArgumentException damaged) {
      throw new InvalidValue("meshes", "A mesh in the file is damaged.");
    }
    if (!sha256(bytes).equals(sha256)) {
      throw new InvalidValue("meshes", "A mesh in the file is damaged.");
    }
    StlReader.read(bytes);
    keep(bytes);
  }

  /** A mesh for a build file. */
  public String inBase64(String sha256) throws IOException {
    return Base64.getEncoder().encodeToString(read(sha256));
  }

  byte[] read(String sha256) throws IOException {
    Path file = folder.resolve(sha256);
    if (!sha256.matches("[0-9a-f]{64}") || !Files.exists(file)) {
      throw new MissingThing("This mesh is not here.");
    }
    return Files.readAllBytes(file);
  }

  private static String sha256(byte[] bytes) {
    try {
      return HexFormat.of().formatHex(MessageDigest.getInstance("SHA-256").digest(bytes));
    } catch (NoSuchAlgorithmException impossible) {
      throw new IllegalStateException(impossible);
    }
  }
}
