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
 * same are equal, whoever put them there.
 *
 * @param root the class of sockets it begins at
 * @param what the link, "" for the socket itself, {@link #HALVES}, or {@link #SCREEN}
 * @param socket what it offers
 * @param free how many of them
 * @param kbit picture that may still go through it
 * @param milliamps current that it still has
 * @param usb data that it passes on
 * @param each whether each of its sockets has that current for itself
 * @param same the group that sees one picture behind it, "" for pictures of their own
 * @param drawn whether its picture is made of data, which no output is needed for
 * @param hub whether a hub lies on the way to it; so adapter and splitter
 * @param links between the socket and here, itself included
 * @param leadMm of their leads
 * @param via ids of the links on the way to it, itself included
 * @param opener who put it there: not part of what it is
 * @param kids what hangs on it and has sockets left, in a fixed order
 */
@RecordBuilder
record PortNode(
    int root,
    String what,
    Plug socket,
    int free,
    long kbit,
    long milliamps,
    int usb,
    boolean each,
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

  static final Comparator<PortNode> ORDER =
      Comparator.comparingInt(PortNode::root)
          .thenComparing(PortNode::what)
          .thenComparing(node -> node.via().toString())
          .thenComparingInt(PortNode::free)
          .thenComparingLong(PortNode::kbit)
          .thenComparingLong(PortNode::milliamps)
          .thenComparing(PortNode::same)
          .thenComparingLong(PortNode::leadMm)
          .thenComparing(node -> node.kids().size())
          .thenComparing(node -> node.kids().toString());

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

  /** The same without what nothing more can be plugged into; null where nothing is left. */
  @Nullable PortNode left() {
    return free == 0 && kids.isEmpty() ? null : this;
  }

  boolean refusedBy(Sink sink) {
    return hub && sink.refuses(LinkKind.HUB)
        || adapter && sink.refuses(LinkKind.ADAPTER)
        || splitter && sink.refuses(LinkKind.SPLITTER);
  }

  @Override
  public boolean equals(Object other) {
    return other instanceof PortNode node
        && root == node.root
        && free == node.free
        && kbit == node.kbit
        && milliamps == node.milliamps
        && leadMm == node.leadMm
        && links == node.links
        && what.equals(node.what)
        && same.equals(node.same)
        && via.equals(node.via)
        && kids.equals(node.kids);
  }

  @Override
  public int hashCode() {
    return Objects.hash(root, what, free, kbit, milliamps, same, via, kids);
  }

  /** What tells it apart: who put it there does not. */
  @Override
  public String toString() {
    return "%d %s %d %d %d %s %d %s"
        .formatted(root, via, free, kbit, milliamps, same, leadMm, kids);
  }
}
