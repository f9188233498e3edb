package emberyard.server.refusal;

import org.springframework.http.HttpStatus;

/** A wish that can't be granted, with the reason as a sentence. */
public final class Refused extends RuntimeException {
  private static final long serialVersionUID = 1;
  private final HttpStatus status;

  public Refused(HttpStatus status, String sentence) {
    super(sentence);
    this.status = status;
  }

  public HttpStatus status() {
    return status;
  }
}
