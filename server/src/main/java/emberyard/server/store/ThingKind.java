package emberyard.server.store;

import emberyard.core.build.Acceptance;
import emberyard.core.build.Brief;
import emberyard.core.build.ChangeOrder;
import emberyard.core.build.Component;
import emberyard.core.build.Concept;
import emberyard.core.build.ConceptOption;
import emberyard.core.build.Enclosure;
import emberyard.core.build.FaceItem;
import emberyard.core.build.JobNote;
import emberyard.core.build.Joint;
import emberyard.core.build.LightStrip;
import emberyard.core.build.Loop;
import emberyard.core.build.ManualTask;
import emberyard.core.build.OrderLine;
import emberyard.core.build.OutsideFinish;
import emberyard.core.build.PaintFault;
import emberyard.core.build.Panel;
import emberyard.core.build.Photo;
import emberyard.core.build.PrintPart;
import emberyard.core.build.Remark;
import emberyard.core.build.Requirement;
import emberyard.core.build.Scheme;
import emberyard.core.build.Screen;
import emberyard.core.build.SheetLayout;
import emberyard.core.build.Snapshot;
import emberyard.core.build.TaskMark;
import emberyard.core.build.TimeEntry;
import emberyard.core.build.Treatment;
import emberyard.core.build.Worksheet;
import emberyard.core.workshop.AirDay;
import emberyard.core.workshop.EnclosureProduct;
import emberyard.core.workshop.FilamentProduct;
import emberyard.core.workshop.FilmProduct;
import emberyard.core.workshop.HardwareProduct;
import emberyard.core.workshop.Machine;
import emberyard.core.workshop.Offcut;
import emberyard.core.workshop.PaintProduct;
import emberyard.core.workshop.Person;
import emberyard.core.workshop.SheetProduct;
import emberyard.core.workshop.Station;
import emberyard.core.workshop.Supplier;
import emberyard.core.workshop.TestCard;
import emberyard.core.workshop.Workshop;
import java.util.stream.Stream;

/** Every kind of thing that people enter: its word in the API and its record in core. */
public enum ThingKind {
  BRIEF("briefs", Brief.class, true),
  CONCEPT("concepts", Concept.class, true),
  REQUIREMENT("requirements", Requirement.class, true),
  COMPONENT("components", Component.class, true),
  PANEL("panels", Panel.class, true),
  SCHEME("schemes", Scheme.class, true),
  SCREEN("screens", Screen.class, true),
  STRIP("strips", LightStrip.class, true),
  MANUAL_TASK("manual-tasks", ManualTask.class, true),
  ORDER("orders", OrderLine.class, true),
  TIME("times", TimeEntry.class, true),
  MARK("marks", TaskMark.class, true),
  NOTE("notes", JobNote.class, true),
  PHOTO("photos", Photo.class, true),
  ACCEPTANCE("acceptances", Acceptance.class, true),
  ITEM("items", FaceItem.class, true),
  REMARK("remarks", Remark.class, true),
  OPTION("options", ConceptOption.class, true),
  SNAPSHOT("snapshots", Snapshot.class, true),
  CHANGE_ORDER("change-orders", ChangeOrder.class, true),
  ENCLOSURE("enclosures", Enclosure.class, true),
  LOOP("loops", Loop.class, true),
  WORKSHEET("worksheets", Worksheet.class, true),
  JOINT("joints", Joint.class, true),
  PRINT("prints", PrintPart.class, true),
  LAYOUT("layouts", SheetLayout.class, true),
  TREATMENT("treatments", Treatment.class, true),
  OUTSIDE_FINISH("outside-finishes", OutsideFinish.class, true),
  FAULT("faults", PaintFault.class, true),
  WORKSHOP("workshops", Workshop.class, false),
  PERSON("people", Person.class, false),
  STATION("stations", Station.class, false),
  SUPPLIER("suppliers", Supplier.class, false),
  PAINT("paints", PaintProduct.class, false),
  SHEET("sheets", SheetProduct.class, false),
  FILM("films", FilmProduct.class, false),
  FILAMENT("filaments", FilamentProduct.class, false),
  HARDWARE("hardware", HardwareProduct.class, false),
  ENCLOSURE_PRODUCT("enclosure-products", EnclosureProduct.class, false),
  MACHINE("machines", Machine.class, false),
  OFFCUT("offcuts", Offcut.class, false),
  AIR("airs", AirDay.class, false),
  TEST_CARD("test-cards", TestCard.class, false);

  private final String word;
  private final Class<?> type;
  private final boolean ofBuild;

  ThingKind(String word, Class<?> type, boolean ofBuild) {
    this.word = word;
    this.type = type;
    this.ofBuild = ofBuild;
  }

  public String word() {
    return word;
  }

  public Class<?> type() {
    return type;
  }

  /** Whether it belongs to a build rather than to the workshop. */
  public boolean ofBuild() {
    return ofBuild;
  }

  /** The kind of a record of core. */
  public static ThingKind of(Object value) {
    return Stream.of(values())
        .filter(kind -> kind.type.isInstance(value))
        .findFirst()
        .orElseThrow();
  }

  /** The kind behind a word of the API. */
  public static ThingKind named(String word) {
    return Stream.of(values())
        .filter(kind -> kind.word.equals(word))
        .findFirst()
        .orElseThrow(() -> new MissingThing("There are no “" + word + "” here."));
  }
}
