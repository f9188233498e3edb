package emberyard.core.light.port;

import java.util.Arrays;
import java.util.List;

/**
 * What is left to plug into. Two that leave the same are equal.
 *
 * @param rootsLeft sockets of each class that nothing hangs on
 * @param streamsLeft pictures that each device still gives
 * @param kilobytesLeft pictures as data that each device's controller still takes
 * @param taken pieces taken of what is there already
 * @param trees sockets in use with something free behind them
 */
record PortState(
    int[] rootsLeft, int[] streamsLeft, long[] kilobytesLeft, int[] taken, List<PortNode> trees) {
  @Override
  public boolean equals(Object other) {
    return other instanceof PortState state
        && Arrays.equals(rootsLeft, state.rootsLeft)
        && Arrays.equals(streamsLeft, state.streamsLeft)
        && Arrays.equals(kilobytesLeft, state.kilobytesLeft)
        && Arrays.equals(taken, state.taken)
        && trees.equals(state.trees);
  }

  @Override
  public int hashCode() {
    int hash = Arrays.hashCode(rootsLeft);
    hash = 31 * hash + Arrays.hashCode(streamsLeft);
    hash = 31 * hash + Arrays.hashCode(kilobytesLeft);
    hash = 31 * hash + Arrays.hashCode(taken);
    return 31 * hash + trees.hashCode();
  }

  static PortState of(PortIndex index) {
    int[] streams = new int[index.devices.size()];
    int[] roots = new int[index.roots.size()];
    for (int i = 0; i < roots.length; i++) {
      PortIndex.RootClass root = index.roots.get(i);
      roots[i] = root.sources().size();
      streams[root.device()] = index.atOnce(root.first().deviceId());
    }
    long[] kilobytes = new long[index.devices.size()];
    Arrays.fill(kilobytes, PortUnits.kilobytes(PortIndex.CONTROLLER_MEGABYTES));
    return new PortState(roots, streams, kilobytes, new int[index.counters], List.of());
  }
}
