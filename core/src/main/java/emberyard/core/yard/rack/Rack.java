package emberyard.core.yard.rack;

import emberyard.core.build.Build;
import emberyard.core.finish.coat.CoatStep;
import emberyard.core.supply.NeedLine;
import emberyard.core.supply.ShelfPrices;
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
import org.jspecify.annotations.Nullable;

/**
 * The workshop's rack as it stands, against what all builds that are not revealed still want of it.
 *
 * @param things paints, sheets, films, filaments, then the drawers of small things
 * @param today the day of the workshop
 */
public record Rack(List<RackThing> things, LocalDate today) {
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
    private final ShelfPrices prices;
    private final Map<String, List<RackUser>> users = new HashMap<>();
    private final Map<String, Need> small = new LinkedHashMap<>();
    private final List<RackThing> things = new ArrayList<>();

    Reading(YardModel yard, WorkshopBook book, LocalDate today) {
      this.book = book;
      this.today = today;
      this.prices =
          ShelfPrices.of(book, yard.builds().values().stream().map(BuildModel::build).toList());
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
      return new Rack(things, today);
    }

    private void paint(PaintProduct paint) {
      boolean old =
          paint.openMl() > 0
              && paint.openedOn() != null
              && ChronoUnit.DAYS.between(paint.openedOn(), today) > OLD_DAYS;
      String key = "paint:" + paint.id();
      put(
          product("paints", key, paint.name(), paint.colourHex(), "cans")
              .unit("ml")
              .have(paint.onHandPacks() * paint.packMl() + paint.openMl())
              .opened(paint.openMl())
              .openedOn(paint.openedOn())
              .old(old),
          key,
          1,
          0);
    }

    private void sheet(SheetProduct sheet) {
      String key = "sheet:" + sheet.id();
      put(
          product("sheets", key, sheet.name(), sheet.colourHex(), "sheets")
              .unit("sheets")
              .have(sheet.onHandSheets())
              .widthMm(sheet.widthMm())
              .heightMm(sheet.heightMm()),
          key,
          1,
          0);
    }

    private void film(FilmProduct film) {
      String key = "film:" + film.id();
      put(
          product("films", key, film.name(), film.colourHex(), "m")
              .unit("m")
              .have(film.onHandMetres()),
          key,
          1,
          0);
    }

    private void filament(FilamentProduct spool) {
      String key = "filament:" + spool.id();
      put(
          product("filaments", key, spool.name(), spool.colourHex(), "spools")
              .unit("g")
              .have(spool.onHandGrams()),
          key,
          spool.gramsPerSpool(),
          0);
    }

    private void drawer(Need need) {
      Sundry drawer =
          book.sundries().stream().filter(each -> each.fills(need.key())).findFirst().orElse(null);
      if (drawer != null) {
        drawer(drawer, need);
      } else {
        String key = Sundry.keyOf(need.key());
        String name = need.title().replaceFirst(":.*", "");
        put(thing("sundries", key, name, "").unit(need.unit()), key, 1, 0);
      }
    }

    private void drawer(Sundry drawer, @Nullable Need need) {
      put(
          thing("sundries", drawer.id(), drawer.name(), "")
              .unit(drawer.unit())
              .have(drawer.onHand()),
          drawer.needKey(),
          need == null ? 1 : drawer.packQuantity(),
          drawer.lowBelow());
    }

    /** A product with what was last paid for one of it. */
    private RackThingBuilder product(
        String kind, String needKey, String name, String colourHex, String unit) {
      RackThingBuilder thing =
          thing(kind, needKey.substring(needKey.indexOf(':') + 1), name, colourHex);
      prices
          .lastPaid(needKey, unit)
          .ifPresent(paid -> thing.paidMinor(paid.minor()).paidOn(paid.on()));
      return thing;
    }

    private static RackThingBuilder thing(String kind, String id, String name, String colourHex) {
      return RackThingBuilder.builder().kind(kind).id(id).name(name).colourHex(colourHex);
    }

    /**
     * @param perPack needs count in packs or spools of so much
     */
    private void put(RackThingBuilder thing, String needKey, double perPack, double lowBelow) {
      List<RackUser> who =
          users.getOrDefault(needKey, List.of()).stream()
              .map(
                  user ->
                      new RackUser(
                          user.buildId(),
                          user.buildName(),
                          user.needKey(),
                          user.quantity() * perPack,
                          user.coming() * perPack))
              .toList();
      double wanted = who.stream().mapToDouble(RackUser::quantity).sum();
      double comes = who.stream().mapToDouble(RackUser::coming).sum();
      double missing = Math.max(0, wanted - comes - thing.have());
      boolean idle = thing.have() <= 0 && wanted <= 0;
      if (!idle || !book.isRetired(thing.kind(), thing.id())) {
        double left = thing.have() - Math.max(0, wanted - comes);
        things.add(
            thing
                .wanted(wanted)
                .coming(comes)
                .missing(missing > NOTHING ? missing : 0)
                .low(lowBelow > 0 && left < lowBelow)
                .users(who)
                .build());
      }
    }
  }
}
