package emberyard.server.supply;

import emberyard.core.build.Build;
import emberyard.core.kind.ThingKind;
import emberyard.core.record.OrderLine;
import emberyard.core.supply.Elsewhere;
import emberyard.core.supply.NeedLine;
import emberyard.core.yard.BuildModel;
import emberyard.server.refusal.Refused;
import emberyard.server.store.Write;
import emberyard.server.yard.YardReader;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import org.springframework.http.HttpStatus;

/** What was ordered for one build, and another needs. */
final class PassedOn {
  private PassedOn() {}

  /** The one that needs it first before the others. */
  static List<SupplyController.UsedThere> wantedBy(
      YardReader.Reading reading, String buildId, String orderId) {
    OrderLine line = OrderDesk.line(reading.build(buildId).build(), orderId);
    if (!Elsewhere.canGo(line)) {
      return List.of();
    }
    return reading.yard().builds().values().stream()
        .filter(model -> !model.build().id().equals(buildId))
        .filter(model -> model.build().brief().revealedOn() == null)
        .flatMap(
            model ->
                model.needs().stream()
                    .filter(need -> Elsewhere.fits(line, need))
                    .map(need -> said(model, need)))
        .sorted(
            Comparator.comparing(
                    SupplyController.UsedThere::neededOn,
                    Comparator.nullsLast(Comparator.naturalOrder()))
                .thenComparing(SupplyController.UsedThere::buildName))
        .toList();
  }

  private static SupplyController.UsedThere said(BuildModel model, NeedLine need) {
    return new SupplyController.UsedThere(
        model.build().id(),
        model.build().brief().name(),
        need.need().key(),
        need.open(),
        need.need().unit(),
        need.neededOn());
  }

  /**
   * @throws Refused 409 where it isn't here or on its way, or isn't needed there
   */
  static List<Write> writes(
      YardReader.Reading reading,
      String buildId,
      SupplyController.PassingOn wanted,
      LocalDate today) {
    Build from = reading.build(buildId).build();
    OrderLine line = OrderDesk.line(from, wanted.orderId());
    if (!Elsewhere.canGo(line)) {
      throw new Refused(HttpStatus.CONFLICT, "It is neither here nor on its way.");
    }
    BuildModel to = reading.build(wanted.toBuildId());
    NeedLine need =
        to.needs().stream()
            .filter(each -> each.need().key().equals(wanted.needKey()))
            .filter(each -> Elsewhere.fits(line, each) && !to.build().id().equals(buildId))
            .findFirst()
            .orElseThrow(
                () ->
                    new Refused(
                        HttpStatus.CONFLICT,
                        "“%s” is not needed there any more.".formatted(line.title())));
    double quantity =
        wanted.quantity() == null ? Math.min(line.quantity(), need.open()) : wanted.quantity();
    Elsewhere moved =
        Elsewhere.of(
            from, line, quantity, to.build().brief().name(), need.need(), wanted.id(), today);
    long version = reading.versions(buildId).get(ThingKind.ORDER.word() + "/" + line.id());
    List<Write> writes = new ArrayList<>();
    writes.add(new Write(ThingKind.ORDER, line.id(), buildId, moved.stays(), version));
    writes.add(Write.create(to.build().id(), moved.goes()));
    moved.off().forEach(move -> writes.add(Write.create(buildId, move)));
    moved.on().forEach(move -> writes.add(Write.create(to.build().id(), move)));
    return writes;
  }
}
