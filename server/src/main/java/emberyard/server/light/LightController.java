package emberyard.server.light;

import emberyard.core.build.Build;
import emberyard.core.kind.ThingKind;
import emberyard.core.light.wire.Joins;
import emberyard.core.light.wire.WiringWork;
import emberyard.core.thing.Thing;
import emberyard.core.units.InvalidValue;
import emberyard.core.yard.BuildWiring;
import emberyard.server.access.Account;
import emberyard.server.store.MissingThing;
import emberyard.server.store.ThingStore;
import emberyard.server.store.Write;
import emberyard.server.yard.YardReader;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** What feeds what in a build. */
@RestController
@RequestMapping("/api/builds/{buildId}/light")
class LightController {
  private final ThingStore store;
  private final YardReader yard;

  LightController(ThingStore store, YardReader yard) {
    this.store = store;
    this.yard = yard;
  }

  /** A change that is offered, by its words. */
  record TakenChange(String words) {}

  /** What one end may be joined to, each solved: a thing to sockets, or a socket to things. */
  @GetMapping("/joins")
  Joins joins(@PathVariable String buildId, @RequestParam String end) {
    return wiring(buildId).joins(end).orElseThrow(() -> new MissingThing("That end is gone."));
  }

  /** Makes a change that has everything lit, as one step of undo. */
  @PostMapping("/change")
  void change(
      @AuthenticationPrincipal Account who,
      @PathVariable String buildId,
      @RequestBody TakenChange taken) {
    Build now = yard.read().build(buildId).build();
    Build then =
        wiring(buildId)
            .changed(taken.words())
            .orElseThrow(
                () ->
                    new InvalidValue(
                        "words", "That change is offered no more: the build is another by now."));
    store.apply(who.id(), differences(now, then));
  }

  private WiringWork wiring(String buildId) {
    YardReader.Reading reading = yard.read();
    return BuildWiring.of(reading.build(buildId).build(), reading.book());
  }

  /** What turns one build into the other. */
  private static List<Write> differences(Build now, Build then) {
    List<Write> writes = new ArrayList<>();
    Stream.of(ThingKind.values())
        .filter(ThingKind::ofDesign)
        .forEach(
            kind -> {
              List<? extends Thing> wanted = then.things().of(kind.type());
              List<? extends Thing> there = now.things().of(kind.type());
              there.stream()
                  .map(Thing::id)
                  .filter(id -> then.things().find(kind.type(), id).isEmpty())
                  .forEach(id -> writes.add(Write.remove(kind, now.id(), id)));
              wanted.stream()
                  .filter(thing -> !there.contains(thing))
                  .forEach(thing -> writes.add(Write.overwrite(now.id(), thing)));
            });
    return writes;
  }
}
