package emberyard.server.make;

import emberyard.core.build.MeshFacts;
import emberyard.core.make.mesh.Mesh;
import emberyard.core.make.mesh.MeshMeasure;
import emberyard.core.make.mesh.MeshPicture;
import emberyard.core.make.mesh.StlReader;
import emberyard.core.units.Require;
import emberyard.server.api.HeavyWork;
import emberyard.server.files.MeshFiles;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.time.Duration;
import javax.imageio.ImageIO;
import org.springframework.http.CacheControl;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RequestPart;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.multipart.MultipartFile;

/** Meshes for printing: measured, kept, and drawn. */
@RestController
class MeshController {
  private static final int LARGEST_PX = 1_000;
  private static final int SMALLEST_PX = 32;

  /** A mesh is called by its contents. */
  private static final Duration NEVER_CHANGES = Duration.ofDays(30);

  private final MeshFiles files;
  private final HeavyWork heavy;

  MeshController(MeshFiles files, HeavyWork heavy) {
    this.files = files;
    this.heavy = heavy;
  }

  /** A mesh that is kept: print parts name it by its SHA-256. */
  record KeptMesh(String sha256, String fileName, MeshFacts mesh) {}

  /** Volume, area, box and whether it is closed; nothing is kept. STL of at most 12 MB. */
  @PostMapping(value = "/api/calc/make/mesh", consumes = MediaType.MULTIPART_FORM_DATA_VALUE)
  MeshFacts measure(@RequestPart MultipartFile file) throws IOException {
    return measured(file.getBytes());
  }

  /** Keeps an STL of at most 12 MB and says what it measures. */
  @PostMapping(value = "/api/meshes", consumes = MediaType.MULTIPART_FORM_DATA_VALUE)
  KeptMesh keep(@RequestPart MultipartFile file) throws IOException {
    byte[] bytes = file.getBytes();
    MeshFacts facts = measured(bytes);
    String name = Require.textOrEmpty("file", file.getOriginalFilename());
    return new KeptMesh(files.keep(bytes), name, facts);
  }

  private MeshFacts measured(byte[] stl) {
    return heavy.run(() -> MeshMeasure.of(StlReader.read(stl)));
  }

  /** The mesh seen from above at a slant. */
  @GetMapping(value = "/api/meshes/{sha256}/picture.png", produces = MediaType.IMAGE_PNG_VALUE)
  ResponseEntity<byte[]> picture(
      @PathVariable String sha256,
      @RequestParam(defaultValue = "480") int size,
      @RequestParam(defaultValue = "8A8F94") String hex)
      throws IOException {
    Require.between("size", size, SMALLEST_PX, LARGEST_PX, "px");
    Require.that(hex.matches("[0-9A-Fa-f]{6}"), "hex", "A colour is six hexadecimal digits.");
    Mesh mesh = StlReader.read(files.read(sha256));
    int[] pixels = MeshPicture.paint(mesh, size, Integer.decode("#" + hex));
    BufferedImage image = new BufferedImage(size, size, BufferedImage.TYPE_INT_ARGB);
    image.setRGB(0, 0, size, size, pixels, 0, size);
    ByteArrayOutputStream png = new ByteArrayOutputStream();
    ImageIO.write(image, "png", png);
    return ResponseEntity.ok()
        .cacheControl(CacheControl.maxAge(NEVER_CHANGES).cachePrivate().immutable())
        .body(png.toByteArray());
  }
}
