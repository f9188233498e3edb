package emberyard.server;

import java.io.IOException;
import java.net.ServerSocket;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;

/** The real program in a process of its own, which can be killed. */
record OwnProcess(Process process, int port) {
  /** Starts it on this folder and waits until it answers. */
  static OwnProcess start(Path data, String... javaOptions) throws Exception {
    int port = freePort();
    List<String> command = new ArrayList<>();
    command.add(Path.of(System.getProperty("java.home"), "bin", "java").toString());
    command.addAll(List.of(javaOptions));
    command.addAll(
        List.of(
            "-cp",
            System.getProperty("java.class.path"),
            EmberYardApplication.class.getName(),
            "--data=" + data,
            "--copies=0",
            "--port=" + port));
    Process process =
        new ProcessBuilder(command)
            .redirectErrorStream(true)
            .redirectOutput(ProcessBuilder.Redirect.DISCARD)
            .start();
    OwnProcess started = new OwnProcess(process, port);
    started.waitUntilItAnswers();
    return started;
  }

  Client client() {
    return new Client(port);
  }

  /** A script with this token. */
  Client script(String token) {
    Client client = client();
    client.headers.put("Authorization", "Bearer " + token);
    return client;
  }

  /** As a power cut would, as far as the process goes. */
  void kill() throws InterruptedException {
    process.destroyForcibly().waitFor();
  }

  private void waitUntilItAnswers() throws InterruptedException {
    for (int tries = 0; tries < 600; tries++) {
      try {
        if (client().get("/api/health").status() == 200) {
          return;
        }
      } catch (RuntimeException notYet) {
        Thread.sleep(100);
      }
    }
    throw new AssertionError("the application did not start");
  }

  private static int freePort() throws IOException {
    try (ServerSocket socket = new ServerSocket(0)) {
      return socket.getLocalPort();
    }
  }
}
