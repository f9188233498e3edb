package emberyard.server;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.mockito.Mockito.mockStatic;

import emberyard.core.build.BayChange;
import emberyard.core.build.CutFigure;
import emberyard.core.build.Fitted;
import emberyard.core.build.Joint;
import emberyard.core.build.LayerStep;
import emberyard.core.build.Limit;
import emberyard.core.build.RecipeStep;
import emberyard.core.build.Treatment;
import emberyard.core.record.ChangeOrder;
import emberyard.core.units.Require;
import emberyard.core.workshop.RoomClimate;
import emberyard.server.library.Library;
import emberyard.server.store.ThingJson;
import java.math.BigDecimal;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.mockito.MockedStatic;
import org.mockito.invocation.InvocationOnMock;
import tools.jackson.databind.SerializationFeature;
import tools.jackson.databind.json.JsonMapper;

/** The ranges in the OpenAPI document are those that the records of core hold. */
class RangesTest {
  private static final Path COMMITTED = Path.of("src/main/resources/openapi/ranges.json");
  private static final JsonMapper JSON =
      JsonMapper.builder().enable(SerializationFeature.INDENT_OUTPUT).build();

  /** What the demo has none of. */
  private static final Map<Class<?>, String> SELDOM =
      Map.of(
          CutFigure.class,
          """
          {"kind": "HOLE", "diameterMm": 9, "innerMm": 5, "radiusMm": 2, "pitchMm": 5,
           "insetMm": 5, "count": 6, "widthMm": 9, "heightMm": 9}
          """,
          RecipeStep.class,
          "{\"id\": \"s\", \"op\": \"OFFSET\", \"amountMm\": 1}",
          Treatment.class,
          """
          {"id": "t", "name": "line", "kind": "EDGE_LINE", "panelId": "p", "widthMm": 3,
           "minutes": 5}
          """,
          BayChange.class,
          """
          {"cutAway": false, "widerMm": 0, "deeperMm": 0, "higherMm": 0, "movedXMm": 0,
           "movedYMm": 0, "movedZMm": 0, "minutes": 5}
          """,
          Fitted.Pin.class,
          "{\"bayId\": \"b\", \"turn\": \"UPRIGHT\", \"xMm\": 1, \"yMm\": 1, \"zMm\": 1}",
          Joint.JointHole.class,
          "{\"xMm\": 1, \"yMm\": 1}",
          LayerStep.CoatTime.class,
          "{\"coat\": 1}",
          RoomClimate.class,
          "{\"temperatureC\": 20, \"humidityPercent\": 50}",
          ChangeOrder.class,
          """
          {"id": "c", "accepted": true, "by": "x", "at": "2026-03-03T09:00:00Z",
           "priceDeltaMinor": 0, "minutesDelta": 0, "daysDelta": 0}
          """,
          Limit.class,
          "{\"measure\": \"NOISE_DBA\", \"comparison\": \"AT_MOST\", \"value\": 30, \"reading\": 29}");

  private static void again(ThingJson json, Object thing) {
    json.read(json.write(thing), thing.getClass());
  }

  /** Record, then field, then least and most. */
  private final Map<String, Map<String, List<BigDecimal>>> seen = new TreeMap<>();

  /** With {@code -Dember.api.write=true} writes them instead: see bin/api. */
  @Test
  void theCommittedRangesAreTheOnesHeld() throws Exception {
    ThingJson json = DemoYard.bean(ThingJson.class);
    List<DemoYard.Stored> things = DemoYard.things();
    MockedStatic<Require> listening = mockStatic(Require.class, this::note);
    try {
      things.forEach(thing -> json.read(thing.body(), thing.kind().type()));
      SELDOM.forEach((type, body) -> json.read(body, type));
      Library.shipped().all().forEach(each -> again(json, each));
    } finally {
      listening.close();
    }
    String text = JSON.writeValueAsString(seen) + "\n";
    if (Boolean.getBoolean("ember.api.write")) {
      Files.writeString(COMMITTED, text);
    }
    assertEquals(Files.readString(COMMITTED), text, "ranges.json is out of date: run bin/api");
  }

  private Object note(InvocationOnMock call) throws Throwable {
    if (call.getMethod().getName().equals("between")) {
      asking().ifPresent(type -> note(type, call.getArguments()));
    }
    return call.callRealMethod();
  }

  private void note(Class<?> type, Object[] between) {
    String field = (String) between[0];
    boolean own =
        Stream.of(type.getRecordComponents()).anyMatch(each -> each.getName().equals(field));
    if (own) {
      seen.computeIfAbsent(type.getSimpleName(), name -> new TreeMap<>())
          .merge(field, List.of(plain(between[2]), plain(between[3])), RangesTest::widest);
    }
  }

  /** A bound may depend on another field: then the widest that was met. */
  private static List<BigDecimal> widest(List<BigDecimal> one, List<BigDecimal> other) {
    return List.of(one.get(0).min(other.get(0)), one.get(1).max(other.get(1)));
  }

  private static BigDecimal plain(Object bound) {
    BigDecimal exact = new BigDecimal(bound.toString()).stripTrailingZeros();
    return exact.scale() < 0 ? exact.setScale(0) : exact;
  }

  /** The record whose constructor asks. */
  private static Optional<Class<?>> asking() {
    return StackWalker.getInstance(StackWalker.Option.RETAIN_CLASS_REFERENCE)
        .walk(
            frames ->
                frames
                    .filter(frame -> frame.getMethodName().equals("<init>"))
                    .filter(frame -> frame.getDeclaringClass().isRecord())
                    .findFirst()
                    .map(StackWalker.StackFrame::getDeclaringClass));
  }
}
