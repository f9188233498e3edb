package emberyard.core.kind;

import emberyard.core.build.Brief;
import emberyard.core.build.Canvas;
import emberyard.core.build.Component;
import emberyard.core.build.Concept;
import emberyard.core.build.ConceptOption;
import emberyard.core.build.Design;
import emberyard.core.build.Enclosure;
import emberyard.core.build.FaceItem;
import emberyard.core.build.FixedWay;
import emberyard.core.build.Joint;
import emberyard.core.build.LightStrip;
import emberyard.core.build.Loop;
import emberyard.core.build.ManualTask;
import emberyard.core.build.OutsideFinish;
import emberyard.core.build.Panel;
import emberyard.core.build.PrintPart;
import emberyard.core.build.Program;
import emberyard.core.build.Requirement;
import emberyard.core.build.Scene;
import emberyard.core.build.Scheme;
import emberyard.core.build.Screen;
import emberyard.core.build.SheetLayout;
import emberyard.core.build.Snag;
import emberyard.core.build.Snapshot;
import emberyard.core.build.Treatment;
import emberyard.core.build.Worksheet;
import emberyard.core.record.Acceptance;
import emberyard.core.record.ChangeOrder;
import emberyard.core.record.DiaryWords;
import emberyard.core.record.Heeded;
import emberyard.core.record.JobNote;
import emberyard.core.record.Loan;
import emberyard.core.record.Move;
import emberyard.core.record.Offer;
import emberyard.core.record.OrderLine;
import emberyard.core.record.PaintFault;
import emberyard.core.record.Photo;
import emberyard.core.record.Remark;
import emberyard.core.record.TaskMark;
import emberyard.core.record.TimeEntry;
import emberyard.core.record.Use;
import emberyard.core.thing.DesignThing;
import emberyard.core.thing.Thing;
import emberyard.core.workshop.AirDay;
import emberyard.core.workshop.EnclosureProduct;
import emberyard.core.workshop.FilamentProduct;
import emberyard.core.workshop.FilmProduct;
import emberyard.core.workshop.HardwareProduct;
import emberyard.core.workshop.LastPaid;
import emberyard.core.workshop.LightProduct;
import emberyard.core.workshop.Machine;
import emberyard.core.workshop.Offcut;
import emberyard.core.workshop.OwnDay;
import emberyard.core.workshop.PaintProduct;
import emberyard.core.workshop.Person;
import emberyard.core.workshop.Retired;
import emberyard.core.workshop.SheetProduct;
import emberyard.core.workshop.Station;
import emberyard.core.workshop.Sundry;
import emberyard.core.workshop.Supplier;
import emberyard.core.workshop.TestCard;
import emberyard.core.workshop.Workshop;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Pattern;
import java.util.stream.Stream;

/**
 * Every kind of thing that people enter. One line here, and it is stored, merged, taken back,
 * exported and documented as all others are; one that is a {@link DesignThing} is frozen, compared
 * and laid on the table with its design besides.
 */
