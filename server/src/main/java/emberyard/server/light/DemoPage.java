package emberyard.server.light;

import emberyard.core.canvas.SimulatedMachine;
import emberyard.core.canvas.SimulatedMachine.Load;
import emberyard.server.access.ScreenLinkStore;
import emberyard.server.access.ScreenLinkStore.Kind;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

/** Has the demo's finished build live on: its machine speaks, and its page has an address. */
@Component
class DemoPage {
  private static final String BUILD = "paper-kite";
  private static final String NAME = "printed by the demo";
  private static final SimulatedMachine MACHINE = new SimulatedMachine(Load.GAME, 22, 1);

  private final boolean wanted;
  private final ScreenLinkStore links;
  private final MachineStandIn machine;

  DemoPage(@Value("${ember.demo}") boolean wanted, ScreenLinkStore links, MachineStandIn machine) {
    this.wanted = wanted;
    this.links = links;
    this.machine = machine;
  }

  /** One link for this start; those of earlier starts go. */
  @EventListener(ApplicationReadyEvent.class)
  void open() {
    if (!wanted) {
      return;
    }
    links.all(BUILD).stream()
        .filter(link -> link.name().equals(NAME) && !link.revoked())
        .forEach(link -> links.revoke(BUILD, link.id()));
    String token = links.add(BUILD, Kind.SCREEN, BUILD + "-memory", BUILD + "-tablet", NAME);
    System.out.println("  Paper Kite's screen lives on at  /screens/" + token);
    machine.run(BUILD, MACHINE);
  }
}
