package emberyard.server.api;

import emberyard.core.kind.ThingKind;
import emberyard.core.thing.Thing;
import emberyard.server.access.Account;
import emberyard.server.refusal.Refused;
import emberyard.server.store.MissingThing;
import emberyard.server.store.Versioned;
import io.swagger.v3.oas.annotations.Hidden;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RestController;
import tools.jackson.databind.json.JsonMapper;

/**
 * Things of every kind: entered, changed and taken out, all in the same way; undo brings back. What
 * a kind needs besides (a concept keeps what was frozen, hours name who worked) has a mapping of
 * its own beside this one. {@link OpenApiThings} writes out each kind.
 */
@RestController
class ThingController {
  private static final String OF_BUILD = "/api/builds/{buildId}/{kind}/{id}";
  private static final String OF_WORKSHOP = "/api/workshop/{kind}/{id}";

  private final ThingApi things;
  private final JsonMapper mapper;

  ThingController(ThingApi things, JsonMapper mapper) {
    this.things = things;
    this.mapper = mapper;
  }

  @Hidden
  @PutMapping(path = OF_BUILD, consumes = MediaType.APPLICATION_JSON_VALUE)
  Versioned<Thing> put(
      @AuthenticationPrincipal Account who,
      @PathVariable String buildId,
      @PathVariable String kind,
      @PathVariable String id,
      @RequestHeader(name = "If-Match", required = false) @Nullable String ifMatch,
      @RequestBody byte[] body) {
    return things.put(who, buildId, id, read(kind, true, body), ifMatch);
  }

  @Hidden
  @PutMapping(path = OF_WORKSHOP, consumes = MediaType.APPLICATION_JSON_VALUE)
  Versioned<Thing> put(
      @AuthenticationPrincipal Account who,
      @PathVariable String kind,
      @PathVariable String id,
      @RequestHeader(name = "If-Match", required = false) @Nullable String ifMatch,
      @RequestBody byte[] body) {
    return things.put(who, null, id, read(kind, false, body), ifMatch);
  }

  @DeleteMapping(OF_BUILD)
  void remove(
      @AuthenticationPrincipal Account who,
      @PathVariable String buildId,
      @PathVariable String kind,
      @PathVariable String id,
      @RequestHeader(name = "If-Match", required = false) @Nullable String ifMatch) {
    things.remove(who, buildId, removable(kind, true), id, ifMatch);
  }

  @Hidden
  @DeleteMapping(OF_WORKSHOP)
  void remove(
      @AuthenticationPrincipal Account who,
      @PathVariable String kind,
      @PathVariable String id,
      @RequestHeader(name = "If-Match", required = false) @Nullable String ifMatch) {
    things.remove(who, null, removable(kind, false), id, ifMatch);
  }

  private Thing read(String word, boolean ofBuild, byte[] body) {
    ThingKind kind = kind(word, ofBuild);
    if (!kind.typed()) {
      throw new Refused(
          HttpStatus.METHOD_NOT_ALLOWED,
          "%s: such a thing comes of what is done, it isn't typed.".formatted(kind.noun()));
    }
    Thing thing = mapper.readValue(body, kind.type());
    if (thing == null) {
      throw new Refused(HttpStatus.BAD_REQUEST, "The body is missing or is not JSON.");
    }
    return thing;
  }

  private static ThingKind removable(String word, boolean ofBuild) {
    ThingKind kind = kind(word, ofBuild);
    if (!kind.removable()) {
      throw new Refused(
          HttpStatus.CONFLICT,
          "A %s can't be without its %s.".formatted(ofBuild ? "build" : "workshop", word));
    }
    return kind;
  }

  private static ThingKind kind(String word, boolean ofBuild) {
    ThingKind kind = MissingThing.kindNamed(word);
    if (kind.ofBuild() != ofBuild) {
      throw new MissingThing("There are no “" + word + "” here.");
    }
    return kind;
  }
}
