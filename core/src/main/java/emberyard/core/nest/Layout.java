package emberyard.core.nest;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/**
 * A layout under way: pieces in their order, each on the first sheet that takes it.
 *
 * @param spots per sheet what lies on it
 * @param sheetOf per position in the order the sheet, −1 for none
 */
record Layout(int[] order, List<List<Spot>> spots, int[] sheetOf, Spot[] spotOf, double cost) {
  static Layout empty(int[] order, int sheets) {
    List<List<Spot>> none = new ArrayList<>();
    for (int i = 0; i < sheets; i++) {
      none.add(new ArrayList<>());
    }
    int[] nowhere = new int[order.length];
    Arrays.fill(nowhere, -1);
    return new Layout(order, none, nowhere, new Spot[order.length], 0);
  }
}
