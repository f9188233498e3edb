package emberyard.core.build;

import emberyard.core.thing.DesignThing;
import emberyard.core.units.Require;
import org.jspecify.annotations.Nullable;

/**
 * A part printed from a mesh, or planned before it is there.
 *
 * @param sha256 names the mesh in the data folder; empty while it is only planned
 * @param fileName as it came in
 * @param mesh measured when it came in; a box as large as is planned until then
 * @param filamentId what it is printed of
 * @param quantity 1 to 200
 * @param infillPercent 0 to 100 %; 20 where it is left out
 * @param wallMm thickness of the shell, 0.4 to 20 mm; 1.2 where it is left out
 * @param down which side lies on the bed: 0 to 5 for −z, +z, −x, +x, −y, +y
 * @param inserts heat-set inserts in one piece, 0 to 100
 * @param insertMm thread of the inserts, 2 to 4 mm; 3 where it is left out
 * @param planned size and guesses until its file comes, null once it has come
 */
public record PrintPart(
    String id,
    String name,
    Face face,
    String sha256,
    String fileName,
    MeshFacts mesh,
    String filamentId,
    int quantity,
    Double infillPercent,
    Double wallMm,
    Integer down,
    Integer inserts,
    Double insertMm,
    @Nullable PlannedPrint planned)
    implements DesignThing {
  public PrintPart {
    Require.text("id", id);
    Require.text("name", name);
    Require.given("face", face);
    fileName = Require.textOrEmpty("fileName", fileName);
    if (planned == null) {
      Require.text("sha256", sha256);
      Require.that(sha256.matches("[0-9a-f]{64}"), "sha256", "The mesh's name is not a SHA-256.");
    } else {
      sha256 = "";
      mesh = planned.box();
    }
    Require.given("mesh", mesh);
    Require.text("filamentId", filamentId);
    infillPercent = infillPercent == null ? 20 : infillPercent;
    wallMm = wallMm == null ? 1.2 : wallMm;
    down = down == null ? 0 : down;
    inserts = inserts == null ? 0 : inserts;
    insertMm = insertMm == null ? 3 : insertMm;
    Require.between("quantity", quantity, 1, 200, "pieces");
    Require.between("infillPercent", infillPercent, 0, 100, "%");
    Require.between("wallMm", wallMm, 0.4, 20, "mm");
    Require.between("down", down, 0, 5, "");
    Require.between("inserts", inserts, 0, 100, "pieces");
    Require.between("insertMm", insertMm, 2, 4, "mm");
  }
}
