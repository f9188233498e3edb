package emberyard.core.thing;

import java.util.Optional;

/** Something of the library that things of builds are one of. */
public interface Product extends Thing {
  /**
   * A use as it is while it follows this product in everything; empty where such a thing can't be
   * one of it: a drive is no light strip.
   */
  Optional<ProductUse> as(ProductUse use);
}
