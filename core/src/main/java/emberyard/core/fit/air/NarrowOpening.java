package emberyard.core.fit.air;

import emberyard.core.build.Build;
import emberyard.core.build.Enclosure;
import emberyard.core.build.Face;
import emberyard.core.build.HoleField;
import emberyard.core.build.Opening;
import emberyard.core.finding.Finding;
import emberyard.core.finding.Remedy;
import emberyard.core.finding.Remedy.Change;
import emberyard.core.finding.Severity;
import emberyard.core.fit.space.Space;
import emberyard.core.units.Figures;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/** An opening that is too small for what blows through it; a way out is tried before it is said. */
public record NarrowOpening(
    Build build, Enclosure enclosure, Opening opening, Airflow.Flow flow, @Nullable Space space) {
  private static final double ALL_OF_IT = 0.999;

  Finding finding(Airflow airflow) {
    FanAir air = flow.air();
    return Finding.of(
            Severity.RISK,
            "fit",
            "opening:" + opening.id() + "/" + flow.componentId(),
            "“%s” is %.0f %% of what %s sweeps"
                .formatted(opening.name(), air.share() * 100, air.name()),
            "%.1f cm² open, %.1f wanted: 0.8 × %.1f cm²; %.0f %% of the air is left."
                .formatted(
                    air.openMm2() / 100,
                    wantedMm2() / 100,
                    air.sweptMm2() / 100,
                    air.factor() * 100),
            "A fan behind too little opening is loud and moves little." + beside(airflow))
        .about(flow.componentId())
        .with(ways().toArray(Remedy[]::new));
  }

  /** The way out where an opening is closed off. */
  public static Remedy open(Enclosure enclosure, Opening opening) {
    int index = enclosure.openings().indexOf(opening);
    return new Remedy(
        "Open “%s” again".formatted(opening.name()),
        new Change("enclosures", enclosure.id(), "openings.%d.sealed".formatted(index), 0));
  }

  private double wantedMm2() {
    return FanAir.WANTED_SHARE * flow.air().sweptMm2();
  }

  /** Others that blow through the same opening, in words. */
  private String beside(Airflow airflow) {
    String others =
        airflow.fans().stream()
            .filter(each -> each != flow && each.openingId().equals(flow.openingId()))
            .filter(each -> each.past().isEmpty())
            .map(each -> each.air().name())
            .collect(Collectors.joining(", "));
    return others.isEmpty() ? "" : " It shares the opening with %s.".formatted(others);
  }

  private List<Remedy> ways() {
    if (opening.sealed()) {
      return List.of(open(enclosure, opening));
    }
    List<Remedy> ways = new ArrayList<>();
    double had = flow.air().openMm2() / opening.openMm2();
    if (opening.field() != null) {
      pitch(opening.field(), had, ways);
    }
    wider(ways);
    if (had < ALL_OF_IT) {
      ways.add(
          Remedy.byHand(
              "Put it over all of “%s”: it has %.0f %% of it"
                  .formatted(opening.name(), had * 100)));
    }
    return ways;
  }

  private Change change(String field, double value) {
    int index = enclosure.openings().indexOf(opening);
    return new Change(
        "enclosures", enclosure.id(), "openings.%d.%s".formatted(index, field), value);
  }

  /** Holes so near each other that it is enough; a tenth is left between them. */
  private void pitch(HoleField field, double had, List<Remedy> ways) {
    double pitch = Math.floor(pitchFor(field, wantedMm2() / had) * 10) / 10;
    if (pitch >= field.holeMm() * 1.1 && mends(opening.with(pitched(field, pitch)))) {
      ways.add(
          new Remedy(
              "Set the holes at a pitch of " + Figures.mm(pitch), change("field.pitchMm", pitch)));
    }
  }

  private static HoleField pitched(HoleField field, double pitchMm) {
    return new HoleField(field.pattern(), field.holeMm(), pitchMm, field.slotMm());
  }

  /** Solved by halving: the open share falls as the pitch grows. */
  private double pitchFor(HoleField field, double wantedMm2) {
    double low = field.holeMm() * 1.0001;
    double high = field.pitchMm();
    for (int i = 0; i < 50; i++) {
      double middle = (low + high) / 2;
      if (pitched(field, middle).openShare() * opening.at().areaMm2() >= wantedMm2) {
        low = middle;
      } else {
        high = middle;
      }
    }
    return low;
  }

  private void wider(List<Remedy> ways) {
    double share = opening.field() == null ? 1 : opening.field().openShare();
    double width = Math.ceil(wantedMm2() / share / opening.heightMm());
    boolean sides = opening.face() == Face.LEFT || opening.face() == Face.RIGHT;
    double across = sides ? enclosure.depthMm() : enclosure.widthMm();
    if (opening.xMm() + width <= across && mends(opening.with(width))) {
      ways.add(
          new Remedy("Make it %s wide".formatted(Figures.mm(width)), change("widthMm", width)));
    }
  }

  /** Whether it is enough once the opening is another: what lies beside it gets nothing. */
  private boolean mends(Opening other) {
    List<Opening> openings =
        enclosure.openings().stream().map(each -> each == opening ? other : each).toList();
    List<Enclosure> enclosures =
        build.enclosures().stream()
            .map(each -> each == enclosure ? each.with(openings) : each)
            .toList();
    return Airflow.of(build.with(Enclosure.class, enclosures), space)
        .of(flow.componentId())
        .filter(then -> then.air().share() >= FanAir.WANTED_SHARE)
        .isPresent();
  }
}
