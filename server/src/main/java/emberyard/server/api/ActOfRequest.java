package emberyard.server.api;

import jakarta.servlet.http.HttpServletRequest;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/**
 * Which act a request belongs to: a page sends the same {@code X-Act} with all that is typed into
 * one field without leaving it, and undo takes it back as one.
 */
@Component
public class ActOfRequest {
  static final String HEADER = "X-Act";
  private final HttpServletRequest request;

  /**
   * @param request stands for whichever is being answered
   */
  ActOfRequest(HttpServletRequest request) {
    this.request = request;
  }

  /** Null where the sender says nothing. */
  public @Nullable String id() {
    return request.getHeader(HEADER);
  }
}
