package emberyard.core.light.port;

import emberyard.core.build.LinkKind;
import emberyard.core.build.Plug;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Objects;
import org.jspecify.annotations.Nullable;

/**
 * A socket or link in use, with what hangs on it and what it still has to give. Two that give the
 * same are equal, whoever put them there and whatever they are.
 *
 * @param root the class of sockets it begins at: not part of what it gives
 * @param sort how it came about: not part of what it gives
 * @param start the device it begins at and how far away that is, as one number
 * @param socket what it offers
 * @param free how many of them
 * @param kbit picture that may still go through it
 * @param milliamps current that it still has
 * @param usb data that it passes on
 * @param each whether each of its sockets has that current for itself
 * @param fed whether its current is its own
 * @param draws whether it makes its picture itself
 * @param same the group that sees one picture behind it, "" for pictures of their own
 * @param drawn whether its picture is made of data, which no output is needed for
 * @param hub whether a hub lies on the way to it; so adapter and splitter
 * @param links between the socket and here, itself included
 * @param leadMm of their leads; 0 where nobody refuses long ones
 * @param via ids of the links on the way to it, itself included; none where nothing is fixed
 * @param opener who put it there: not part of what it gives
 * @param kids what hangs on it and has sockets left, in a fixed order
 */
@RecordBuilder
record PortNode(
    int root,
    int sort,
    int start,
    Plug socket,
    int free,
    long kbit,
    long milliamps,
    int usb,
    boolean each,
    boolean fed,
    boolean draws,
    String same,
    boolean drawn,
    boolean hub,
    boolean adapter,
    boolean splitter,
    int links,
    long leadMm,
    List<String> via,
    String opener,
    List<PortNode> kids)
    implements PortNodeBuilder.With {
  /** A USB 2 header as its two ports. */
  static final String HALVES = "/halves";

  /** A screen that lets a picture through. */
  static final String SCREEN = "/screen";

  /** By what they give: those that give the same are equal. */
  static final Comparator<PortNode> ORDER =
      Comparator.comparingInt(PortNode::start)
          .thenComparing(PortNode::socket)
          .thenComparingInt(PortNode::free)
          .thenComparingLong(PortNode::kbit)
          .thenComparingLong(PortNode::milliamps)
          .thenComparingInt(PortNode::traits)
          .thenComparingLong(PortNode::leadMm)
          .thenComparing(PortNode::same)
          .thenComparing(PortNode::via, PortNode::words)
          .thenComparing(PortNode::kids, PortNode::lists);

  private static int words(List<String> one, List<String> other) {
    return one.equals(other) ? 0 : one.toString().compareTo(other.toString());
  }

  private static int lists(List<PortNode> one, List<PortNode> other) {
    int order = Integer.compare(one.size(), other.size());
    for (int i = 0; i < one.size() && order == 0; i++) {
      order = ORDER.compare(one.get(i), other.get(i));
    }
    return order;
  }

  /** What is yes or no about it, its data and the links before it, as one number. */
  private int traits() {
    int traits = usb * 4 + links;
    for (boolean trait : new boolean[] {each, fed, draws, drawn, hub, adapter, splitter}) {
      traits = traits * 2 + (trait ? 1 : 0);
    }
    return traits;
  }

  /**
   * A list with one node in the place of another. Equal nodes are told apart here: they were put
   * there by different hands.
   *
   * @param without null for none
   * @param more null for none
   */
  static List<PortNode> instead(
      List<PortNode> nodes, @Nullable PortNode without, @Nullable PortNode more) {
    List<PortNode> all = new ArrayList<>(nodes);
    all.removeIf(node -> node == without);
    if (more != null) {
      all.add(more);
      all.sort(ORDER);
    }
    return List.copyOf(all);
  }

  /**
   * The same without what nothing more can be plugged into; null where nothing is left. One with a
   * single thing on it and no socket free is no more than what that has left because of it.
   */
  @Nullable PortNode left() {
    if (free > 0 || kids.size() > 1) {
      return this;
    }
    if (kids.isEmpty()) {
      return null;
    }
    PortNode kid = kids.get(0);
    // ports of their own draw on what is before them without becoming less themselves
    return kid.each() && !each && !fed ? this : kid.within(this);
  }

  /** With no more left than what lies before it has. */
  private PortNode within(PortNode before) {
    boolean own = draws || !same.isEmpty() && before.same().isEmpty();
    return with()
        .kbit(own ? kbit : Math.min(kbit, before.kbit()))
        .milliamps(fed || before.each() ? milliamps : Math.min(milliamps, before.milliamps()))
        .build();
  }

  /** Whether such a link can’t come behind what lies on the way to it. */
  boolean clashesWith(LinkKind kind) {
    return adapter && PortIndex.clash(LinkKind.ADAPTER, kind)
        || splitter && PortIndex.clash(LinkKind.SPLITTER, kind)
        || each && PortIndex.clash(LinkKind.BREAKOUT, kind);
  }

  boolean refusedBy(Sink sink) {
    return hub && sink.refuses(LinkKind.HUB)
        || adapter && sink.refuses(LinkKind.ADAPTER)
        || splitter && sink.refuses(LinkKind.SPLITTER);
  }

  @Override
  public boolean equals(Object other) {
    return other instanceof PortNode node && (this == node || ORDER.compare(this, node) == 0);
  }

  @Override
  public int hashCode() {
    int hash = Objects.hash(start, socket, free, kbit, milliamps, traits(), leadMm, same, via);
    return 31 * hash + kids.hashCode();
  }
}
