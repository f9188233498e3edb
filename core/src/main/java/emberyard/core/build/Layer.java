package emberyard.core.build;

/** Where on a face a thing lies, from the inside out. */
public enum Layer {
  BEHIND,
  IN,
  ON
}
