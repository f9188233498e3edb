package emberyard.core.build;

/** What one component offers and another asks for. */
public enum PortKind {
  ATX_24("24-pin board lead"),
  CPU_8("8-pin processor lead"),
  GRAPHICS_8("8-pin graphics lead"),
  GRAPHICS_16("16-pin graphics lead"),
  SATA_POWER("SATA power"),
  PERIPHERAL("peripheral power"),
  FAN_HEADER("fan header"),
  PUMP_HEADER("pump header"),
  LIGHT_5V("5 V light header"),
  LIGHT_12V("12 V light header"),
  USB2_HEADER("USB 2 header"),
  USB3_HEADER("USB 3 header"),
  TYPE_C_HEADER("type-C header"),
  REAR_USB("rear USB socket"),
  EMBEDDED_DISPLAY("embedded display header"),
  SATA_DATA("SATA data"),
  M2("M.2 slot"),
  SLOT("expansion slot"),
  MEMORY_SLOT("memory slot");

  private final String words;

  PortKind(String words) {
    this.words = words;
  }

  public String words() {
    return words;
  }

  /** Whether it carries pictures or data, which the wiring leads from socket to socket. */
  public boolean wired() {
    return switch (this) {
      case USB2_HEADER, USB3_HEADER, TYPE_C_HEADER, REAR_USB, EMBEDDED_DISPLAY -> true;
      default -> false;
    };
  }

  /** Most a header carries by the field's usual figures, A; 0 where current is not counted. */
  public double amps() {
    return switch (this) {
      case FAN_HEADER -> 1;
      case PUMP_HEADER -> 2;
      case LIGHT_5V, LIGHT_12V -> 3;
      default -> 0;
    };
  }
}
