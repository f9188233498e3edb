package emberyard.server.yard;

import emberyard.core.build.PaletteColour;
import emberyard.core.units.FigureKey;
import emberyard.core.yard.Fuse;
import emberyard.core.yard.TaskModel;
import emberyard.server.yard.SectionsView.Json;
import io.swagger.v3.oas.annotations.media.Schema;
import java.time.LocalDateTime;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * The home screen.
 *
 * @param now the bench clock
 * @param builds each a {@link YardRow}
 * @param total builds over all pages
 * @param broken builds that can't be worked out; they hold their people and stations as before
 * @param leftOut a sentence for each thing of the workshop that can't be read
 */
record YardView(
    LocalDateTime now,
    String workshopName,
    @Schema(implementation = YardRow[].class) Json builds,
    int total,
    List<BrokenBuild> broken,
    List<String> leftOut) {

  /**
   * A build that can't be worked out.
   *
   * @param sentence why, and who changed what
   * @param mendable whether what broke it is known and can be put back
   */
  record BrokenBuild(String id, String name, String sentence, boolean mendable) {}

  /**
   * One build at a glance.
   *
   * @param stops how many findings say stop
   * @param answered questions of the brief that are answered
   * @param guessedMinutes planned for what is done while nobody said how long it took
   */
  @FigureKey("build/{id}")
  record YardRow(
      String id,
      String name,
      String client,
      List<PaletteColour> palette,
      Fuse fuse,
      List<TaskModel> next,
      long stops,
      long risks,
      long answered,
      int questions,
      long loggedMinutes,
      long guessedMinutes,
      @Nullable Long earnedPerHourMinor) {}
}
