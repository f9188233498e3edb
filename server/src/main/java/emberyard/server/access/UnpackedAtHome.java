package emberyard.server.access;

import jakarta.servlet.ServletException;
import java.io.IOException;
import java.net.InetAddress;
import org.apache.catalina.connector.Request;
import org.apache.catalina.connector.Response;
import org.apache.catalina.valves.ValveBase;

/** On this machine nothing is packed: packing an answer takes longer than handing it over. */
final class UnpackedAtHome extends ValveBase {
  UnpackedAtHome() {
    super(true);
  }

  @Override
  public void invoke(Request request, Response response) throws IOException, ServletException {
    // an address, never a name that had to be looked up
    if (InetAddress.getByName(request.getRemoteAddr()).isLoopbackAddress()) {
      request.getCoyoteRequest().getMimeHeaders().removeHeader("Accept-Encoding");
    }
    getNext().invoke(request, response);
  }
}