public enum ThingKind {
  BRIEF("briefs", "Brief", Brief.class, Home.BUILD, Way.STAYS),
  CONCEPT("concepts", "Concept", Concept.class, Home.BUILD, Way.STAYS),
  REQUIREMENT("requirements", "Requirement", Requirement.class, Home.BUILD, Way.FREE),
  COMPONENT("components", "Component", Component.class, Home.BUILD, Way.FREE),
  PANEL("panels", "Part", Panel.class, Home.BUILD, Way.FREE),
  SCHEME("schemes", "Finish", Scheme.class, Home.BUILD, Way.FREE),
  SCREEN("screens", "Screen", Screen.class, Home.BUILD, Way.FREE),
  FIXED_WAY("fixed-ways", "Fixed way", FixedWay.class, Home.BUILD, Way.FREE),
  PROGRAM("programs", "Program", Program.class, Home.BUILD, Way.FREE),
  STRIP("strips", "Light", LightStrip.class, Home.BUILD, Way.FREE),
  SCENE("scenes", "Scene", Scene.class, Home.BUILD, Way.FREE),
  CANVAS("canvases", "Canvas", Canvas.class, Home.BUILD, Way.FREE),
  ENCLOSURE("enclosures", "Enclosure", Enclosure.class, Home.BUILD, Way.FREE),
  LOOP("loops", "Loop", Loop.class, Home.BUILD, Way.FREE),
  WORKSHEET("worksheets", "Worksheet", Worksheet.class, Home.BUILD, Way.FREE),
  JOINT("joints", "Joint", Joint.class, Home.BUILD, Way.FREE),
  PRINT("prints", "Print", PrintPart.class, Home.BUILD, Way.FREE),
  TREATMENT("treatments", "Treatment", Treatment.class, Home.BUILD, Way.FREE),
  OUTSIDE_FINISH("outside-finishes", "Outside finish", OutsideFinish.class, Home.BUILD, Way.FREE),
  ITEM("items", "On the faces:", FaceItem.class, Home.BUILD, Way.FREE),
  MANUAL_TASK("manual-tasks", "Task", ManualTask.class, Home.BUILD, Way.FREE),
  ORDER("orders", "Order", OrderLine.class, Home.BUILD, Way.FREE),
  OFFER("offers", "Offer", Offer.class, Home.BUILD, Way.FREE),
  LOAN("loans", "Loan", Loan.class, Home.BUILD, Way.FREE),
  USE("uses", "Use", Use.class, Home.BUILD, Way.BY_COMMAND),
  MOVE("moves", "Payment", Move.class, Home.BUILD, Way.ADDED),
  TIME("times", "Hours", TimeEntry.class, Home.BUILD, Way.FREE),
  MARK("marks", "Mark", TaskMark.class, Home.BUILD, Way.BY_COMMAND),
  NOTE("notes", "Note", JobNote.class, Home.BUILD, Way.BY_COMMAND),
  PHOTO("photos", "Photo", Photo.class, Home.BUILD, Way.BY_COMMAND),
  HEEDED("heeded", "Caution read", Heeded.class, Home.BUILD, Way.BY_COMMAND),
  ACCEPTANCE("acceptances", "Acceptance", Acceptance.class, Home.BUILD, Way.BY_COMMAND),
  REMARK("remarks", "Remark", Remark.class, Home.BUILD, Way.FREE),
  OPTION("options", "Option", ConceptOption.class, Home.BUILD, Way.BY_COMMAND),
  SNAPSHOT("snapshots", "Snapshot", Snapshot.class, Home.BUILD, Way.BY_COMMAND),
  CHANGE_ORDER("change-orders", "Change order", ChangeOrder.class, Home.BUILD, Way.BY_COMMAND),
  LAYOUT("layouts", "Sheet", SheetLayout.class, Home.BUILD, Way.FREE),
  FAULT("faults", "Paint fault", PaintFault.class, Home.BUILD, Way.FREE),
  SNAG("snags", "Snag", Snag.class, Home.BUILD, Way.FREE),
  DIARY_WORDS("diary-words", "Diary", DiaryWords.class, Home.BUILD, Way.FREE),
  WORKSHOP("workshops", "Settings", Workshop.class, Home.WORKSHOP, Way.STAYS),
  PERSON("people", "Person", Person.class, Home.WORKSHOP, Way.STAYS),
  STATION("stations", "Station", Station.class, Home.WORKSHOP, Way.STAYS),
  SUPPLIER("suppliers", "Supplier", Supplier.class, Home.SHARED, Way.STAYS),
  PAINT("paints", "Paint", PaintProduct.class, Home.SHARED, Way.STAYS),
  SHEET("sheets", "Sheet", SheetProduct.class, Home.SHARED, Way.STAYS),
  FILM("films", "Film", FilmProduct.class, Home.SHARED, Way.STAYS),
  FILAMENT("filaments", "Filament", FilamentProduct.class, Home.SHARED, Way.STAYS),
  HARDWARE("hardware", "Hardware", HardwareProduct.class, Home.SHARED, Way.STAYS),
  ENCLOSURE_PRODUCT(
      "enclosure-products", "Enclosure", EnclosureProduct.class, Home.SHARED, Way.STAYS),
  LIGHT_PRODUCT("light-products", "Light strip", LightProduct.class, Home.SHARED, Way.STAYS),
  MACHINE("machines", "Machine", Machine.class, Home.SHARED, Way.STAYS),
  OFFCUT("offcuts", "Offcut", Offcut.class, Home.SHARED, Way.FREE),
  SUNDRY("sundries", "Small thing", Sundry.class, Home.WORKSHOP, Way.FREE),
  LAST_PAID("last-paid", "Paid for the shelf", LastPaid.class, Home.WORKSHOP, Way.FREE),
  OWN_DAY("own-days", "Hours of a day", OwnDay.class, Home.WORKSHOP, Way.BY_COMMAND),
  AIR("airs", "Air of a day", AirDay.class, Home.WORKSHOP, Way.FREE),
  TEST_CARD("test-cards", "Test card", TestCard.class, Home.SHARED, Way.FREE),
  RETIRED("retired", "Retired", Retired.class, Home.WORKSHOP, Way.FREE);

