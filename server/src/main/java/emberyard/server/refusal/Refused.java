package emberyard.server.refusal;

import java.util.Optional;
import org.springframework.http.HttpStatus;

/** A wish that can't be granted, with the reason as a sentence. */
public final class Refused extends RuntimeException {
  private static final long serialVersionUID = 1;
  private final HttpStatus status;

  public Refused(HttpStatus status, String sentence) {
    super(sentence);
    this.status = status;
  }

  /** Refuses with a sentence where there is one. */
  public static void when(Optional<String> sentence) {
    if (sentence.isPresent()) {
      throw new Refused(HttpStatus.CONFLICT, sentence.get());
    }
  }

  /** Refuses with a sentence where something does not hold. */
  public static void unless(boolean holds, String sentence) {
    if (!holds) {
      throw new Refused(HttpStatus.CONFLICT, sentence);
    }
  }

  public HttpStatus status() {
    return status;
  }
}
