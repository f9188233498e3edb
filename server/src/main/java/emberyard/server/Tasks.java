package emberyard.server;

import emberyard.server.access.PasswordReset;
import emberyard.server.store.Backup;
import emberyard.server.store.DataFolder;
import emberyard.server.store.DataForm;
import emberyard.server.store.OwnOnly;
import emberyard.server.store.Restore;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.channels.FileLock;
import java.nio.file.FileAlreadyExistsException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.time.Clock;

/** What the program does on a data folder instead of serving it. */
record Tasks(DataFolder folder) {
  static final String RUNNING = "An Ember Yard is running on %s: stop it first.";

  /**
   * Carries a task out.
   *
   * @return what to print
   * @throws CommandLine.End with 2 and the reason when it can't be done
   */
  String carryOut(CommandLine.Task task) throws IOException, CommandLine.End {
    return switch (task.name()) {
      case "backup" -> backup(Path.of(task.value()));
      case "restore" -> restore(Path.of(task.value()));
      default -> resetPassword(task.value());
    };
  }

  private String backup(Path target) throws IOException, CommandLine.End {
    needData();
    try (OutputStream zip = Files.newOutputStream(target, StandardOpenOption.CREATE_NEW)) {
      OwnOnly.close(target);
      int files = new Backup(folder).writeTo(zip);
      return "Written: %s, with %d pictures and meshes.".formatted(target.toAbsolutePath(), files);
    } catch (FileAlreadyExistsException there) {
      throw new CommandLine.End(2, target.toAbsolutePath() + " is there already.");
    }
  }

  private String restore(Path copy) throws IOException, CommandLine.End {
    if (!Files.isRegularFile(copy)) {
      throw new CommandLine.End(2, "There is no file " + copy.toAbsolutePath() + ".");
    }
    folder.make();
    FileLock taken =
        folder.take().orElseThrow(() -> new CommandLine.End(2, RUNNING.formatted(folder.root())));
    try {
      new Restore(folder, DataForm.newest(), Clock.systemUTC()).from(copy);
      return "Put back into %s. What was there lies in %s."
          .formatted(folder.root().toAbsolutePath(), folder.copies().toAbsolutePath());
    } catch (Restore.Unfit unfit) {
      throw new CommandLine.End(2, unfit.getMessage());
    } finally {
      taken.acquiredBy().close();
    }
  }

  private String resetPassword(String name) throws IOException, CommandLine.End {
    needData();
    String password =
        PasswordReset.of(folder.database(), name)
            .orElseThrow(() -> new CommandLine.End(2, "Nobody called “" + name + "” can sign in."));
    return "%s signs in with  %s  from now on. Change it on the Workshop page."
        .formatted(name, password);
  }

  private void needData() throws IOException, CommandLine.End {
    if (!folder.holdsData()) {
      throw new CommandLine.End(2, "There is no workshop in " + folder.root().toAbsolutePath());
    }
  }
}
