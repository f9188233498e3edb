package emberyard.core.fit.heat;

/**
 * Where the air comes from that cools a circuit, and where it goes.
 *
 * @param ofCase share of it that is the case's, by what the radiators give off: 0 to 1
 * @param blownOut share of the heat that leaves through an opening at once: 0 to 1
 * @param from in words
 */
record Breath(double ofCase, double blownOut, String from) {
  static final Breath OF_THE_ROOM = new Breath(0, 0, "the room");
}
