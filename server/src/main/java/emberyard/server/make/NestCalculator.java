package emberyard.server.make;

import emberyard.core.nest.NestJob;
import emberyard.core.nest.NestJob.PieceSpot;
import emberyard.core.nest.NestResult;
import emberyard.core.nest.Nester;
import emberyard.core.units.Require;
import emberyard.server.api.HeavyWork;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** The calculator that lays pieces on sheets. */
@Component
class NestCalculator {
  private static final int MOST_TRIES = 5_000;
  private static final double MOST_SECONDS = 5;

  private final HeavyWork heavy;

  NestCalculator(HeavyWork heavy) {
    this.heavy = heavy;
  }

  /** Pieces and sheets. */
  record NestAsked(
      @Schema(description = "1 to 100 sheets, filled in order") List<AskedSheet> sheets,
      @Schema(description = "1 to 500 pieces") List<AskedPiece> pieces,
      @Nullable
          @Schema(
              description = "Between pieces, mm; kerf + 2 when left out",
              minimum = "0",
              maximum = "50")
          Double spacingMm,
      @Nullable
          @Schema(
              description = "Along the edge, mm",
              minimum = "0",
              maximum = "100",
              defaultValue = "5")
          Double marginMm,
      @Nullable @Schema(description = "mm", minimum = "0", maximum = "12", defaultValue = "0.2")
          Double kerfMm,
      NestJob.@Nullable Rotation rotation,
      @Nullable Long seed,
      @Nullable @Schema(description = "Layouts looked at", minimum = "1", maximum = "5000")
          Integer iterations,
      @Nullable @Schema(description = "Time instead of layouts", minimum = "0.1", maximum = "5")
          Double seconds) {}

  /** A rectangle, or an outline as path data; used as often as it says. */
  record AskedSheet(
      @Nullable String id,
      @Nullable @Schema(description = "mm") Double widthMm,
      @Nullable @Schema(description = "mm") Double heightMm,
      @Nullable @Schema(description = "SVG path data, mm, y upwards") String path,
      @Nullable Boolean offcut,
      @Nullable @Schema(minimum = "1", maximum = "100") Integer quantity) {}

  /** A piece: a rectangle, or an outline as path data. */
  record AskedPiece(
      @Nullable String id,
      @Nullable @Schema(description = "mm") Double widthMm,
      @Nullable @Schema(description = "mm") Double heightMm,
      @Nullable @Schema(description = "SVG path data, mm, y upwards") String path,
      @Nullable @Schema(minimum = "1", maximum = "500") Integer quantity,
      NestJob.@Nullable Rotation rotation,
      @Nullable @Schema(description = "Laid before the others") Boolean first) {}

  /** The best layout. */
  record NestAnswer(
      List<PieceSpot> placements,
      List<String> unplaced,
      List<NestResult.SheetUse> sheets,
      @Schema(description = "Least whole sheets by area alone") int lowerBound,
      @Schema(description = "Area placed ÷ area of the sheets that are used") double utilisation,
      int iterations) {}

  NestAnswer nest(NestAsked asked) {
    return heavy.run(() -> laid(asked));
  }

  private static NestAnswer laid(NestAsked asked) {
    // a hard job must not hold the server for minutes
    long until = System.nanoTime() + (long) (seconds(asked) * 1e9);
    int tries = asked.seconds() != null ? Integer.MAX_VALUE : tries(asked);
    Nester nester = Nester.quick(NestQuestion.job(asked));
    while (nester.tries() < tries && System.nanoTime() < until) {
      nester.step();
    }
    NestResult result = nester.result();
    return new NestAnswer(
        result.placements(),
        result.unplaced(),
        result.sheets(),
        result.leastSheets(),
        nester.sheetShare(),
        result.tries());
  }

  private static double seconds(NestAsked asked) {
    double seconds = asked.seconds() == null ? MOST_SECONDS : asked.seconds();
    Require.between("seconds", seconds, 0.1, MOST_SECONDS, "s");
    return seconds;
  }

  private static int tries(NestAsked asked) {
    int tries = asked.iterations() == null ? 100 : asked.iterations();
    Require.between("iterations", tries, 1, MOST_TRIES, "layouts");
    return tries;
  }
}
