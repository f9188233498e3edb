package emberyard.core.plan;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.time.Duration;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;

/** The chain is a story without holes, and each of its reasons is true. */
class DecidingChainTest {
  private static final int CASES = Boolean.getBoolean("ember.long") ? 2_000 : 200;

  /** Who holds whom, minute by minute, from the plan alone. */
  private record Witness(SchedulingProblem problem, Schedule plan) {
    Step step(String key) {
      return problem.steps().stream().filter(s -> s.key().equals(key)).findFirst().orElseThrow();
    }

    boolean open(@Nullable String who, LocalDateTime minute) {
      if (who == null) {
        return true;
      }
      Worker worker =
          problem.workers().stream().filter(w -> w.id().equals(who)).findFirst().orElseThrow();
      return worker.hours().between(minute, minute.plusMinutes(1)) == 1;
    }

    boolean worksOn(String key, LocalDateTime minute) {
      return plan.steps().get(key).pieces().stream().anyMatch(p -> inside(p, minute));
    }

    boolean atStation(String key, LocalDateTime minute) {
      PlannedStep its = plan.steps().get(key);
      return step(key).holdsPlace()
          ? inside(new PlannedStep.Piece(its.start(), its.finish()), minute)
          : worksOn(key, minute);
    }

    private static boolean inside(PlannedStep.Piece piece, LocalDateTime minute) {
      return !minute.isBefore(piece.from()) && minute.isBefore(piece.to());
    }

    boolean full(String station, LocalDateTime minute, String but) {
      long there =
          problem.steps().stream()
              .filter(s -> station.equals(s.place()) && !s.key().equals(but))
              .filter(s -> atStation(s.key(), minute))
              .count();
      return there >= (station.equals("spray") ? 1 : 2);
    }

    /** What is untrue in a stretch, looked at every five minutes; empty when it is as told. */
    String untruth(ChainPart part) {
      PlannedStep its = plan.steps().get(part.step());
      for (LocalDateTime m = part.from(); m.isBefore(part.to()); m = m.plusMinutes(5)) {
        boolean so =
            switch (part.reason()) {
              case WORK -> !open(its.worker(), m) || worksOn(part.step(), m) || idle(its, m);
              case WAIT -> !m.isBefore(its.handsOnEnd()) && m.isBefore(its.finish());
              case ARRIVAL -> m.isBefore(step(part.step()).earliest());
              case CLOSED -> !open(part.resource(), m);
              case PERSON -> !open(part.resource(), m) || worksOn(part.holder(), m);
              case STATION -> atStation(part.holder(), m) && full(part.resource(), m, part.step());
              case WINDOW -> idle(its, m) && (goesOn(part, its, m) || windowLost(part, its, m));
              case TOO_SHORT -> free(part, its, m);
            };
        if (!so) {
          return part + " at " + m;
        }
      }
      return "";
    }

    /** Whether the time before is part of the stretch and as free as this: it was looked at. */
    private boolean goesOn(ChainPart part, PlannedStep its, LocalDateTime m) {
      LocalDateTime before = m.minusMinutes(5);
      return !open(its.worker(), m) || !before.isBefore(part.from()) && open(its.worker(), before);
    }

    /**
     * Begun at this minute, the window would close before the step it is for begins. What may be
     * cut could have been done in other pieces by somebody else: there the window has to be, only.
     */
    private boolean windowLost(ChainPart part, PlannedStep its, LocalDateTime m) {
      Step opener = step(part.step());
      LocalDateTime next = plan.steps().get(part.holder()).start();
      return step(part.holder()).windows().stream()
          .filter(window -> window.after().equals(part.step()))
          .map(window -> window.closes(m.plusMinutes(opener.handsOnMinutes())))
          .anyMatch(closes -> opener.interruptible() || closes.isBefore(next));
    }

    /** Too short a time to begin it, or to go on: in one go, at a station kept, under a piece. */
    private boolean free(ChainPart part, PlannedStep its, LocalDateTime m) {
      Step step = step(part.step());
      boolean whole = !step.interruptible() || step.holdsPlace();
      boolean crumb = Duration.between(part.from(), part.to()).toMinutes() < 30;
      return (whole || crumb)
          && idle(its, m)
          && (step.place() == null || !full(step.place(), m, part.step()));
    }

    private boolean idle(PlannedStep its, LocalDateTime m) {
      return its.worker() == null
          || plan.steps().values().stream()
              .noneMatch(s -> its.worker().equals(s.worker()) && worksOn(s.key(), m));
    }
  }

