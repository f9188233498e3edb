package emberyard.core.build;

/** The shape of a socket, and of the plug that goes into it. */
public enum Plug {
  HDMI("HDMI"),
  MINI_HDMI("mini HDMI"),
  DISPLAY_PORT("DisplayPort"),
  TYPE_C("type-C"),
  /** Flat lead of a bare panel: pins, lanes and backlight are the maker's own. */
  EMBEDDED("embedded display header"),
  USB_A("USB socket"),
  /** The small socket of a device. */
  USB_B("USB device socket"),
  /** Nine pins, two ports. */
  USB_2_HEADER("USB 2 header"),
  /** Five of the nine pins, one port. */
  USB_2_HALF("half a USB 2 header"),
  /** Nine pins of which one port is wired, behind a breakout. */
  USB_2_SINGLE("USB 2 header with one port"),
  USB_3_HEADER("USB 3 header"),
  TYPE_C_HEADER("type-C header");

  private final String words;

  Plug(String words) {
    this.words = words;
  }

  public String words() {
    return words;
  }

  /**
   * Whether this plug goes into that socket and finds its port there: one with nine pins covers
   * both ports of a header, one with five leaves the other free.
   */
  public boolean fits(Plug socket) {
    return this == socket || socket == USB_2_SINGLE && (this == USB_2_HEADER || this == USB_2_HALF);
  }
}
