package emberyard.core.build;

import java.util.List;
import java.util.Optional;

/**
 * One commission: the design that people entered, and the record of what happened. Everything else
 * is derived from it.
 */
public record Build(
    Brief brief,
    Concept concept,
    List<Requirement> requirements,
    List<Component> components,
    List<Panel> panels,
    List<Scheme> schemes,
    List<Screen> screens,
    List<LightStrip> strips,
    List<ManualTask> manualTasks,
    List<OrderLine> orders,
    List<TimeEntry> times,
    List<TaskMark> marks,
    List<JobNote> notes,
    List<Photo> photos,
    List<Acceptance> acceptances,
    List<FaceItem> items,
    List<Remark> remarks,
    List<ConceptOption> options,
    List<Snapshot> snapshots,
    List<ChangeOrder> changeOrders,
    List<Enclosure> enclosures,
    List<Loop> loops,
    List<Worksheet> worksheets,
    List<Joint> joints,
    List<PrintPart> prints,
    List<SheetLayout> layouts,
    List<Treatment> treatments,
    List<OutsideFinish> outsideFinishes,
    List<PaintFault> faults) {
  public Build {
    requirements = List.copyOf(requirements);
    components = List.copyOf(components);
    panels = List.copyOf(panels);
    schemes = List.copyOf(schemes);
    screens = List.copyOf(screens);
    strips = List.copyOf(strips);
    manualTasks = List.copyOf(manualTasks);
    orders = List.copyOf(orders);
    times = List.copyOf(times);
    marks = List.copyOf(marks);
    notes = List.copyOf(notes);
    photos = List.copyOf(photos);
    acceptances = List.copyOf(acceptances);
    items = List.copyOf(items);
    remarks = List.copyOf(remarks);
    options = List.copyOf(options);
    snapshots = List.copyOf(snapshots);
    changeOrders = List.copyOf(changeOrders);
    enclosures = List.copyOf(enclosures);
    loops = List.copyOf(loops);
    worksheets = List.copyOf(worksheets);
    joints = List.copyOf(joints);
    prints = List.copyOf(prints);
    layouts = List.copyOf(layouts);
    treatments = List.copyOf(treatments);
    outsideFinishes = List.copyOf(outsideFinishes);
    faults = List.copyOf(faults);
  }

  /** A build with a brief and an open concept, nothing else. */
  public static Build begun(Brief brief, Concept concept) {
    return new Build(
        brief, concept, List.of(), List.of(), List.of(), List.of(), List.of(), List.of(), List.of(),
        List.of(), List.of(), List.of(), List.of(), List.of(), List.of(), List.of(), List.of(),
        List.of(), List.of(), List.of(), List.of(), List.of(), List.of(), List.of(), List.of(),
        List.of(), List.of(), List.of(), List.of());
  }

  /** What a concept can differ in, as it is now. */
  public Design design() {
    return new Design(
        concept.look(),
        items,
        components,
        panels,
        schemes,
        screens,
        strips,
        enclosures,
        loops,
        worksheets,
        joints,
        prints,
        treatments,
        outsideFinishes);
  }

  /** The same build with another design on the table. */
  public Build with(Design other) {
    return new Build(
        brief,
        concept.with(other.look()),
        requirements,
        other.components(),
        other.panels(),
        other.schemes(),
        other.screens(),
        other.strips(),
        manualTasks,
        orders,
        times,
        marks,
        notes,
        photos,
        acceptances,
        other.items(),
        remarks,
        options,
        snapshots,
        changeOrders,
        other.enclosures(),
        other.loops(),
        other.worksheets(),
        other.joints(),
        other.prints(),
        layouts,
        other.treatments(),
        other.outsideFinishes(),
        faults);
  }

  /** The same build with these requirements only. */
  public Build asking(List<Requirement> wanted) {
    return new Build(
        brief,
        concept,
        wanted,
        components,
        panels,
        schemes,
        screens,
        strips,
        manualTasks,
        orders,
        times,
        marks,
        notes,
        photos,
        acceptances,
        items,
        remarks,
        options,
        snapshots,
        changeOrders,
        enclosures,
        loops,
        worksheets,
        joints,
        prints,
        layouts,
        treatments,
        outsideFinishes,
        faults);
  }

  /** The same build with these sheets laid out. */
  public Build laidOut(List<SheetLayout> sheets) {
    return new Build(
        brief,
        concept,
        requirements,
        components,
        panels,
        schemes,
        screens,
        strips,
        manualTasks,
        orders,
        times,
        marks,
        notes,
        photos,
        acceptances,
        items,
        remarks,
        options,
        snapshots,
        changeOrders,
        enclosures,
        loops,
        worksheets,
        joints,
        prints,
        sheets,
        treatments,
        outsideFinishes,
        faults);
  }

  public String id() {
    return brief.id();
  }

  public Optional<Component> component(String componentId) {
    return components.stream().filter(each -> each.id().equals(componentId)).findFirst();
  }

  public Optional<Panel> panel(String panelId) {
    return panels.stream().filter(panel -> panel.id().equals(panelId)).findFirst();
  }

  /** Whether a need with this key is neither wrong nor cancelled but on its way or here. */
  public Optional<OrderLine> liveOrder(String needKey) {
    return orders.stream()
        .filter(line -> line.needKey().equals(needKey))
        .filter(
            line ->
                line.state() != OrderLine.State.CANCELLED && line.state() != OrderLine.State.WRONG)
        .findFirst();
  }
}
