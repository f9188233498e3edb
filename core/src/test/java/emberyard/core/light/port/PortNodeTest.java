package emberyard.core.light.port;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertNull;
import static org.junit.jupiter.api.Assertions.assertSame;

import emberyard.core.build.Plug;
import java.util.List;
import org.junit.jupiter.api.Test;

/** What a socket or link in use still gives, and when two give the same. */
class PortNodeTest {
  private static PortNodeBuilder node(int free, long kbit, long milliamps) {
    return PortNodeBuilder.builder()
        .socket(Plug.USB_A)
        .free(free)
        .kbit(kbit)
        .milliamps(milliamps)
        .usb(2)
        .same("")
        .via(List.of())
        .opener("")
        .kids(List.of());
  }

  @Test
  void whoPutItThereTellsNothingApart() {
    PortNode one = node(2, 0, 400).opener("3/1").root(1).build();
    PortNode other = node(2, 0, 400).opener("5/1").root(2).build();
    assertEquals(one, other);
    assertEquals(one.hashCode(), other.hashCode());
    assertNotEquals(one, other.withMilliamps(399));
    assertNotEquals(one, other.withFed(true));
    assertNotEquals(one, other.withKids(List.of(one)));
    List<PortNode> without = PortNode.instead(List.of(one, other), other, null);
    assertSame(one, without.get(0), "equal ones are told apart by hand");
  }

  @Test
  void whatHasNothingFreeIsNoMoreThanWhatHangsOnIt() {
    assertNull(node(0, 0, 400).build().left());
    PortNode kid = node(3, 900, 400).build();
    PortNode before = node(0, 500, 250).kids(List.of(kid)).build();
    assertEquals(kid.with().kbit(500).milliamps(250).build(), before.left());
    PortNode fed = kid.withFed(true);
    assertEquals(400, before.withKids(List.of(fed)).left().milliamps(), "its current is its own");
    PortNode each = kid.withEach(true);
    PortNode kept = before.withKids(List.of(each));
    assertSame(kept, kept.left(), "its ports draw on what is before them");
    PortNode open = before.withFree(1);
    assertSame(open, open.left());
  }
}
