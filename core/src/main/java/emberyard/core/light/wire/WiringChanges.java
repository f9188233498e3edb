package emberyard.core.light.wire;

import emberyard.core.build.Build;
import emberyard.core.build.Component;
import emberyard.core.build.FixedWay;
import emberyard.core.build.Screen;
import emberyard.core.build.Source;
import emberyard.core.light.port.ChangeKind;
import emberyard.core.light.port.LeastChanges;
import emberyard.core.light.port.LeastChanges.Way;
import emberyard.core.light.port.PortChange;
import emberyard.core.light.port.PortSolver;
import emberyard.core.light.port.Sink;
import emberyard.core.workshop.WorkshopBook;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Predicate;

/** What would have everything lit, tried with the build before it is offered. */
public final class WiringChanges {
  private final Build build;
  private final WorkshopBook book;
  private final Wired wired;
  private final Predicate<List<Component>> goesIn;

  private WiringChanges(
      Build build, WorkshopBook book, Wired wired, Predicate<List<Component>> goesIn) {
    this.build = build;
    this.book = book;
    this.wired = wired;
    this.goesIn = goesIn;
  }

  /**
   * The least change of each kind; none where everything is lit.
   *
   * @param goesIn whether components go into the enclosure
   */
  public static List<Way<Build>> least(
      Build build, WorkshopBook book, Wired wired, Predicate<List<Component>> goesIn) {
    if (wired.answer().possible()) {
      return List.of();
    }
    WiringChanges changes = new WiringChanges(build, book, wired, goesIn);
    return new LeastChanges<Build>(
            build,
            each -> Wired.problem(each, book),
            each -> PortSolver.solve(each, LeastChanges.STEPS),
            wired.answer())
        .of(changes.all());
  }

  private List<PortChange<Build>> all() {
    List<PortChange<Build>> all = new ArrayList<>();
    build.fixedWays().forEach(way -> all.add(release(way)));
    List<String> dark = wired.answer().dark();
    List<Screen> darkScreens =
        build.screens().stream().filter(screen -> dark.contains(screen.id())).toList();
    ScreenChanges screens = new ScreenChanges(build, book);
    HardwareChanges hardware = new HardwareChanges(build, book, goesIn);
    darkScreens.forEach(screen -> screens.mirrored(screen, all));
    if (!darkScreens.isEmpty()) {
      hardware.processors(all);
      hardware.cards(all);
      hardware.drawing(all);
    }
    darkScreens.forEach(screen -> screens.others(screen, all));
    darkScreens.forEach(screen -> screens.slower(screen, all));
    leftOut(dark, all);
    return all;
  }

  private PortChange<Build> release(FixedWay way) {
    String name = wired.sink(way.sinkId()).map(Sink::name).orElse(way.name());
    return new PortChange<>(
        ChangeKind.RELEASE,
        "way/" + way.id(),
        "Let the way to %s go that was fixed".formatted(name),
        0,
        0,
        "",
        each ->
            each.with(
                FixedWay.class,
                each.fixedWays().stream().filter(o -> !o.id().equals(way.id())).toList()));
  }

  private void leftOut(List<String> dark, List<PortChange<Build>> all) {
    for (Screen screen : build.screens()) {
      all.add(
          new PortChange<>(
              ChangeKind.LEFT_OUT,
              "screen/" + screen.id(),
              "Leave %s out".formatted(screen.name()),
              -screen.priceMinor(),
              0,
              "",
              Changed.withoutScreen(screen.id())));
    }
    for (Component component : build.components()) {
      boolean its =
          dark.stream()
              .anyMatch(
                  id ->
                      id.equals(component.id())
                          || id.startsWith(component.id() + "/")
                          || id.startsWith(component.id() + "~"));
      if (its) {
        all.add(
            new PortChange<>(
                ChangeKind.LEFT_OUT,
                "component/" + component.id(),
                "Leave %s out".formatted(component.name()),
                component.source() == Source.BUY
                    ? -component.priceMinor() * component.quantity()
                    : 0,
                0,
                "",
                Changed.withoutComponent(component.id())));
      }
    }
  }
}
