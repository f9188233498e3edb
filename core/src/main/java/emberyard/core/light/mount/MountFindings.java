package emberyard.core.light.mount;

import emberyard.core.build.Build;
import emberyard.core.build.FaceItem;
import emberyard.core.build.MountWay;
import emberyard.core.build.PictureTurn;
import emberyard.core.build.Screen;
import emberyard.core.build.ScreenMount;
import emberyard.core.build.ScreenPlace;
import emberyard.core.finding.Finding;
import emberyard.core.finding.Remedy;
import emberyard.core.finding.Remedy.Change;
import emberyard.core.finding.Severity;
import emberyard.core.units.Figures;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Judgements on how screens are held, and which way up their picture is. */
public final class MountFindings {
  /** More than this never hangs on tape alone. Source: the handbook. */
  public static final double TAPE_ALONE_KG = 0.3;

  private final List<Finding> findings = new ArrayList<>();

  private MountFindings() {}

  public static List<Finding> of(Build build) {
    MountFindings all = new MountFindings();
    for (Screen screen : build.screens()) {
      Optional<FaceItem> at = ScreenPlace.item(build, screen);
      all.held(screen, at.isPresent());
      all.taped(screen, at.map(ScreenPlace::overhead).orElse(false));
      all.screwed(screen);
      all.opens(screen);
      all.turned(screen);
    }
    return all.findings;
  }

  private void add(
      Screen screen,
      Severity severity,
      String rule,
      String title,
      String detail,
      String why,
      Remedy... ways) {
    findings.add(
        Finding.of(severity, "light", "mount:" + screen.id() + "/" + rule, title, detail, why)
            .about(screen.id())
            .with(ways));
  }

  private static Remedy set(Screen screen, String words, String field, Enum<?> value) {
    return new Remedy(words, new Change("screens", screen.id(), "mount." + field, 0, value.name()));
  }

  /** Said once it has a place: before that nobody can know. */
  private void held(Screen screen, boolean placed) {
    if (placed && screen.mounted().held() == null) {
      List<Remedy> ways = new ArrayList<>();
      for (MountWay way : screen.fed().mounts()) {
        ways.add(set(screen, "With %s".formatted(way.words()), "held", way));
      }
      ways.add(Remedy.byHand("Say what holds it, under Screens"));
      add(
          screen,
          Severity.NOTE,
          "unheld",
          "Nobody has said what holds %s".formatted(screen.name()),
          "It has a place on a face.",
          "A bracket, a rail or screw holes have to be made before the paint.",
          ways.toArray(Remedy[]::new));
    }
  }

  private void taped(Screen screen, boolean overhead) {
    ScreenMount mount = screen.mounted();
    if (!mount.taped()) {
      return;
    }
    MountTape tape = MountTape.of(screen);
    if (screen.massKg() == 0) {
      add(
          screen,
          Severity.RISK,
          "tape-unweighed",
          "%s hangs on tape, and nobody has weighed it".formatted(screen.name()),
          "Foam tape is cut by mass.",
          "Too little tape lets go in the first warm week.",
          Remedy.byHand("Weigh it, and type its mass under Screens"));
    } else if (tape.areaCm2() > tape.backCm2()) {
      add(
          screen,
          Severity.STOP,
          "tape-area",
          "%s wants more tape than its back has room for".formatted(screen.name()),
          "%s; its back is %.0f cm².".formatted(tape.words(), tape.backCm2()),
          "Too little tape lets go in the first warm week.",
          Remedy.byHand("Hold it with screws, a wedge or a rail"));
    }
    if (mount.tapeAlone() && (overhead || screen.massKg() > TAPE_ALONE_KG)) {
      add(
          screen,
          Severity.STOP,
          "tape-alone",
          overhead
              ? "%s hangs overhead on tape alone".formatted(screen.name())
              : "%s weighs %s kg and hangs on tape alone"
                  .formatted(screen.name(), Figures.plain(screen.massKg())),
          overhead
              ? "Nothing hangs overhead on tape alone."
              : "%s kg is the most that tape alone holds.".formatted(Figures.plain(TAPE_ALONE_KG)),
          "It falls: glass, and what stands under it.",
          set(screen, "Wedge it besides", "besides", MountWay.WEDGE),
          set(screen, "Let a rail carry it besides", "besides", MountWay.RAIL),
          set(screen, "Screw it instead", "held", MountWay.SCREWS));
    }
  }

  /** What it is sold with, and whether its holes are known and lie on it. */
  private void screwed(Screen screen) {
    List<MountWay> sold = screen.fed().mounts();
    MountWay held = screen.mounted().held();
    Double wide = screen.fed().patternWideMm();
    Double high = screen.fed().patternHighMm();
    if (held != null && held != MountWay.TAPE && !sold.isEmpty() && !sold.contains(held)) {
      add(
          screen,
          Severity.RISK,
          "not-made-for",
          "%s is not made for %s".formatted(screen.name(), held.words()),
          "It is sold for %s."
              .formatted(String.join(", ", sold.stream().map(MountWay::words).toList())),
          "A frame for it has to be made, or glass and frame crack.",
          set(screen, "With %s".formatted(sold.get(0).words()), "held", sold.get(0)),
          Remedy.byHand("Make a frame that takes it"));
    } else if (screen.mounted().screwed() && (wide == null || high == null)) {
      add(
          screen,
          Severity.NOTE,
          "pattern",
          "Where the screw holes of %s are nobody has said".formatted(screen.name()),
          "Across and upwards between their middles.",
          "Holes drilled by eye don’t meet.",
          Remedy.byHand("Measure them, or trace its back"));
    } else if (screen.mounted().screwed()
        && (wide > screen.widthMm() || high > screen.heightMm())) {
      add(
          screen,
          Severity.RISK,
          "pattern",
          "The screw holes of %s would lie beside it".formatted(screen.name()),
          "%s × %s mm between them, its body is %s × %s mm."
              .formatted(
                  Figures.plain(wide),
                  Figures.plain(high),
                  Figures.plain(screen.widthMm()),
                  Figures.plain(screen.heightMm())),
          "One of the two was measured wrongly, or they stand on ears.",
          Remedy.byHand("Measure both again"));
    }
  }

  private void opens(Screen screen) {
    if (screen.mounted().on() == ScreenMount.On.OPENS) {
      add(
          screen,
          Severity.STOP,
          "opens",
          "%s hangs on %s".formatted(screen.name(), ScreenMount.On.OPENS.words()),
          "Its leads are pulled each time it opens, and its weight hangs on the hinge or the glass.",
          "Leads tear out of their plugs; glass breaks in somebody’s hands.",
          set(screen, "Hold it on the chassis", "on", ScreenMount.On.CHASSIS));
    }
  }

  private void turned(Screen screen) {
    ScreenMount.Standing stands = screen.mounted().turned();
    PictureTurn turns = screen.turns();
    if (stands == ScreenMount.Standing.UPRIGHT || (turns != null && turns.rights(stands))) {
      return;
    }
    add(
        screen,
        turns == null ? Severity.RISK : Severity.STOP,
        "turned",
        turns == null
            ? "Whether the picture of %s can be turned nobody knows".formatted(screen.name())
            : "The picture of %s is not upright".formatted(screen.name()),
        "It stands %s; software turns its picture by %s."
            .formatted(stands.words(), turns == null ? "nobody knows how much" : turns.words()),
        "It is seen at the reveal, and read with a bent neck.",
        set(screen, "Stand it upright", "turned", ScreenMount.Standing.UPRIGHT),
        Remedy.byHand("Draw its picture turned, where its program takes pictures of one’s own"));
  }
}
