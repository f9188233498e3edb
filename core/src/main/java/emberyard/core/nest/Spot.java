package emberyard.core.nest;

/** A shape on a sheet, its grown box's corner within the sheet's box. */
record Spot(Shape shape, double x, double y) {}
