package emberyard.core.light.wire;

import emberyard.core.build.Build;
import emberyard.core.build.Component;
import emberyard.core.build.Program;
import emberyard.core.build.Screen;
import emberyard.core.build.ScreenFeed;
import emberyard.core.finding.Finding;
import emberyard.core.finding.Remedy;
import emberyard.core.finding.Remedy.Change;
import emberyard.core.finding.Severity;
import emberyard.core.units.Figures;
import emberyard.core.work.Stage;
import emberyard.core.work.StationKind;
import emberyard.core.work.Task;
import emberyard.core.work.Why;
import emberyard.core.work.Work;
import emberyard.core.workshop.WorkshopBook;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;

/** Programs that drive screens and lights: setting them up, and what they cost the machine. */
public final class ProgramWork {

  private ProgramWork() {}

  /**
   * @param behind keys that setting up waits for: what the programs drive is plugged in
   */
  public static Work derive(Build build, WorkshopBook book, List<String> behind) {
    List<Task> tasks = new ArrayList<>();
    int minutes = book.workshop().times().programMinutes();
    for (Program program : build.programs()) {
      tasks.add(
          Task.of(
                  "program:" + program.id() + "/set-up",
                  "Set up %s and freeze its version".formatted(program.name()),
                  Stage.LIGHT,
                  minutes,
                  Why.of("a default", minutes + " min a program (default)"))
              .about(program.id())
              .at(StationKind.BENCH)
              .behind(behind));
    }
    return new Work(tasks, List.of(), findings(build));
  }

  private static List<Finding> findings(Build build) {
    List<Finding> findings = new ArrayList<>();
    fights(build, findings);
    share(build, findings);
    missing(build, findings);
    return findings;
  }

  /** Two that want the same for themselves. */
  private static void fights(Build build, List<Finding> findings) {
    Map<String, List<Program>> claims = new LinkedHashMap<>();
    for (Program program : build.programs()) {
      program
          .claimed()
          .forEach(claim -> claims.computeIfAbsent(claim, k -> new ArrayList<>()).add(program));
    }
    claims.forEach(
        (claim, those) -> {
          if (those.size() > 1) {
            findings.add(fight(claim, those));
          }
        });
  }

  private static Finding fight(String claim, List<Program> those) {
    String names = those.stream().map(Program::name).collect(Collectors.joining(" and "));
    Program last = those.get(those.size() - 1);
    return Finding.of(
            Severity.STOP,
            "light",
            "program:" + last.id() + "/fights/" + claim,
            "%s fight over %s".formatted(names, claim),
            "%d programs want it for themselves.".formatted(those.size()),
            "The one that starts last wins, and the other’s lights freeze or its screen stays"
                + " black; another day it is the other way round.")
        .about(last.id())
        .with(
            new Remedy("Do without " + last.name(), new Change("programs", last.id(), "", 0)),
            Remedy.byHand("Choose one program that does both"));
  }

  private static void share(Build build, List<Finding> findings) {
    double percent = build.programs().stream().mapToDouble(Program::processorPercent).sum();
    double most = build.brief().mostProgramPercent();
    if (percent > most + 1e-9) {
      findings.add(
          Finding.of(
                  Severity.RISK,
                  "light",
                  "program/share",
                  "Programs take %s %% of the processor"
                      .formatted(Figures.plain(Math.round(percent * 10) / 10.0)),
                  "%d program%s; %s %% at most (%s)."
                      .formatted(
                          build.programs().size(),
                          build.programs().size() == 1 ? "" : "s",
                          Figures.plain(most),
                          build.brief().programPercent() == null ? "default" : "the brief"),
                  "What the screens take, the work does not have, and the fans are heard.")
              .with(Remedy.byHand("Fewer programs, or ones that take less")));
    }
  }

  /** A screen that is no second monitor shows nothing without a program. */
  private static void missing(Build build, List<Finding> findings) {
    Set<String> driven = new HashSet<>();
    build.programs().forEach(program -> driven.addAll(program.drives()));
    for (Screen screen : build.screens()) {
      if (screen.fed().ownProgram() && !driven.contains(screen.id())) {
        findings.add(missing(screen.id(), screen.name()));
      }
    }
    for (Component component : build.components()) {
      ScreenFeed feed = component.display() == null ? null : component.display().feed();
      if (feed != null && feed.ownProgram() && !driven.contains(component.id())) {
        findings.add(missing(component.id(), component.name()));
      }
    }
  }

  private static Finding missing(String id, String name) {
    return Finding.of(
            Severity.NOTE,
            "light",
            "program:" + id + "/missing",
            "%s shows nothing without a program".formatted(name),
            "It is driven by a program of its own, and none is named.",
            "What the program takes of the machine, and what it fights with, is not known yet.")
        .about(id)
        .with(Remedy.byHand("Add the program under Programs, and what it serves"));
  }
}
