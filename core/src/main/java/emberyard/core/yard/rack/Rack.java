package emberyard.core.yard.rack;

import emberyard.core.build.Build;
import emberyard.core.finish.coat.CoatStep;
import emberyard.core.supply.NeedLine;
import emberyard.core.work.Need;
import emberyard.core.workshop.FilamentProduct;
import emberyard.core.workshop.FilmProduct;
import emberyard.core.workshop.PaintProduct;
import emberyard.core.workshop.SheetProduct;
import emberyard.core.workshop.Sundry;
import emberyard.core.workshop.WorkshopBook;
import emberyard.core.yard.BuildModel;
import emberyard.core.yard.YardModel;
import emberyard.core.yard.rack.RackThing.RackUser;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * The workshop's rack as it stands, against what all builds that are not revealed still want of it.
 *
 * @param things paints, sheets, films, filaments, then the drawers of small things
 */
public record Rack(List<RackThing> things) {
  /** An opened can of paint is old after so long; a default. */
  public static final int OLD_DAYS = 300;

  private static final List<String> SMALL = List.of("fixing:", "tape:", "abrasive:", "film:mask");
  private static final double NOTHING = 1e-6;

  public Rack {
    things = List.copyOf(things);
  }

  /** Retired products are left out where none lies there and nobody wants any. */
  public static Rack of(YardModel yard, WorkshopBook book, LocalDate today) {
    return new Reading(yard, book, today).rack();
  }

  /** What is still wanted, by key of the needs. */
  private static final class Reading {
    private final WorkshopBook book;
    private final LocalDate today;
    private final Map<String, List<RackUser>> users = new HashMap<>();
    private final Map<String, Need> small = new LinkedHashMap<>();
    private final List<RackThing> things = new ArrayList<>();

    Reading(YardModel yard, WorkshopBook book, LocalDate today) {
      this.book = book;
      this.today = today;
      yard.builds().values().stream()
          .filter(model -> model.build().brief().revealedOn() == null)
          .forEach(this::take);
    }

    private void take(BuildModel model) {
      Set<String> done =
          model.tasks().stream()
              .filter(task -> task.doneAt() != null)
              .map(task -> task.task().key())
              .collect(Collectors.toSet());
      for (NeedLine line : model.needs()) {
        Need need = line.need();
        String key = Sundry.keyOf(need.key());
        boolean wanted = !done.containsAll(need.neededBy()) || need.neededBy().isEmpty();
        double quantity = wanted ? still(model, need, done) : 0;
        if (quantity > NOTHING) {
          Build build = model.build();
          double ordered = Math.min(1, build.ordered(need) / need.quantity());
          users
              .computeIfAbsent(key, each -> new ArrayList<>())
              .add(
                  new RackUser(
                      build.id(), build.brief().name(), need.key(), quantity, quantity * ordered));
          if (SMALL.stream().anyMatch(need.key()::startsWith)) {
            small.putIfAbsent(key, need);
          }
        }
      }
    }

    /** Of paint what its coats that are not sprayed take, ml; of all else what is not used yet. */
    private double still(BuildModel model, Need need, Set<String> done) {
      if (!need.key().startsWith("paint:")) {
        return Math.max(0, need.quantity() - model.build().used(need));
      }
      String id = need.key().substring("paint:".length());
      return model.schemes().stream()
          .flatMap(plan -> plan.coats().stream())
          .filter(CoatStep::coat)
          .filter(coat -> coat.paint().id().equals(id) && !done.contains(coat.key()))
          .mapToDouble(CoatStep::ml)
          .sum();
    }

    Rack rack() {
      book.paints().forEach(this::paint);
      book.sheets().forEach(this::sheet);
      book.films().forEach(this::film);
      book.filaments().forEach(this::filament);
      small.values().forEach(this::drawer);
      book.sundries().stream()
          .filter(each -> !small.containsKey(each.needKey()))
          .forEach(each -> drawer(each, null));
      return new Rack(things);
    }

