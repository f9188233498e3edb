package emberyard.core.light.wire;

import emberyard.core.light.port.FixedLink;
import emberyard.core.light.port.PortAnswer;
import emberyard.core.light.port.PortReasons;
import emberyard.core.light.port.PortReasons.SocketReason;
import emberyard.core.light.port.Sink;
import emberyard.core.units.FigureKey;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;

/**
 * What may be joined to what, each solved before it is said.
 *
 * @param joins from one socket to all that could hang on it, or from all sockets to one thing
 */
public record Joins(List<Join> joins) {

  /**
   * One socket and one thing.
   *
   * @param sourceId what to fix it to
   * @param now whether it is fed from there
   * @param may whether it can be
   * @param words why not, or what it means: who goes dark
   * @param costMinor what it costs more than now; 0 where it can’t be
   */
  @FigureKey("build/{buildId}/wiring/joins/{sinkId}/{sourceId}")
  public record Join(
      String sinkId, String sourceId, boolean now, boolean may, String words, long costMinor) {}

  /** All sockets that give what one thing wants. */
  static Joins to(Wired wired, Sink sink) {
    return new Joins(
        new PortReasons(wired.problem(), wired.answer())
            .reasons(sink).stream().map(reason -> join(wired, sink, reason)).toList());
  }

  /** All things that want what one socket gives. */
  static Joins from(Wired wired, String sourceId) {
    PortReasons reasons = new PortReasons(wired.problem(), wired.answer());
    List<Join> joins = new ArrayList<>();
    for (Sink sink : wired.problem().sinks().stream().sorted(Sink.PLACES).toList()) {
      reasons.reasons(sink).stream()
          .filter(reason -> reason.sourceId().equals(sourceId))
          .forEach(reason -> joins.add(join(wired, sink, reason)));
    }
    return new Joins(List.copyOf(joins));
  }

  private static Join join(Wired wired, Sink sink, SocketReason reason) {
    return reason.alone()
        ? may(wired, sink, reason.sourceId())
        : new Join(sink.id(), reason.sourceId(), false, false, reason.words(), 0);
  }

  private static Join may(Wired wired, Sink sink, String sourceId) {
    PortAnswer before = wired.answer();
    boolean now = before.feed(sink.id()).filter(f -> f.sourceId().equals(sourceId)).isPresent();
    List<FixedLink> fixed =
        new ArrayList<>(
            wired.problem().fixed().stream()
                .filter(each -> !each.sinkId().equals(sink.id()))
                .toList());
    fixed.add(new FixedLink(sink.id(), sourceId, null));
    PortAnswer then = Wired.answer(wired.problem().withFixed(fixed));
    List<String> darker = then.dark().stream().filter(id -> !before.dark().contains(id)).toList();
    String words =
        darker.isEmpty()
            ? ""
            : darker.stream()
                    .map(id -> wired.sink(id).orElseThrow().name())
                    .collect(Collectors.joining(", "))
                + (darker.size() == 1 ? " goes dark then" : " go dark then");
    boolean may = !then.dark().contains(sink.id());
    return new Join(
        sink.id(),
        sourceId,
        now,
        may,
        may ? words : "the others fixed by hand leave nothing of it",
        may ? then.moneyMinor() - before.moneyMinor() : 0);
  }
}
