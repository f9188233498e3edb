package emberyard.server.yard;

import emberyard.core.build.Build;
import emberyard.core.finding.Severity;
import emberyard.core.units.Require;
import emberyard.core.yard.BuildModel;
import emberyard.server.api.MoneyVeil;
import emberyard.server.yard.SectionsView.Json;
import emberyard.server.yard.YardView.BrokenBuild;
import emberyard.server.yard.YardView.YardRow;
import java.time.Clock;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.util.List;
import java.util.stream.Stream;
import org.springframework.stereotype.Component;
import tools.jackson.databind.json.JsonMapper;

/** The home screen: a build that is as it was is not written again. */
@Component
class YardDesk {
  /** So many rows are known, of owners and helpers each. */
  private static final int MOST = 1_000;

  private final YardReader reader;
  private final MoneyVeil veil;
  private final JsonMapper mapper;
  private final Clock clock;
  private final Latest<Key, Row> written = new Latest<>(2 * MOST);

  YardDesk(YardReader reader, MoneyVeil veil, JsonMapper mapper, Clock clock) {
    this.reader = reader;
    this.veil = veil;
    this.mapper = mapper;
    this.clock = clock;
  }

  private record Key(String buildId, boolean owner) {}

  /**
   * A build at a glance as it was written.
   *
   * @param of what it was made of, told by identity
   */
  private record Row(List<?> of, String json) {}

  /**
   * @param owner whether for somebody who sees money
   */
  YardView of(boolean owner, int page, int size) {
    Require.between("page", page, 0, 100_000, "");
    Require.between("size", size, 1, 500, "builds");
    YardReader.Reading reading = reader.read();
    List<String> rows =
        whole(reading)
            .skip(Math.multiplyExact((long) page, size))
            .limit(size)
            .map(model -> row(model, owner))
            .toList();
    return new YardView(
        LocalDateTime.ofInstant(clock.instant(), ZoneId.of(reading.book().workshop().zone())),
        reading.book().workshop().name(),
        new Json("[" + String.join(",", rows) + "]"),
        (int) whole(reading).count(),
        broken(reading),
        leftOut(reading));
  }

  private String row(BuildModel model, boolean owner) {
    Key key = new Key(model.build().id(), owner);
    List<?> of =
        List.of(
            model.build(),
            model.fuse(),
            model.next(),
            model.findings(),
            model.interview(),
            model.budget());
    Row last = written.get(key);
    if (last != null && Deriver.same(last.of, of)) {
      return last.json;
    }
    Row now = new Row(of, mapper.writeValueAsString(veil.seenBy(owner, row(model))));
    written.put(key, now);
    return now.json;
  }

  private static List<BrokenBuild> broken(YardReader.Reading reading) {
    return reading.broken().values().stream()
        .map(
            each ->
                new BrokenBuild(
                    each.buildId(), each.name(), each.sentence(), !each.culprits().isEmpty()))
        .toList();
  }

  private static List<String> leftOut(YardReader.Reading reading) {
    return reading.leftOut().stream()
        .map(
            each ->
                "“%s” of the %s is left out: %s"
                    .formatted(each.name(), each.kind().word(), each.reason()))
        .toList();
  }

  /** Builds that can be worked out: those that can't stand in the yard as they last were. */
  private static Stream<BuildModel> whole(YardReader.Reading reading) {
    return reading.yard().builds().values().stream()
        .filter(model -> !reading.broken().containsKey(model.build().id()));
  }

  private static YardRow row(BuildModel model) {
    Build build = model.build();
    return new YardRow(
        build.id(),
        build.brief().name(),
        build.brief().client(),
        build.concept().look().palette(),
        model.fuse(),
        model.next(),
        count(model, Severity.STOP),
        count(model, Severity.RISK),
        model.interview().answered(),
        model.interview().questions().size(),
        model.budget().labour().loggedMinutes(),
        model.budget().labour().guessedMinutes(),
        model.budget().earnedPerHourMinor());
  }

  private static long count(BuildModel model, Severity severity) {
    return model.findings().stream().filter(finding -> finding.severity() == severity).count();
  }
}
