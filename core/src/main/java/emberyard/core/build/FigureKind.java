package emberyard.core.build;

import java.util.List;

/** The figures a part is put together from, each with the measures that it needs. */
public enum FigureKind {
  RECTANGLE("widthMm", "heightMm"),
  FRAME("widthMm", "heightMm", "insetMm"),
  SLOT("widthMm", "heightMm"),
  HOLE("diameterMm"),
  HOLE_ROW("widthMm", "insetMm", "pitchMm", "diameterMm"),
  BORDER_ROW("widthMm", "heightMm", "insetMm", "pitchMm", "diameterMm"),
  HOLE_FIELD("widthMm", "heightMm", "diameterMm", "pitchMm"),
  FAN("diameterMm", "pitchMm", "innerMm"),
  POWER_INLET,
  KEYSTONE,
  POLYGON("diameterMm", "count"),
  STAR("diameterMm", "innerMm", "count"),
  TOOTHED_RING("diameterMm", "innerMm", "count"),
  TEXT("heightMm"),
  PATH;

  private final List<String> measures;

  FigureKind(String... measures) {
    this.measures = List.of(measures);
  }

  /** Names of the measures that can't be left out. */
  public List<String> measures() {
    return measures;
  }
}
