package emberyard.server.files;

import emberyard.core.make.mesh.StlReader;
import emberyard.core.units.InvalidValue;
import emberyard.server.store.KeptFiles;
import emberyard.server.store.MissingThing;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Base64;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;

/** Meshes in the data folder, named by their SHA-256, kept as they came in. */
@Component
public class MeshFiles {
  private final KeptFiles files;

  MeshFiles(@Value("${ember.data}") String data) {
    files = new KeptFiles(Path.of(data, "meshes"));
  }

  /** Keeps a mesh that was read whole before; returns its SHA-256. */
  public String keep(byte[] bytes) throws IOException {
    return files.keep(bytes);
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
    if (!KeptFiles.sha256(bytes).equals(sha256)) {
      throw new InvalidValue("meshes", "A mesh in the file is damaged.");
    }
    StlReader.read(bytes);
    keep(bytes);
  }

  /** A mesh for a build file. */
  public String inBase64(String sha256) throws IOException {
    return Base64.getEncoder().encodeToString(read(sha256));
  }

  /** Whether it is kept here. */
  public boolean has(String sha256) {
    return files.find(sha256).isPresent();
  }

  public byte[] read(String sha256) throws IOException {
    Path file = files.find(sha256).orElseThrow(() -> new MissingThing("This mesh is not here."));
    return Files.readAllBytes(file);
  }
}