    private void paint(PaintProduct paint) {
      double have = paint.onHandPacks() * paint.packMl() + paint.openMl();
      boolean old =
          paint.openMl() > 0
              && paint.openedOn() != null
              && ChronoUnit.DAYS.between(paint.openedOn(), today) > OLD_DAYS;
      add("paints", paint.id(), "paint:" + paint.id(), paint.name(), paint.colourHex())
          .in("ml", have)
          .opened(paint.openMl(), paint.openedOn(), old)
          .put();
    }

    private void sheet(SheetProduct sheet) {
      add("sheets", sheet.id(), "sheet:" + sheet.id(), sheet.name(), sheet.colourHex())
          .in("sheets", sheet.onHandSheets())
          .size(sheet.widthMm(), sheet.heightMm())
          .put();
    }

    private void film(FilmProduct film) {
      add("films", film.id(), "film:" + film.id(), film.name(), film.colourHex())
          .in("m", film.onHandMetres())
          .put();
    }

    private void filament(FilamentProduct spool) {
      Entry entry =
          add("filaments", spool.id(), "filament:" + spool.id(), spool.name(), spool.colourHex());
      entry.times(spool.gramsPerSpool()).in("g", spool.onHandGrams()).put();
    }

    private void drawer(Need need) {
      Sundry drawer =
          book.sundries().stream().filter(each -> each.fills(need.key())).findFirst().orElse(null);
      if (drawer != null) {
        drawer(drawer, need);
      } else {
        String key = Sundry.keyOf(need.key());
        String name = need.title().replaceFirst(":.*", "");
        add("sundries", key, key, name, "").in(need.unit(), 0).put();
      }
    }

    private void drawer(Sundry drawer, Need need) {
      add("sundries", drawer.id(), drawer.needKey(), drawer.name(), "")
          .times(need == null ? 1 : drawer.packQuantity())
          .in(drawer.unit(), drawer.onHand())
          .lowBelow(drawer.lowBelow())
          .put();
    }

    private Entry add(String kind, String id, String needKey, String name, String colourHex) {
      return new Entry(kind, id, needKey, name, colourHex);
    }

    /** One thing, put together. */
    private final class Entry {
      private final String kind;
      private final String id;
      private final String needKey;
      private final String name;
      private final String colourHex;
      private double times = 1;
      private String unit = "";
      private double have;
      private double opened;
      private LocalDate openedOn;
      private boolean old;
      private double lowBelow;
      private Double widthMm;
      private Double heightMm;

      Entry(String kind, String id, String needKey, String name, String colourHex) {
        this.kind = kind;
        this.id = id;
        this.needKey = needKey;
        this.name = name;
        this.colourHex = colourHex;
      }

      /** Needs count in packs or spools of so much. */
      Entry times(double perPack) {
        times = perPack;
        return this;
      }

      Entry in(String of, double amount) {
        unit = of;
        have = amount;
        return this;
      }

      Entry opened(double amount, LocalDate on, boolean isOld) {
        opened = amount;
        openedOn = on;
        old = isOld;
        return this;
      }

      Entry lowBelow(double least) {
        lowBelow = least;
        return this;
      }

      Entry size(double width, double height) {
        widthMm = width;
        heightMm = height;
        return this;
      }

      void put() {
        List<RackUser> who =
            users.getOrDefault(needKey, List.of()).stream()
                .map(
                    user ->
                        new RackUser(
                            user.buildId(),
                            user.buildName(),
                            user.needKey(),
                            user.quantity() * times,
                            user.coming() * times))
                .toList();
        double wanted = who.stream().mapToDouble(RackUser::quantity).sum();
        double comes = who.stream().mapToDouble(RackUser::coming).sum();
        double missing = Math.max(0, wanted - comes - have);
        boolean idle = have <= 0 && wanted <= 0;
        if (idle && book.isRetired(kind, id)) {
          return;
        }
        double left = have - Math.max(0, wanted - comes);
        things.add(
            new RackThing(
                kind,
                id,
                name,
                colourHex,
                unit,
                have,
                opened,
                openedOn,
                wanted,
                comes,
                missing > NOTHING ? missing : 0,
                lowBelow > 0 && left < lowBelow,
                old,
                who,
                widthMm,
                heightMm));
      }
    }
  }
}
