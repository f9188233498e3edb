package emberyard.core.supply;

import emberyard.core.record.OrderLine;
import emberyard.core.record.OrderLineBuilder;
import emberyard.core.work.CostCategory;

/** Duty and import tax on what crosses a border: a line of its own, to be paid like any other. */
public final class Duty {
  private Duty() {}

  /**
   * What customs are expected to ask for an order, until they say it.
   *
   * @param id of the new line
   * @param of a line of the order
   * @param dutyMinor minor units of the workshop's money
   */
  public static OrderLine line(String id, OrderLine of, long dutyMinor) {
    String order = of.number().isEmpty() ? of.title() : of.number();
    return OrderLineBuilder.builder()
        .id(id)
        .needKey("duty:" + order)
        .title("Duty and import tax, " + order)
        .category(CostCategory.SHIPPING)
        .supplierId(of.supplierId())
        .quantity(1)
        .unitPriceMinor(dutyMinor)
        .state(OrderLine.State.CONFIRMED)
        .way(OrderLine.Way.DUTY)
        .number(of.number())
        .orderedOn(of.orderedOn())
        .expectedOn(of.expectedOn())
        .build();
  }
}
