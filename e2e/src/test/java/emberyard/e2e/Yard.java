package emberyard.e2e;

import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.BrowserType;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Playwright;
import com.microsoft.playwright.assertions.PlaywrightAssertions;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.ReducedMotion;
import java.io.IOException;
import java.net.HttpURLConnection;
import java.net.ServerSocket;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;

/** The packaged jar on a fresh data folder, and a headless Chromium in front of it. */
final class Yard implements AutoCloseable {
  static final String PASSWORD = "lantern-harbour";
  private static final List<String> QUIET =
      List.of(
          "--no-sandbox",
          "--disable-background-networking",
          "--disable-component-update",
          "--disable-sync",
          "--disable-quic",
          "--no-first-run");

  private static final Path APP = Path.of(System.getProperty("ember.app"));
  private static final boolean MEASURED = !System.getProperty("ember.bench", "").isBlank();
  private static final double PATIENCE_MS = 30_000;
  private static Path madeDemo;

  private final Path data;
  private final int port;
  private final boolean demo;
  private final Playwright playwright = Playwright.create();
  private final Browser browser =
      playwright
          .chromium()
          .launch(
              new BrowserType.LaunchOptions()
                  .setExecutablePath(Path.of("/usr/bin/chromium"))
                  .setArgs(QUIET));
  final List<String> complaints = new ArrayList<>();
  private Process process;
  private String clock = "2026-03-03T09:42";
  private int standIns;
  private boolean clockStands;

  private Yard(boolean demo) {
    // a busy machine is slow: what is waited for comes, or it never does
    PlaywrightAssertions.setDefaultAssertionTimeout(PATIENCE_MS);
    this.demo = demo;
    data = temporary();
    if (demo && madeDemo != null) {
      copy(madeDemo, data);
    }
    port = freePort();
    start();
  }

  private static int freePort() {
    try (ServerSocket socket = new ServerSocket(0)) {
      return socket.getLocalPort();
    } catch (IOException impossible) {
      throw new IllegalStateException(impossible);
    }
  }

  /**
   * Goes on at another time of the bench, on the same folder, with stand-ins for shops and courier.
   *
   * @param time as 2026-03-11T12:00
   */
  void goOnAt(String time) {
    kill();
    clock = time;
    standIns = standIns == 0 ? freePort() : standIns;
    start();
  }

  /** Goes on with a clock that stands: screen by screen the same minute, plan and money. */
  void clockStands() {
    kill();
    clockStands = true;
    start();
  }

  /** What the stand-ins do always, of what they may do: "wrong". */
  void standInsAlways(String... happens) {
    StringBuilder chances = new StringBuilder();
    for (String each : List.of("dearer", "later", "parts", "wrong", "delayed")) {
      chances
          .append(chances.isEmpty() ? "{" : ",")
          .append("\"%s\":%d".formatted(each, List.of(happens).contains(each) ? 1 : 0));
    }
    HttpRequest asked =
        HttpRequest.newBuilder(
                URI.create("http://127.0.0.1:%d/stand-in/chances".formatted(standIns)))
            .PUT(HttpRequest.BodyPublishers.ofString(chances + "}"))
            .build();
    try {
      HttpClient.newHttpClient().send(asked, HttpResponse.BodyHandlers.discarding());
    } catch (IOException | InterruptedException failed) {
      throw new IllegalStateException(failed);
    }
  }

  static Yard empty() {
    return new Yard(false);
  }

  /**
   * The demo, as if it were Tuesday, 3 March 2026, 09:42. It is made once in a run; who comes later
   * gets a copy of the folder as it was then.
   */
  static synchronized Yard demo() {
    Yard yard = new Yard(true);
    if (madeDemo == null) {
      yard.kill();
      madeDemo = copy(yard.data, temporary());
      yard.start();
    }
    return yard;
  }

  private static Path temporary() {
    try {
      return Files.createTempDirectory("ember-yard-e2e");
    } catch (IOException impossible) {
      throw new IllegalStateException(impossible);
    }
  }

