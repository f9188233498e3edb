package emberyard.server.api;

import emberyard.server.access.Account;
import emberyard.server.store.HistoryStore;
import emberyard.server.store.Kept;
import emberyard.server.store.ThingJson;
import emberyard.server.store.ThingKind;
import emberyard.server.store.ThingStore;
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

  ThingApi(ThingStore store, ThingJson json, HistoryStore history) {
    this.store = store;
    this.json = json;
    this.history = history;
  }

  /**
   * Creates or changes a thing of a build.
   *
   * @param ifMatch version it was read at, as {@code "7"}; null to create it, which may be repeated
   */
  public <T> Kept<T> put(
      Account who, @Nullable String buildId, String id, T value, @Nullable String ifMatch) {
    JsonNode tree = json.tree(value);
    if (!id(value).equals(id)) {
      throw new Refused(
          HttpStatus.BAD_REQUEST, "The id in the body is not the one in the address.");
    }
    if (buildId != null) {
      store.get(ThingKind.BRIEF, buildId, Object.class);
    }
    T wanted = who.owner() ? value : withStoredAmounts(value, id, tree);
    Write write =
        new Write(
            ThingKind.of(wanted),
            id,
            buildId,
            wanted,
            ifMatch == null ? Write.NEW : version(ifMatch));
    return new Kept<>(store.apply(who.id(), List.of(write)).get(0), wanted);
  }

  /** The id inside a thing. */
  public String id(Object value) {
    return json.tree(value).path("id").asString("");
  }

  /** Removes a thing; undo brings it back. */
  public void remove(Account who, @Nullable String buildId, ThingKind kind, String id) {
    store.apply(who.id(), List.of(Write.remove(kind, buildId, id)));
  }

  @SuppressWarnings("unchecked")
  private <T> T withStoredAmounts(T value, String id, JsonNode tree) {
    Class<T> type = (Class<T>) value.getClass();
    ThingKind kind = ThingKind.of(value);
    Optional<JsonNode> stored =
        store
            .find(kind, id, type)
            .map(kept -> json.tree(kept.value()))
            // taken out and put in again by somebody who sees no price: it keeps its price
            .or(() -> history.last(kind, id).map(body -> json.read(body, JsonNode.class)));
    stored.ifPresent(kept -> MoneyVeil.restore(tree, kept));
    return stored.isPresent() ? json.read(tree, type) : value;
  }

  private static long version(String ifMatch) {
    try {
      return Long.parseLong(ifMatch.replace("\"", "").trim());
    } catch (NumberFormatException unreadable) {
      throw new Refused(HttpStatus.BAD_REQUEST, "If-Match carries the version, like \"7\".");
    }
  }
}