  /** Where a kind belongs. */
  public enum Home {
    /** A build's own. */
    BUILD,
    /** The workshop's, and it stays there. */
    WORKSHOP,
    /** The workshop's; goes along with the file of a build that uses it. */
    SHARED
  }

  /** How people change a kind of thing. */
  private enum Way {
    /** Entered, changed and taken out. */
    FREE,
    /** Entered and changed; what refers to it needs it. */
    STAYS,
    /** Made by something that is done, once and for all: another takes it back. */
    ADDED,
    /** Made by something that is done (a mark, a freeze), never typed; may be taken out. */
    BY_COMMAND
  }

  private static final Pattern DASHED = Pattern.compile("-([a-z])");

  private final String word;
  private final String noun;
  private final Class<? extends Thing> type;
  private final Home home;
  private final Way way;

  ThingKind(String word, String noun, Class<? extends Thing> type, Home home, Way way) {
    this.word = word;
    this.noun = noun;
    this.type = type;
    this.home = home;
    this.way = way;
  }

  /** Its word in addresses, in the plural: "outside-finishes". */
  public String word() {
    return word;
  }

  /** What a builder calls one of them, as a sentence begins. */
  public String noun() {
    return noun;
  }

  /** The name of the list of them: "outsideFinishes". */
  public String list() {
    return DASHED.matcher(word).replaceAll(found -> found.group(1).toUpperCase(Locale.ROOT));
  }

  public Class<? extends Thing> type() {
    return type;
  }

  /** Whether it belongs to a build rather than to the workshop. */
  public boolean ofBuild() {
    return home == Home.BUILD;
  }

  /** Whether it goes along with the file of a build that uses it. */
  public boolean shared() {
    return home == Home.SHARED;
  }

  /** Whether concepts differ in it. */
  public boolean ofDesign() {
    return Design.differs(type);
  }

  /** Whether people enter it field by field. */
  public boolean typed() {
    return way != Way.BY_COMMAND && way != Way.ADDED;
  }

  /** Whether it can be taken out. */
  public boolean removable() {
    return way != Way.STAYS && way != Way.ADDED;
  }

  /** Whether it is never changed or taken out once it is there. */
  public boolean onlyAdded() {
    return way == Way.ADDED;
  }

  /** The kind of a thing. */
  public static ThingKind of(Thing thing) {
    return of(thing.getClass());
  }

  /** The kind whose things are of this type. */
  public static ThingKind of(Class<? extends Thing> type) {
    return Stream.of(values())
        .filter(kind -> kind.type == type)
        .findFirst()
        .orElseThrow(() -> new IllegalArgumentException("No kind: " + type));
  }

  /** The kind behind a word of an address. */
  public static Optional<ThingKind> named(String word) {
    return Stream.of(values()).filter(kind -> kind.word.equals(word)).findFirst();
  }
}
