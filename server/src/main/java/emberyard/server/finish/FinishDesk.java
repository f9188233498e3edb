package emberyard.server.finish;

import emberyard.core.finish.FinishModel;
import emberyard.core.finish.SchemeProposals;
import emberyard.core.finish.art.OrderOffer;
import emberyard.core.finish.coat.SchemePlan;
import emberyard.core.finish.layer.OrderSearch;
import emberyard.core.yard.BuildModel;
import emberyard.server.store.MissingThing;
import emberyard.server.yard.YardReader;
import java.util.List;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Component;

/** What is offered for a finish, and film as files for a blade cutter. */
@Component
class FinishDesk {
  private final YardReader yard;

  FinishDesk(YardReader yard) {
    this.yard = yard;
  }

  List<SchemeProposals.Proposal> proposals(String buildId, String schemeId, String target) {
    YardReader.Reading reading = yard.read();
    return SchemeProposals.of(plan(reading.build(buildId), schemeId), reading.book(), target);
  }

  OrderSearch.FoundOrder order(String buildId, String schemeId, double tolerance) {
    YardReader.Reading reading = yard.read();
    return OrderOffer.of(plan(reading.build(buildId), schemeId), reading.book(), tolerance);
  }

  ResponseEntity<byte[]> film(String buildId, String filmId, String form) {
    YardReader.Reading reading = yard.read();
    FinishModel.RollModel roll =
        reading.build(buildId).finish(reading.book()).rolls().stream()
            .filter(each -> each.filmId().equals(filmId))
            .findFirst()
            .orElseThrow(() -> new MissingThing("No film of this kind is planned here."));
    return FilmFile.of(roll, form);
  }

  private static SchemePlan plan(BuildModel model, String schemeId) {
    return model.schemes().stream()
        .filter(plan -> plan.scheme().id().equals(schemeId))
        .findFirst()
        .orElseThrow(
            () -> new MissingThing("This finish is not here, or its part can't be cut as drawn."));
  }
}
