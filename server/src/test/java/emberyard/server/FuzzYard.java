package emberyard.server;

import emberyard.core.kind.ThingKind;
import emberyard.core.thing.Thing;
import emberyard.server.files.MeshFiles;
import emberyard.server.store.ThingJson;
import emberyard.server.store.ThingStore;
import emberyard.server.store.Write;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import org.springframework.boot.builder.SpringApplicationBuilder;
import org.springframework.boot.web.server.context.WebServerApplicationContext;
import org.springframework.context.ConfigurableApplicationContext;

/**
 * A small workshop with one build, which holds a thing or two of every kind, taken from the demo.
 */
final class FuzzYard implements AutoCloseable {
  static final String BUILD = "night-pilotage";
  private static final int OF_A_KIND = 2;
  private final ConfigurableApplicationContext application;
  private final Map<ThingKind, List<DemoYard.Stored>> things = new EnumMap<>(ThingKind.class);
  private final Map<String, Long> versions = new TreeMap<>();
  final Client owner;

  FuzzYard() {
    try {
      Path data = Files.createTempDirectory("ember-yard-fuzz");
      application =
          new SpringApplicationBuilder(EmberYardApplication.class)
              .run("--data=" + data, "--port=0", "--copies=0", "--clock=2026-03-03T09:05");
    } catch (IOException impossible) {
      throw new UncheckedIOException(impossible);
    }
    owner = new Client(((WebServerApplicationContext) application).getWebServer().getPort());
    TestYard.setUp(owner);
    fill();
    readVersions();
  }

  @Override
  public void close() {
    application.close();
  }

  /** Each kind with its things, the longest first. */
  Map<ThingKind, List<DemoYard.Stored>> things() {
    return things;
  }

  /** The version of each thing as {@code If-Match}. */
  Map<String, Long> versions() {
    return versions;
  }

  /** All versions anew: an import writes every thing. */
  void readVersions() {
    versions.clear();
    for (String path : List.of("/api/workshop", "/api/builds/" + BUILD)) {
      owner
          .get(path)
          .expect(200)
          .json()
          .path("versions")
          .properties()
          .forEach(each -> versions.put(each.getKey(), each.getValue().asLong()));
    }
  }

  private void fill() {
    ThingJson json = application.getBean(ThingJson.class);
    List<Write> writes = new ArrayList<>();
    for (ThingKind kind : ThingKind.values()) {
      List<DemoYard.Stored> few =
          DemoYard.things().stream()
              .filter(thing -> thing.kind() == kind)
              .filter(thing -> !alone(kind) || thing.build().equals(BUILD))
              .sorted(Comparator.comparingInt(thing -> -thing.body().length()))
              .limit(OF_A_KIND)
              .toList();
      things.put(kind, few);
      String build = kind.ofBuild() ? BUILD : null;
      for (DemoYard.Stored thing : few) {
        Thing value = json.read(thing.body(), kind.type());
        writes.add(new Write(kind, thing.id(), build, value, Write.ANY));
      }
    }
    for (DemoYard.Stored print : things.get(ThingKind.PRINT)) {
      String sha256 = print.json().path("sha256").asString();
      try {
        application
            .getBean(MeshFiles.class)
            .keepAs(sha256, DemoYard.bean(MeshFiles.class).inBase64(sha256));
      } catch (IOException impossible) {
        throw new UncheckedIOException(impossible);
      }
    }
    String who = owner.get("/api/session").json().path("account").path("id").asString();
    application.getBean(ThingStore.class).apply(who, writes);
  }

  private static boolean alone(ThingKind kind) {
    return kind == ThingKind.BRIEF || kind == ThingKind.CONCEPT || kind == ThingKind.PRINT;
  }
}
