package emberyard.core.light.port;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import emberyard.core.build.Plug;
import emberyard.core.build.Refusal;
import emberyard.core.light.port.Sink.Want;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import java.util.Set;
import java.util.concurrent.atomic.AtomicInteger;
import org.junit.jupiter.api.Test;

/** Sixteen screens and twelve devices on a card and a board, as the largest builds have them. */
class PortLargeTest {
  private static PortProblem large(Random random) {
    List<Source> sources = new ArrayList<>();
    sources.add(PortCases.output("card/hdmi", "card", Plug.HDMI, 14.4, 4));
    for (int n = 0; n < 3; n++) {
      sources.add(PortCases.output("card/dp" + n, "card", Plug.DISPLAY_PORT, 25.92, 4));
    }
    sources.add(PortCases.output("board/hdmi", "board", Plug.HDMI, 8.16, 3));
    sources.add(PortCases.output("board/dp", "board", Plug.DISPLAY_PORT, 17.28, 3));
    sources.add(PortCases.output("board/c", "board", Plug.TYPE_C, 17.28, 3));
    int rear = 4 + random.nextInt(5);
    for (int n = 0; n < rear; n++) {
      sources.add(PortCases.port("board/rear" + n, "board", Plug.USB_A, 3, 0.9).withExtraMm(400));
    }
    sources.add(PortCases.port("board/usb2-1", "board", Plug.USB_2_HEADER, 2, 0.5));
    sources.add(PortCases.port("board/usb2-2", "board", Plug.USB_2_HEADER, 2, 0.5));
    sources.add(PortCases.port("board/usb3", "board", Plug.USB_3_HEADER, 3, 0.9));
    List<Sink> sinks = new ArrayList<>();
    for (int n = 0; n < 16; n++) {
      sinks.add(screen("s%02d".formatted(n), n, random));
    }
    for (int n = 0; n < 12; n++) {
      sinks.add(device("d%02d".formatted(n), n, random));
    }
    List<Link> links = new ArrayList<>(PortCases.between());
    links.add(PortCases.lead("lead-hdmi", Plug.HDMI, Plug.HDMI, 500, 600));
    links.add(PortCases.lead("lead-hdmi-1m", Plug.HDMI, Plug.HDMI, 1000, 700));
    links.add(PortCases.lead("lead-hdmi-angled", Plug.HDMI, Plug.HDMI, 700, 1200).withPlugMm(14));
    links.add(PortCases.lead("lead-dp", Plug.DISPLAY_PORT, Plug.DISPLAY_PORT, 1000, 800));
    links.add(PortCases.lead("lead-c", Plug.TYPE_C, Plug.TYPE_C, 1000, 1100));
    return new PortProblem(sources, links, sinks, List.of());
  }

  /** Four or five with a picture of their own, five or six that share two, six on USB. */
  private static Sink screen(String id, int number, Random random) {
    Sink some =
        switch (number % 8) {
          case 0, 1 ->
              PortCases.screen(id, Plug.HDMI, 300, 1.5 + random.nextInt(3))
                  .withMirror(number < 8 ? "wall" : "door");
          case 2 ->
              number < 8
                  ? PortCases.screen(id, Plug.TYPE_C, 300, 1.5)
                  : PortCases.screen(id, Plug.HDMI, 300, 1.5).withMirror("wall");
          case 3 ->
              PortCases.screen(id, Plug.DISPLAY_PORT, 300, 3.2 + random.nextInt(4))
                  .withPassesOnGbit(random.nextBoolean() ? 0 : 17.28);
          case 4 ->
              PortCases.screen(id, Plug.HDMI, 300, 3.2)
                  .withPlugFreeMm(random.nextInt(3) == 0 ? 20 : 300);
          default ->
              PortCases.sink(id, Want.PICTURE_AS_DATA, Plug.USB_A)
                  .ownLead(true)
                  .megabytesPerSecond(2 + random.nextInt(6))
                  .usb(2)
                  .amps(0.3 + random.nextInt(3) / 10.0)
                  .build();
        };
    return refusing(some, random).withReachMm(200 + 100 * random.nextInt(6));
  }

  private static Sink device(String id, int number, Random random) {
    Sink some =
        switch (number % 4) {
          case 0 -> PortCases.device(id, Plug.USB_A, 2, 0.1 + random.nextInt(5) / 10.0);
          case 1 ->
              PortCases.sink(id, Want.CURRENT, Plug.USB_A)
                  .ownLead(true)
                  .amps(0.5 * (1 + random.nextInt(2)))
                  .build();
          case 2 -> PortCases.device(id, Plug.USB_2_HALF, 2, 0.05 + random.nextInt(4) / 20.0);
          default ->
              number < 6
                  ? PortCases.device(id, Plug.USB_2_HEADER, 2, 0.1)
                  : PortCases.device(id, Plug.USB_A, 2, 0.2);
        };
    return refusing(some, random);
  }

