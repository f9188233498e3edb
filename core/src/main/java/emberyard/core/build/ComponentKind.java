package emberyard.core.build;

/** What a bought component is. */
public enum ComponentKind {
  ENCLOSURE,
  BOARD,
  PROCESSOR,
  GRAPHICS,
  MEMORY,
  DRIVE,
  SUPPLY,
  COOLER,
  FAN,
  RADIATOR,
  PUMP,
  BLOCK,
  RESERVOIR,
  SCREEN,
  HUB,
  RISER,
  CONTROLLER,
  ADAPTER,
  SPLITTER,
  BREAKOUT,
  LEAD,
  CHARGER,
  OTHER
}
