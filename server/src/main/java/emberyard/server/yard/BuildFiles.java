package emberyard.server.yard;

import emberyard.core.build.Brief;
import emberyard.core.build.Build;
import emberyard.core.build.PrintPart;
import emberyard.core.kind.ThingKind;
import emberyard.core.record.Photo;
import emberyard.core.thing.Thing;
import emberyard.core.units.InvalidValue;
import emberyard.server.access.Account;
import emberyard.server.files.MeshFiles;
import emberyard.server.files.PictureFiles;
import emberyard.server.refusal.Refused;
import emberyard.server.store.MissingThing;
import emberyard.server.store.Row;
import emberyard.server.store.ThingJson;
import emberyard.server.store.ThingStore;
import emberyard.server.store.Unreadable;
import emberyard.server.store.Write;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.util.ArrayList;
import java.util.Base64;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.UUID;
import java.util.function.Predicate;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Component;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/**
 * Writes a build into one file and reads it again; what comes in is checked whole before it is
 * kept.
 */
@Component
public class BuildFiles {
  private static final int MOST_BYTES = 40_000_000;

  private final ThingStore store;
  private final ThingJson json;

  /** Reads as bodies of requests are read: no days and characters that nothing can hold. */
  private final JsonMapper strict;

  private final PictureFiles files;
  private final MeshFiles meshes;

  BuildFiles(
      ThingStore store, ThingJson json, JsonMapper strict, PictureFiles files, MeshFiles meshes) {
    this.strict = strict;
    this.meshes = meshes;
    this.store = store;
    this.json = json;
    this.files = files;
  }

  /** The build that came in. */
  public record ImportedBuild(String id, String name, int things) {}

  BuildFile write(String buildId) throws IOException {
    store.get(Brief.class, buildId);
    List<BuildFile.Entry> things = new ArrayList<>();
    List<BuildFile.Entry> shared = new ArrayList<>();
    Map<String, String> pictures = new TreeMap<>();
    Map<String, String> stl = new TreeMap<>();
    for (Row row : store.all()) {
      if (buildId.equals(row.buildId())) {
        things.add(entry(row));
        if (row.value() instanceof Photo photo) {
          pictures.put(photo.sha256(), inBase64(photo));
        }
        if (row.value() instanceof Unreadable unreadable) {
          throw new Refused(
              HttpStatus.CONFLICT,
              "“%s” can't be written out: %s".formatted(unreadable.name(), unreadable.reason()));
        }
        if (row.value() instanceof PrintPart print && print.planned() == null) {
          stl.put(print.sha256(), meshes.inBase64(print.sha256()));
        }
      } else if (row.kind().shared() && !(row.value() instanceof Unreadable)) {
        shared.add(entry(row));
      }
    }
    return new BuildFile(
        BuildFile.FORMAT, BuildFile.VERSION, things, usedBy(things, shared), pictures, stl);
  }

  private String inBase64(Photo photo) throws IOException {
    return Base64.getEncoder().encodeToString(Files.readAllBytes(files.find(photo.sha256())));
  }

  /** Things of the workshop that the build names, and what those name. */
  private static List<BuildFile.Entry> usedBy(
      List<BuildFile.Entry> things, List<BuildFile.Entry> shared) {
    Set<String> named = new HashSet<>(BuildCopy.named(things));
    named.addAll(BuildCopy.named(shared.stream().filter(uses(named)).toList()));
    return shared.stream().filter(uses(named)).toList();
  }

  /** A test card is named by its paint. */
  private static Predicate<BuildFile.Entry> uses(Set<String> named) {
    return entry ->
        named.contains(entry.value().path("id").asString())
            || named.contains(entry.value().path("paintId").asString("?"));
  }

  /** What becomes of a build that is here already. */
  public enum Existing {
    REPLACE,
    COPY
  }

  /**
   * Takes a build in, in one step that undo takes back; things of the workshop that are here
   * already stay as they are.
   *
   * @throws Refused 409 where the build is here already and nobody says what becomes of it
   */
  public ImportedBuild take(Account who, @Nullable Existing existing, InputStream stream)
      throws IOException {
    BuildFile file = read(stream);
    List<Thing> values = values(file);
    Brief brief = briefOf(values);
    boolean isHere = store.find(Brief.class, brief.id()).isPresent();
    if (isHere && existing == null) {
      throw new Refused(
          HttpStatus.CONFLICT,
          "“%s” is here already: replace it, or take a copy beside it.".formatted(brief.name()));
    }
    if (isHere && existing == Existing.COPY) {
      file = copied(file, brief);
      values = values(file);
      brief = briefOf(values);
    }
    List<Write> writes = new ArrayList<>();
    Set<String> here = new HashSet<>();
    for (Row row : store.all()) {
      here.add(row.kind() + "/" + row.id());
      if (brief.id().equals(row.buildId())) {
        writes.add(Write.remove(row.kind(), brief.id(), row.id()));
      }
    }
    writes.addAll(coming(file, values, here));
    store.apply(who.id(), writes);
    return new ImportedBuild(brief.id(), brief.name(), values.size());
  }

  /**
   * Sets up an empty folder with a workshop and its builds, in one step: they are worked out once,
   * together.
   */
  public void setUp(Account who, List<Thing> workshop, List<InputStream> builds)
      throws IOException {
    List<Write> writes = new ArrayList<>();
    Set<String> here = new HashSet<>();
    for (Thing thing : workshop) {
      writes.add(Write.overwrite(null, thing));
      here.add(ThingKind.of(thing) + "/" + thing.id());
    }
    for (InputStream stream : builds) {
      BuildFile file = read(stream);
      writes.addAll(coming(file, values(file), here));
    }
    store.apply(who.id(), writes);
  }

