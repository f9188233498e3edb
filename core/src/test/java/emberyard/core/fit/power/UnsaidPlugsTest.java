package emberyard.core.fit.power;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import emberyard.core.build.Component;
import emberyard.core.build.ComponentKind;
import emberyard.core.build.Electric;
import emberyard.core.build.Port;
import emberyard.core.build.PortKind;
import emberyard.core.build.Source;
import emberyard.core.build.Tried;
import emberyard.core.finding.Finding;
import emberyard.core.finding.Severity;
import emberyard.core.fit.Proof;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What was typed by hand is asked for what its kind needs; nothing counts as 0 without a word. */
class UnsaidPlugsTest extends Proof {
  private static Component typed(ComponentKind kind, double watts) {
    return part("typed", kind, watts, 0);
  }

  private static Component asking(Component component, PortKind... kinds) {
    List<Port> asks = List.of(kinds).stream().map(kind -> Port.of(kind, 1)).toList();
    return component.with(
        each -> each.electric(new Electric(null, null, asks, List.of(), List.of(), false, null)));
  }

  @ParameterizedTest
  @CsvSource({
    "GRAPHICS, 220, 2",
    "GRAPHICS, 40, 1",
    "MEMORY, 5, 2",
    "DRIVE, 5, 2",
    "BOARD, 30, 1",
    "SUPPLY, 0, 2",
    "FAN, 3, 1",
    "PUMP, 10, 1",
    "OTHER, 0, 0",
    "ENCLOSURE, 0, 0"
  })
  void eachKindIsAskedForItsOwn(ComponentKind kind, double watts, int lacking) {
    assertEquals(lacking, UnsaidPlugs.lacking(typed(kind, watts)).size());
  }

  /** A slot gives 75 W: a card of 75 W needs no plug, one of 76 W does. */
  @Test
  void aCardThatASlotFeedsNeedsNoPlug() {
    Component small = asking(typed(ComponentKind.GRAPHICS, 75), PortKind.SLOT);
    assertEquals(List.of(), UnsaidPlugs.lacking(small));
    Component large = asking(typed(ComponentKind.GRAPHICS, 76), PortKind.SLOT);
    assertEquals(1, UnsaidPlugs.lacking(large).size());
    Component fed = asking(large, PortKind.SLOT, PortKind.GRAPHICS_8);
    assertEquals(List.of(), UnsaidPlugs.lacking(fed));
  }

  @Test
  void itIsSaidInOneSentence() {
    components.add(typed(ComponentKind.GRAPHICS, 220));
    Finding said = ending("/unsaid").get(0);
    assertEquals(
        "typed: nobody has said the expansion slot it sits in and the plugs that feed it, more than"
            + " a slot’s 75 W",
        said.title());
    assertEquals(Severity.NOTE, said.severity());
    components.set(
        0, asking(typed(ComponentKind.GRAPHICS, 220), PortKind.SLOT, PortKind.GRAPHICS_8));
    assertEquals(List.of(), ending("/unsaid"));
  }

  /** What no shop takes back is asked for; bought things say it at their offer. */
  @Test
  void whetherItWorksIsAsked() {
    for (Source source : Source.values()) {
      components.clear();
      components.add(typed(ComponentKind.GRAPHICS, 220).with(each -> each.source(source)));
      boolean asked = source == Source.OWNED || source == Source.CLIENT;
      assertEquals(asked ? 1 : 0, ending("/tried").size(), source.name());
      components.set(0, components.get(0).with(each -> each.tried(Tried.NEW)));
      assertTrue(ending("/tried").isEmpty());
    }
  }

  private List<Finding> ending(String part) {
    return work().findings().stream().filter(each -> each.key().endsWith(part)).toList();
  }
}