  private static Sink refusing(Sink sink, Random random) {
    return random.nextInt(8) == 0
        ? sink.withRefuses(Set.of(Refusal.values()[random.nextInt(Refusal.values().length)]))
        : sink;
  }

  /** 16 screens and 12 devices that want more than there is: nothing better exists. */
  @Test
  void sixteenScreensAndTwelveDevicesAreProven() {
    PortProblem large = PortCases.large();
    PortAnswer answer = PortSolver.solve(large);
    assertEquals(28, large.sinks().size());
    assertTrue(answer.proven(), () -> answer.steps() + " steps");
    assertEquals(3, answer.dark().size());
    assertEquals(22_050, answer.moneyMinor());
    PortCheck wired = PortRebuilt.of(large, answer);
    assertTrue(wired.holds());
    assertEquals(answer.moneyMinor(), wired.cost().moneyMinor());
    List<Sink> turned = new ArrayList<>(large.sinks());
    Collections.reverse(turned);
    assertEquals(answer, PortSolver.solve(large.with(turned)), "whoever is named first");
  }

  /** Where the budget ends a search, what was found can be built, and the answer says so. */
  @Test
  void whateverIsFoundCanBeBuilt() {
    Random random = new Random(1612);
    for (int i = 0; i < 4; i++) {
      PortProblem problem = large(random);
      PortAnswer cut = PortSolver.solve(problem, 12_000);
      PortCheck wired = PortRebuilt.of(problem, cut);
      assertTrue(wired.holds(), problem::toString);
      assertEquals(cut.dark().size(), wired.cost().dark());
      assertTrue(cut.dark().size() <= 4, () -> cut.dark() + " are dark");
    }
  }

  /** What would help is looked for with so many steps and no more, however many are dark. */
  @Test
  void changesOfALargeProblemAreLookedForWithinABudget() {
    PortProblem large = PortCases.large();
    PortAnswer answer = PortSolver.solve(large, 12_000);
    AtomicInteger steps = new AtomicInteger();
    AtomicInteger most = new AtomicInteger();
    List<PortChange<PortProblem>> changes = new ArrayList<>();
    for (Sink sink : large.sinks()) {
      changes.add(
          new PortChange<>(
              ChangeKind.LEFT_OUT,
              sink.id(),
              "Leave %s out".formatted(sink.id()),
              0,
              0,
              "",
              each ->
                  each.with(
                      each.sinks().stream().filter(o -> !o.id().equals(sink.id())).toList())));
    }
    new LeastChanges<PortProblem>(
            large,
            each -> each,
            each -> {
              PortAnswer one = PortSolver.solve(each, LeastChanges.STEPS);
              steps.addAndGet(one.steps());
              most.accumulateAndGet(one.steps(), Math::max);
              return one;
            },
            answer)
        .of(changes);
    assertTrue(most.get() > 0, "something was tried");
    assertTrue(steps.get() <= 120_000 + most.get(), () -> steps + " steps");
  }

  /** No prices, however they were come by, are ever above what the best answer costs. */
  @Test
  void pricesAreNeverAboveWhatItCosts() {
    Random random = new Random(23);
    double tight = 0;
    int times = 150;
    for (int i = 0; i < times; i++) {
      PortProblem problem = PortCases.random(random);
      PortMarket market = market(problem);
      PortLeft left = market.left(PortState.of(market.index));
      PortCost best = PortBrute.best(problem);
      double costs = best.dark() * market.dark + best.moneyMinor() + best.links() * PortMarket.LINK;
      PortPrices found = PortPricing.of(market, PortState.of(market.index), 0);
      double atLeast = found.atLeast(left, 0);
      assertTrue(atLeast <= costs + 1e-3, () -> atLeast + " of " + costs + " " + problem);
      tight += atLeast >= costs - market.dark / 2 ? 1 : 0;
      for (int n = 0; n < 20; n++) {
        double[] any = new double[market.kinds()];
        double upTo = random.nextDouble() * market.dark;
        for (int kind = 0; kind < any.length; kind++) {
          any[kind] = random.nextInt(3) == 0 ? random.nextDouble() * upTo : 0;
        }
        double value = new PortPrices(market, any).atLeast(left, 0);
        assertTrue(value <= costs + 1e-3, () -> value + " of " + costs + " " + problem);
      }
    }
    assertTrue(tight > 0.6 * times, "they tell how many stay dark: " + tight + " of " + times);
  }

  private static PortMarket market(PortProblem problem) {
    PortIndex index = new PortIndex(problem);
    PortTails[] tails = new PortTails[index.sinks.size()];
    PortAttach[] attach = new PortAttach[tails.length];
    for (int i = 0; i < tails.length; i++) {
      tails[i] = new PortTails(index, index.sinks.get(i));
      attach[i] = new PortAttach(index, i);
    }
    return new PortMarket(index, tails, attach);
  }
}
