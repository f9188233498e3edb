package emberyard.core.light.port;

import emberyard.core.build.Plug;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/**
 * Sockets by how they came about: the plug and data of the socket that their way begins at, and the
 * links since. Sockets of one sort take the same sinks, whatever they have left.
 */
final class PortSorts {
  private final List<Sort> sorts = new ArrayList<>();
  private final Map<Object, Integer> known = new HashMap<>();
  private final int[] ofRoot;

  /**
   * One sort.
   *
   * @param before the sort that its link was plugged into, −1 for a socket of a device
   * @param link what made it, null for a socket of a device or of a screen
   * @param roots classes of sockets that its way may begin at
   * @param chain links since then
   * @param screen whether a screen passes its picture on there
   */
  record Sort(
      int before,
      PortItem link,
      List<Integer> roots,
      List<PortItem> chain,
      Plug socket,
      boolean drawn,
      boolean screen) {}

  private record Step(int before, String link) {}

  PortSorts(List<PortIndex.RootClass> roots) {
    ofRoot = new int[roots.size()];
    for (int root = 0; root < ofRoot.length; root++) {
      Source first = roots.get(root).first();
      List<Object> key =
          List.of(first.plug(), first.usb(), first.gbitPerSecond(), first.amps(), first.extraMm());
      Integer sort = known.get(key);
      if (sort == null) {
        sort =
            add(key, new Sort(-1, null, new ArrayList<>(), List.of(), first.plug(), false, false));
      }
      sorts.get(sort).roots().add(root);
      ofRoot[root] = sort;
    }
  }

  private int add(Object key, Sort sort) {
    sorts.add(sort);
    known.put(key, sorts.size() - 1);
    return sorts.size() - 1;
  }

  int of(int root) {
    return ofRoot[root];
  }

  /** Behind one more link. */
  int behind(int sort, PortItem item) {
    Step step = new Step(sort, item.link().id() + (item.limited() ? "/there" : ""));
    Integer found = known.get(step);
    if (found != null) {
      return found;
    }
    Sort before = sorts.get(sort);
    List<PortItem> chain = new ArrayList<>(before.chain());
    chain.add(item);
    boolean drawn = before.drawn() || item.link().drawsPicture();
    return add(
        step,
        new Sort(
            sort,
            item,
            before.roots(),
            List.copyOf(chain),
            item.link().out(),
            drawn,
            before.screen()));
  }

  /** At a screen that lets a picture through: one after the other is the same. */
  int passed(int sort, Plug plug) {
    Step step = new Step(sorts.get(sort).screen() ? base(sort) : sort, "screen/" + plug);
    Integer found = known.get(step);
    if (found != null) {
      return found;
    }
    Sort before = sorts.get(step.before());
    return add(
        step,
        new Sort(step.before(), null, before.roots(), before.chain(), plug, before.drawn(), true));
  }

  private int base(int sort) {
    int at = sort;
    while (sorts.get(at).screen()) {
      at = sorts.get(at).before();
    }
    return at;
  }

  int count() {
    return sorts.size();
  }

  Sort get(int sort) {
    return sorts.get(sort);
  }
}
