package emberyard.core.thing;

/** Something people entered, kept under its id; ids are unique among things of one kind. */
public interface Thing {
  String id();
}
