package emberyard.server.store;

import org.springframework.boot.diagnostics.AbstractFailureAnalyzer;
import org.springframework.boot.diagnostics.FailureAnalysis;

/** Says in a sentence why the program doesn't start on newer data. */
public final class NewerDataAnalyzer extends AbstractFailureAnalyzer<NewerData> {
  @Override
  protected FailureAnalysis analyze(Throwable root, NewerData newer) {
    return new FailureAnalysis(newer.getMessage(), "Start the newer program.", newer);
  }
}