  private static Path copy(Path from, Path to) {
    try (Stream<Path> all = Files.walk(from)) {
      for (Path each : all.filter(Files::isRegularFile).toList()) {
        Path target = to.resolve(from.relativize(each).toString());
        Files.createDirectories(target.getParent());
        Files.copy(each, target);
      }
    } catch (IOException impossible) {
      throw new IllegalStateException(impossible);
    }
    return to;
  }

  /** Starts the process on the same folder and port, and waits until it answers. */
  void start() {
    List<String> command =
        new ArrayList<>(
            List.of(
                Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                "-XX:SharedArchiveFile=" + APP.resolve("classes.jsa"),
                // short lives: compiled quickly, not well; the browser needs the processor too
                MEASURED ? "-XX:+TieredCompilation" : "-XX:TieredStopAtLevel=1",
                "-Duser.timezone=UTC",
                "-jar",
                APP.resolve("ember-yard-app.jar").toString(),
                "--data=" + data,
                "--port=" + port));
    if (demo) {
      command.addAll(List.of("--demo=true", "--clock=" + clock, "--clock-stands=" + clockStands));
    }
    if (standIns > 0) {
      command.add("--stand-ins=" + standIns);
    }
    try {
      process =
          new ProcessBuilder(command)
              .redirectErrorStream(true)
              .redirectOutput(data.resolve("log.txt").toFile())
              .start();
      waitUntilReady();
    } catch (IOException | InterruptedException failed) {
      throw new IllegalStateException(failed);
    }
  }

  /** Takes the server away, as a pulled plug does. */
  void kill() {
    try {
      process.destroyForcibly().waitFor();
    } catch (InterruptedException stopped) {
      throw new IllegalStateException(stopped);
    }
  }

  String address(String path) {
    return "http://127.0.0.1:" + port + path;
  }

  /** A fresh window of 1280 × 800. */
  Page window() {
    return window(1280, 800);
  }

  Page window(int width, int height) {
    return window(new Browser.NewContextOptions().setViewportSize(width, height));
  }

  /** A window of that size under a finger. */
  Page touched(int width, int height) {
    return window(new Browser.NewContextOptions().setViewportSize(width, height).setHasTouch(true));
  }

  private Page window(Browser.NewContextOptions options) {
    BrowserContext context =
        browser.newContext(
            options.setTimezoneId("UTC").setLocale("en-GB").setReducedMotion(ReducedMotion.REDUCE));
    Page page = context.newPage();
    page.setDefaultTimeout(60_000);
    page.onPageError(complaints::add);
    page.onConsoleMessage(
        message -> {
          if (message.text().contains("Content Security Policy")) {
            complaints.add(message.text());
          }
        });
    return page;
  }

  Page signedIn(String name) {
    return signedIn(window(), name);
  }

  Page signedIn(Page page, String name) {
    page.navigate(address("/yard"));
    page.getByLabel("Name").fill(name);
    page.getByLabel("Password").fill(PASSWORD);
    page.keyboard().press("Enter");
    page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("Yard").setExact(true))
        .waitFor();
    return page;
  }

  private void waitUntilReady() throws InterruptedException, IOException {
    for (int tries = 0; tries < 900; tries++) {
      try {
        HttpURLConnection asked =
            (HttpURLConnection) URI.create(address("/api/health")).toURL().openConnection();
        if (asked.getResponseCode() == 200 && (!demo || demoIsIn())) {
          return;
        }
      } catch (IOException notYet) {
        // it is still starting
      }
      Thread.sleep(100);
    }
    throw new IllegalStateException(Files.readString(data.resolve("log.txt")));
  }

  private boolean demoIsIn() throws IOException {
    return Files.readString(data.resolve("log.txt")).contains("API token");
  }

  @Override
  public void close() {
    browser.close();
    playwright.close();
    kill();
  }
}
