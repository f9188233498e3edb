package emberyard.server.api;

import emberyard.core.build.Brief;
import emberyard.core.kind.ThingKind;
import emberyard.core.thing.Thing;
import emberyard.core.units.InvalidValue;
import emberyard.server.access.Account;
import emberyard.server.refusal.Refused;
import emberyard.server.store.HistoryStore;
import emberyard.server.store.ThingJson;
import emberyard.server.store.ThingStore;
import emberyard.server.store.Versioned;
import emberyard.server.store.Write;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Component;
import tools.jackson.databind.JsonNode;

/** What all controllers do with one thing: check its id, its version and who sends it; store it. */
@Component
public class ThingApi {
  private final ThingStore store;
  private final ThingJson json;
  private final HistoryStore history;
  private final ActOfRequest act;

  ThingApi(ThingStore store, ThingJson json, HistoryStore history, ActOfRequest act) {
    this.act = act;
    this.store = store;
    this.json = json;
    this.history = history;
  }

  /**
   * Creates or changes a thing of a build.
   *
   * @param ifMatch version it was read at, as {@code "7"}; null to create it, which may be repeated
   */
  @SuppressWarnings("unchecked")
  public <T extends Thing> Versioned<T> put(
      Account who, @Nullable String buildId, String id, T value, @Nullable String ifMatch) {
    if (!value.id().equals(id)) {
      throw new InvalidValue("id", "The id in the body is not the one in the address.");
    }
    if (buildId != null) {
      store.get(Brief.class, buildId);
    }
    T wanted = who.owner() ? value : withStoredAmounts(value, id, json.tree(value));
    Write write =
        new Write(
            ThingKind.of(wanted),
            id,
            buildId,
            wanted,
            ifMatch == null ? Write.NEW : version(ifMatch));
    store.apply(who.id(), act.id(), List.of(write));
    // what others changed meanwhile may have been laid together with it
    return store.get((Class<T>) wanted.getClass(), id);
  }

  /**
   * Removes a thing; undo brings it back.
   *
   * @param ifMatch version it was read at; null to remove it whatever it is by now
   */
  public void remove(
      Account who, @Nullable String buildId, ThingKind kind, String id, @Nullable String ifMatch) {
    long expected = ifMatch == null ? Write.ANY : version(ifMatch);
    store.apply(who.id(), act.id(), List.of(new Write(kind, id, buildId, null, expected)));
  }

  @SuppressWarnings("unchecked")
  private <T extends Thing> T withStoredAmounts(T value, String id, JsonNode tree) {
    Class<T> type = (Class<T>) value.getClass();
    ThingKind kind = ThingKind.of(value);
    Optional<JsonNode> stored =
        store
            .find(type, id)
            .map(kept -> json.tree(kept.value()))
            // taken out and put in again by somebody who sees no price: it keeps its price
            .or(() -> history.last(kind, id).map(body -> json.read(body, JsonNode.class)));
    stored.ifPresent(kept -> MoneyVeil.restore(tree, kept));
    return stored.isPresent() ? json.read(tree, type) : value;
  }

  private static long version(String ifMatch) {
    String digits = ifMatch.replace("\"", "").trim();
    if (!digits.matches("[1-9]\\d{0,17}")) {
      throw new Refused(HttpStatus.BAD_REQUEST, "If-Match carries the version, like \"7\".");
    }
    return Long.parseLong(digits);
  }
}
