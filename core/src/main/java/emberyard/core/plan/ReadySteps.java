package emberyard.core.plan;

/** Steps that may get their place, the first of an order first: a binary heap of numbers. */
final class ReadySteps {
  private final Order order;
  private final int[] heap;
  private int count;

  ReadySteps(Order order, int most) {
    this.order = order;
    this.heap = new int[most];
  }

  boolean isEmpty() {
    return count == 0;
  }

  void add(int step) {
    int at = count++;
    while (at > 0 && order.before(step, heap[(at - 1) / 2])) {
      heap[at] = heap[(at - 1) / 2];
      at = (at - 1) / 2;
    }
    heap[at] = step;
  }

  int remove() {
    int first = heap[0];
    int last = heap[--count];
    int at = 0;
    for (int child = 1; child < count; child = 2 * at + 1) {
      if (child + 1 < count && order.before(heap[child + 1], heap[child])) {
        child++;
      }
      if (!order.before(heap[child], last)) {
        break;
      }
      heap[at] = heap[child];
      at = child;
    }
    heap[at] = last;
    return first;
  }
}
