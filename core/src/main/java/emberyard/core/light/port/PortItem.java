package emberyard.core.light.port;

/**
 * A link as the solver takes it: one that is there costs nothing, as long as it lasts; one that is
 * bought has its price.
 *
 * @param limit how many there are, −1 for any number
 * @param counter which number of the state counts those taken, −1 where there are any number
 */
record PortItem(
    Link link, long priceMinor, int limit, int counter, long kbit, int usb, long milliamps) {

  static PortItem of(Link link, boolean owned, int counter) {
    double amps = link.ampsForAll();
    return new PortItem(
        link,
        owned ? 0 : link.priceMinor(),
        owned ? link.owned() : -1,
        owned ? counter : -1,
        PortUnits.kbit(link.carries()),
        link.data(),
        amps == Double.MAX_VALUE ? Long.MAX_VALUE : PortUnits.milliamps(amps));
  }

  boolean limited() {
    return counter >= 0;
  }

  /**
   * Whether any number of these can be had, each of which does all that the other does; it comes
   * before the other in cost and name.
   */
  boolean replaces(PortItem other) {
    Link mine = link;
    Link its = other.link();
    return !limited()
        && !other.limited()
        && mine.kind() == its.kind()
        && mine.in() == its.in()
        && mine.out() == its.out()
        && mine.drawsPicture() == its.drawsPicture()
        && mine.outs() >= its.outs()
        && kbit >= other.kbit
        && usb >= other.usb
        && milliamps >= other.milliamps
        && (mine.fed() || !its.fed())
        && drawsMilliamps() <= other.drawsMilliamps()
        && mine.lengthMm() <= its.lengthMm();
  }

  /** What taking one costs. */
  PortCost cost() {
    return new PortCost(0, 0, priceMinor, 1, Math.round(link.lengthMm()));
  }

  long drawsMilliamps() {
    return link.fed() ? 0 : PortUnits.milliamps(link.drawsAmps());
  }
}