  /** What is written for a build; its pictures and meshes are kept. */
  private List<Write> coming(BuildFile file, List<Thing> values, Set<String> here)
      throws IOException {
    Build checked = YardReader.build(values);
    String id = briefOf(values).id();
    List<Write> writes = new ArrayList<>();
    values.forEach(value -> writes.add(Write.create(id, value)));
    addMissing(file, here, writes);
    keepPictures(file, checked);
    keepMeshes(file, checked);
    return writes;
  }

  private void addMissing(BuildFile file, Set<String> here, List<Write> writes) {
    for (int i = 0; i < file.uses().size(); i++) {
      BuildFile.Entry entry = file.uses().get(i);
      Thing value = value("uses", i, entry, false);
      String id = entry.value().path("id").asString();
      if (here.add(ThingKind.of(value) + "/" + id)) {
        writes.add(Write.create(null, value));
      }
    }
  }

  private List<Thing> values(BuildFile file) {
    List<Thing> values = new ArrayList<>();
    for (int i = 0; i < file.things().size(); i++) {
      values.add(value("things", i, file.things().get(i), true));
    }
    return values;
  }

  private static BuildFile copied(BuildFile file, Brief brief) {
    List<BuildFile.Entry> things =
        BuildCopy.of(file.things(), UUID.randomUUID().toString().substring(0, 18));
    for (BuildFile.Entry thing : things) {
      if (MissingThing.kindNamed(thing.kind()) == ThingKind.BRIEF) {
        ((ObjectNode) thing.value()).put("name", brief.name() + " (copy)");
      }
    }
    return new BuildFile(
        file.format(), file.version(), things, file.uses(), file.pictures(), file.meshes());
  }

  private BuildFile read(InputStream stream) throws IOException {
    byte[] bytes = stream.readNBytes(MOST_BYTES + 1);
    if (bytes.length > MOST_BYTES) {
      throw tooLarge();
    }
    try {
      BuildFile file = json.read(new String(bytes, StandardCharsets.UTF_8), BuildFile.class);
      if (!BuildFile.FORMAT.equals(file.format()) || file.things() == null) {
        throw foreign();
      }
      if (file.version() > BuildFile.VERSION) {
        throw new InvalidValue(
            "version", "This file was written by a newer Ember Yard; update this one first.");
      }
      return new BuildFile(
          file.format(),
          file.version(),
          present(file),
          file.uses() == null ? List.of() : file.uses(),
          file.pictures() == null ? Map.of() : file.pictures(),
          file.meshes() == null ? Map.of() : file.meshes());
    } catch (JacksonException unreadable) {
      throw foreign();
    }
  }

  private static List<BuildFile.Entry> present(BuildFile file) {
    List<BuildFile.Entry> things =
        file.version() < 2 ? FirstForm.brought(file.things()) : file.things();
    return file.version() < 7 ? OldPayments.brought(things) : things;
  }

  private Thing value(String list, int index, BuildFile.Entry entry, boolean ofBuild) {
    if (entry == null) {
      throw foreign();
    }
    ThingKind kind = MissingThing.kindNamed(String.valueOf(entry.kind()));
    if (kind.ofBuild() != ofBuild || entry.value() == null) {
      throw foreign();
    }
    try {
      return strict.treeToValue(json.brought(entry.value()), kind.type());
    } catch (JacksonException unreadable) {
      throw unreadable
          .prependPath(entry, "value")
          .prependPath(List.of(), index)
          .prependPath(entry, list);
    }
  }

  private static Brief briefOf(List<Thing> values) {
    List<Brief> briefs =
        values.stream().filter(Brief.class::isInstance).map(Brief.class::cast).toList();
    if (briefs.size() != 1) {
      throw new InvalidValue(
          "things", "A build file holds one brief; this one holds %d.".formatted(briefs.size()));
    }
    return briefs.get(0);
  }

  private void keepMeshes(BuildFile file, Build build) throws IOException {
    for (PrintPart print : build.prints()) {
      if (print.planned() != null) {
        continue;
      }
      String data = file.meshes().get(print.sha256());
      if (data != null) {
        meshes.keepAs(print.sha256(), data);
      } else if (!meshes.has(print.sha256())) {
        throw new InvalidValue("meshes", "The file is cut off: a mesh is missing.");
      }
    }
  }

  private void keepPictures(BuildFile file, Build build) throws IOException {
    for (Photo photo : build.photos()) {
      String data = file.pictures().get(photo.sha256());
      if (data == null) {
        throw new InvalidValue("pictures", "The file is cut off: a picture is missing.");
      }
      try {
        files.keepAs(photo.sha256(), Base64.getDecoder().decode(data));
      } catch (IllegalArgumentException unreadable) {
        throw new InvalidValue("pictures", "A picture in the file is damaged.");
      }
    }
  }

  private BuildFile.Entry entry(Row row) {
    return new BuildFile.Entry(row.kind().word(), json.tree(row.value()));
  }

  private static InvalidValue foreign() {
    return new InvalidValue(
        "file",
        "This is not a build written by Ember Yard, or it is cut off. Nothing was changed.");
  }

  private static Refused tooLarge() {
    return new Refused(
        HttpStatus.CONTENT_TOO_LARGE, "The file is larger than 40 MB. Nothing was changed.");
  }
}
