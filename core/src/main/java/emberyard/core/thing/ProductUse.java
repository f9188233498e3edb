package emberyard.core.thing;

import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A thing that is one of a product of the library: it follows the product in all but the fields
 * that are its own.
 *
 * <p>Example: a drive of a product at 60.00 for which 45.00 was typed has the own field {@code
 * priceMinor}. Weighed anew in the library, the drive weighs so too; its price stays 45.00.
 */
public interface ProductUse extends DesignThing {
  /** The product it is one of, empty for none. */
  String productId();

  /**
   * Paths of the fields in which it differs from its product, {@code "body.widthMm"}; null where
   * nobody has compared yet: then all are its own.
   */
  @Nullable List<String> ownFields();
}
