package emberyard.core.finish;

import emberyard.core.finish.coat.CoatStep;
import emberyard.core.finish.coat.PaintQuantity;
import emberyard.core.finish.coat.SchemePlan;
import emberyard.core.finish.film.FilmRoll;
import emberyard.core.geometry.SvgPath;
import emberyard.core.work.Need;
import emberyard.core.workshop.PaintProduct;
import emberyard.core.workshop.WorkshopBook;
import java.util.ArrayList;
import java.util.List;

/**
 * All finishes of a build for screens.
 *
 * @param leftOvers what stays in the cans of this build
 * @param rolls how film lies on its roll
 */
public record FinishModel(
    List<SchemeModel> schemes,
    List<LeftOver> leftOvers,
    List<RollModel> rolls,
    List<TreatmentModel> treatments) {
  /**
   * Paint that stays when all is sprayed.
   *
   * @param usedMl wet paint that the build takes
   * @param leftMl cans × contents − that, what stays in the nozzle not counted
   */
  public record LeftOver(String paintId, String name, double usedMl, double leftMl) {}

  /** Film on a roll. */
  public record RollModel(
      String filmId,
      String name,
      String hex,
      double widthMm,
      double lengthMm,
      List<FilmCut> pieces) {}

  /** One piece of film where it is cut, SVG path data in mm, y upwards. */
  public record FilmCut(String treatmentId, String name, String path) {}

  /** A treatment where it lies on its part. */
  public record TreatmentModel(
      String id, String hostName, String path, double areaMm2, double contourMm) {}

  /** Puts the finishes of a build together. */
  public static FinishModel of(
      List<SchemePlan> plans, List<TreatmentTarget> treated, List<Need> needs, WorkshopBook book) {
    return new FinishModel(
        plans.stream().map(SchemeModel::of).toList(),
        leftOvers(plans, needs, book),
        rolls(treated, book),
        treated.stream()
            .map(
                each ->
                    new TreatmentModel(
                        each.treatment().id(),
                        each.hostName(),
                        SvgPath.of(each.shape().contours()),
                        each.shape().areaMm2(),
                        each.shape().contourMm()))
            .toList());
  }

  private static List<LeftOver> leftOvers(
      List<SchemePlan> plans, List<Need> needs, WorkshopBook book) {
    List<LeftOver> left = new ArrayList<>();
    for (PaintProduct paint : book.paints()) {
      double used =
          plans.stream()
              .flatMap(plan -> plan.coats().stream())
              .filter(coat -> coat.coat() && coat.paint().id().equals(paint.id()))
              .mapToDouble(CoatStep::ml)
              .sum();
      double cans =
          needs.stream()
              .filter(need -> need.key().equals("paint:" + paint.id()))
              .mapToDouble(Need::quantity)
              .sum();
      double stays = cans * paint.packMl() * PaintQuantity.USABLE_SHARE_OF_CAN - used;
      if (used > 0 && stays > 1) {
        left.add(new LeftOver(paint.id(), paint.name(), used, stays));
      }
    }
    return left;
  }

  private static List<RollModel> rolls(List<TreatmentTarget> treated, WorkshopBook book) {
    List<RollModel> rolls = new ArrayList<>();
    TreatmentWork.decals(treated, book)
        .forEach(
            (film, decals) -> {
              FilmRoll roll = FilmRoll.of(film.rollWidthMm(), decals);
              rolls.add(
                  new RollModel(
                      film.id(),
                      film.name(),
                      film.colourHex(),
                      film.rollWidthMm(),
                      roll.lengthMm(),
                      roll.pieces().stream()
                          .map(
                              piece ->
                                  new FilmCut(
                                      piece.treatmentId(),
                                      piece.name(),
                                      SvgPath.of(piece.outline().contours())))
                          .toList()));
            });
    return rolls;
  }
}
