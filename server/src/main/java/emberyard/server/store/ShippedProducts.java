package emberyard.server.store;

import emberyard.core.thing.Product;
import java.util.Optional;

/** The library that ships with the program; none of it is in the store until it is changed. */
public interface ShippedProducts {
  Optional<Product> find(String id);
}