  /** Builds that share people and stations, and nothing else. */
  static SchedulingProblem random(long seed) {
    SchedulingProblem all =
        seed % 2 == 0
            ? SchedulePropertiesTest.random(seed, 8 + (int) (seed % 33))
            : WindowPlansTest.random(seed);
    Map<String, String> projects =
        all.steps().stream().collect(Collectors.toMap(Step::key, Step::project));
    List<Step> steps =
        all.steps().stream()
            .map(
                step ->
                    step.with()
                        .after(
                            step.after().stream()
                                .filter(key -> projects.get(key).equals(step.project()))
                                .toList())
                        .windows(
                            step.windows().stream()
                                .filter(w -> projects.get(w.after()).equals(step.project()))
                                .toList())
                        .build())
            .toList();
    return new SchedulingProblem(
        all.start(), all.hours(), all.projects(), all.workers(), all.places(), steps);
  }

  @Test
  void eachReasonIsTrueAndNoTimeIsLeftUntold() {
    Map<Reason, Integer> told = new EnumMap<>(Reason.class);
    for (long seed = 1; seed <= CASES; seed++) {
      SchedulingProblem problem = random(seed);
      Schedule plan = SerialScheduler.schedule(problem);
      Witness witness = new Witness(problem, plan);
      for (Map.Entry<String, List<ChainPart>> chain : plan.decidingChain().entrySet()) {
        LocalDateTime at = problem.start();
        for (ChainPart part : chain.getValue()) {
          assertEquals(at, part.from(), seed + " " + part);
          assertTrue(part.from().isBefore(part.to()), seed + " " + part);
          assertEquals("", witness.untruth(part), "seed " + seed);
          assertEquals(chain.getKey(), witness.step(part.step()).project());
          told.merge(part.reason(), 1, Integer::sum);
          at = part.to();
        }
        assertEquals(plan.finish().get(chain.getKey()), at);
      }
    }
    assertEquals(List.of(Reason.values()), List.copyOf(told.keySet()), "all reasons occur");
  }

  /**
   * Where all keep the same hours and nothing waits, a step done without a break that can slip more
   * than the one behind it has a gap named between them.
   */
  @Test
  void aStepThatCanSlipMoreHasAGapBehindIt() {
    List<String> contradictions = new ArrayList<>();
    int links = 0;
    for (long seed = 1; seed <= CASES; seed++) {
      SchedulingProblem problem = alike(random(seed));
      Schedule plan = SerialScheduler.schedule(problem);
      for (List<ChainPart> chain : plan.decidingChain().values()) {
        for (int i = 1; i < chain.size(); i++) {
          ChainPart first = chain.get(i - 1);
          ChainPart second = chain.get(i);
          boolean handsOver =
              first.reason() == Reason.WORK
                  && uninterrupted(plan.steps().get(first.step()))
                  && second.reason() == Reason.WORK
                  && !first.step().equals(second.step());
          links += handsOver ? 1 : 0;
          if (handsOver && first.spareMinutes() > second.spareMinutes() + 15) {
            contradictions.add(seed + ": " + first + " before " + second);
          }
        }
      }
    }
    assertTrue(links > CASES, "steps follow each other: " + links);
    assertEquals(
        List.of(),
        contradictions.subList(0, Math.min(3, contradictions.size())),
        contradictions.size() + " of " + links);
  }

  private static boolean uninterrupted(PlannedStep step) {
    long worked =
        step.pieces().stream().mapToLong(p -> Duration.between(p.from(), p.to()).toMinutes()).sum();
    return SerialSchedulerTest.OFFICE.between(step.start(), step.handsOnEnd()) == worked;
  }

  private static SchedulingProblem alike(SchedulingProblem problem) {
    return new SchedulingProblem(
        problem.start(),
        problem.hours(),
        problem.projects(),
        problem.workers().stream().map(w -> new Worker(w.id(), problem.hours())).toList(),
        problem.places(),
        problem.steps().stream()
            .map(step -> step.with().waitMinutes(0).windows(List.of()).beginBy(null).build())
            .toList());
  }

  /** As many asked about as there are tasks, not as there are pairs of them: this ends. */
  @Test
  void thousandsOnOneStationAreToldOneBehindTheOther() {
    List<Step> steps = new ArrayList<>();
    for (int i = 0; i < 5_000; i++) {
      steps.add(SerialSchedulerTest.on("t" + i, 60, 0, "spray", false));
    }
    Schedule plan =
        SerialScheduler.schedule(SerialSchedulerTest.problem(null, steps.toArray(Step[]::new)));
    List<ChainPart> chain = plan.decidingChain().get("build");
    List<ChainPart> worked = chain.stream().filter(part -> part.reason() == Reason.WORK).toList();
    assertEquals(5_000, worked.size());
    assertEquals(5_000 * 60, worked.stream().mapToLong(ChainPart::workMinutes).sum());
    assertEquals(5_000, worked.stream().map(ChainPart::step).distinct().count());
  }
}
