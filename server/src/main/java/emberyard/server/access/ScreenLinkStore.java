package emberyard.server.access;

import emberyard.core.units.Require;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Clock;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;

/**
 * Links that open one screen's page, or take a machine's values in, and nothing else. Only the
 * SHA-256 of their tokens is kept.
 */
@Component
public class ScreenLinkStore {
  private static final int MOST_OF_BUILD = 200;
  private static final String COLUMNS =
      "id, build_id, kind, canvas_id, pane_id, name, created_at, revoked_at IS NOT NULL";

  private final JdbcClient sql;
  private final Clock clock;

  ScreenLinkStore(JdbcClient sql, Clock clock) {
    this.sql = sql;
    this.clock = clock;
  }

  /** What a link can do. */
  public enum Kind {
    /** Shows one screen of one canvas. */
    SCREEN,
    /** Takes a machine's values in. */
    FEED
  }

  /**
   * A link as it is listed: never its token.
   *
   * @param canvasId of the canvas that it shows, empty for a feed; so is paneId
   * @param createdAt ISO instant
   */
  public record ScreenLink(
      String id,
      String buildId,
      Kind kind,
      String canvasId,
      String paneId,
      String name,
      String createdAt,
      boolean revoked) {}

  /** Makes a link and returns its token, which is shown once. */
  public String add(String buildId, Kind kind, String canvasId, String paneId, String name) {
    Require.text("name", name);
    long there = all(buildId).stream().filter(link -> !link.revoked()).count();
    Require.that(
        there < MOST_OF_BUILD, "name", "A build has 200 links at most: withdraw some first.");
    String token = Secrets.token();
    sql.sql(
            """
            INSERT INTO screen_link
              (id, build_id, kind, canvas_id, pane_id, name, token_hash, created_at)
            VALUES (?, ?, ?, ?, ?, ?, ?, ?)
            """)
        .params(
            UUID.randomUUID().toString(),
            buildId,
            kind.name(),
            canvasId,
            paneId,
            name,
            Secrets.hash(token),
            clock.instant().toString())
        .update();
    return token;
  }

  /** The link that a token opens, unless it was withdrawn or can do something else. */
  public Optional<ScreenLink> byToken(String token, Kind kind) {
    return sql.sql(
            "SELECT "
                + COLUMNS
                + " FROM screen_link WHERE token_hash = ? AND kind = ? AND revoked_at IS NULL")
        .params(Secrets.hash(token), kind.name())
        .query(ScreenLinkStore::link)
        .optional();
  }

  /** All of a build, those that were withdrawn too. */
  public List<ScreenLink> all(String buildId) {
    return sql.sql(
            "SELECT " + COLUMNS + " FROM screen_link WHERE build_id = ? ORDER BY created_at, id")
        .param(buildId)
        .query(ScreenLinkStore::link)
        .list();
  }

  /** Withdraws a link: from then on it opens nothing. */
  public void revoke(String buildId, String id) {
    sql.sql(
            "UPDATE screen_link SET revoked_at = ? WHERE id = ? AND build_id = ? AND revoked_at IS"
                + " NULL")
        .params(clock.instant().toString(), id, buildId)
        .update();
  }

  private static ScreenLink link(ResultSet row, int n) throws SQLException {
    return new ScreenLink(
        row.getString(1),
        row.getString(2),
        Kind.valueOf(row.getString(3)),
        row.getString(4),
        row.getString(5),
        row.getString(6),
        row.getString(7),
        row.getBoolean(8));
  }
}
