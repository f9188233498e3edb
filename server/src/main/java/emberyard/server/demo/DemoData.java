package emberyard.server.demo;

import emberyard.core.thing.Thing;
import emberyard.server.access.Account;
import emberyard.server.access.AccountStore;
import emberyard.server.access.Role;
import emberyard.server.access.SessionStore;
import emberyard.server.files.MeshFiles;
import emberyard.server.workshop.StartingStock;
import emberyard.server.yard.BuildFiles;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.context.SmartLifecycle;
import org.springframework.stereotype.Component;
import tools.jackson.databind.json.JsonMapper;

/**
 * Fills an empty data folder with the workshop of the demo; its builds come in through the door
 * that every build file comes in by. All of it is there before anybody is let in.
 */
@Component
class DemoData implements SmartLifecycle {
  private static final String TOKEN = "printed by the demo";
  private static final String PASSWORD = "lantern-harbour";

  private final boolean wanted;
  private final AccountStore accounts;
  private final SessionStore sessions;
  private final Clock clock;
  private final MeshFiles meshes;
  private final BuildFiles builds;
  private final JsonMapper strict;
  private volatile boolean started;

  DemoData(
      @Value("${ember.demo}") boolean wanted,
      AccountStore accounts,
      SessionStore sessions,
      MeshFiles meshes,
      BuildFiles builds,
      JsonMapper strict,
      Clock clock) {
    this.builds = builds;
    this.strict = strict;
    this.meshes = meshes;
    this.wanted = wanted;
    this.accounts = accounts;
    this.sessions = sessions;
    this.clock = clock;
  }

  /** Before the web server, which comes in the phases below the default one. */
  @Override
  public int getPhase() {
    return 0;
  }

  @Override
  public void start() {
    started = true;
    if (!wanted) {
      return;
    }
    Optional<Account> owner = owner();
    if (owner.isEmpty()) {
      System.out.println("  The example's passwords were changed here.");
      return;
    }
    System.out.println("  sign in as  ines / " + PASSWORD + "   (owner)");
    System.out.println("              lotte / " + PASSWORD + "  (helper: sees no money)");
    System.out.println("  API token   " + token(owner.get()));
  }

  private Optional<Account> owner() {
    try {
      return accounts.empty() ? Optional.of(fill()) : accounts.check("ines", PASSWORD);
    } catch (IOException unreadable) {
      throw new UncheckedIOException(unreadable);
    }
  }

  @Override
  public void stop() {
    started = false;
  }

  @Override
  public boolean isRunning() {
    return started;
  }

  /** One for this start; those of earlier starts go. */
  private String token(Account owner) {
    sessions.tokens(owner).stream()
        .filter(token -> token.name().equals(TOKEN) && !token.revoked())
        .forEach(token -> sessions.revokeToken(owner, token.id()));
    return sessions.addToken(owner, TOKEN);
  }

  private Account fill() throws IOException {
    Account owner = accounts.add("ines", Role.OWNER, PASSWORD, "ines");
    accounts.add("lotte", Role.HELPER, PASSWORD, "lotte");
    DemoDays days = new DemoDays(clock.instant(), ZoneId.systemDefault());
    List<Thing> workshop =
        Stream.concat(StartingStock.all(), DemoFiles.workshop(days, strict)).toList();
    meshes.keep(DemoFiles.bollard());
    List<InputStream> files = new ArrayList<>();
    for (String build : DemoFiles.BUILDS) {
      byte[] file = DemoFiles.build(build, days).toString().getBytes(StandardCharsets.UTF_8);
      files.add(new ByteArrayInputStream(file));
    }
    builds.setUp(owner, workshop, files);
    return owner;
  }
}
