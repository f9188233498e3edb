package emberyard.server;

import java.io.PrintStream;

/** How long small requests take that ask for a great deal, answered or refused. */
final class HeavyBenchmark {
  private static final int RUNS = 4;

  private HeavyBenchmark() {}

  static void appendTo(PrintStream out) {
    out.println("\n## Requests that ask for a great deal\n");
    out.println("Longest of %d runs, each under 5,000 ms wanted.%n".formatted(RUNS - 1));
    out.println("| what | answer | longest |\n| --- | --- | --- |");
    Client owner = TestYard.owner();
    for (HeavyRequests.Heavy heavy : HeavyRequests.all()) {
      double longest = 0;
      int status = 0;
      for (int run = 0; run < RUNS; run++) {
        long start = System.nanoTime();
        status = heavy.send().apply(owner).status();
        double took = (System.nanoTime() - start) / 1e6;
        longest = run == 0 ? 0 : Math.max(longest, took);
      }
      String answer = status == 200 ? "answered" : "refused";
      out.printf("| %s | %s | %,.0f ms |%n", heavy.name(), answer, longest);
    }
  }
}
