package emberyard.server;

import static org.junit.jupiter.api.Assertions.assertEquals;

import java.io.IOException;
import java.io.InputStream;
import java.net.CookieManager;
import java.net.HttpCookie;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.util.HashMap;
import java.util.Map;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** A browser without a screen: keeps cookies, sends the CSRF header, speaks JSON. */
final class Client {
  private static final JsonMapper JSON = JsonMapper.builder().build();
  private final CookieManager cookies = new CookieManager();
  private final HttpClient http = HttpClient.newBuilder().cookieHandler(cookies).build();
  private final String base;
  final Map<String, String> headers = new HashMap<>();

  Client(int port) {
    base = "http://127.0.0.1:" + port;
  }

  /** An answer with its body. */
  record Answer(HttpResponse<String> response) {
    Answer expect(int status) {
      assertEquals(status, response.statusCode(), response.body());
      return this;
    }

    JsonNode json() {
      return JSON.readTree(response.body());
    }

    String text() {
      return response.body();
    }

    String header(String name) {
      return response.headers().firstValue(name).orElse("");
    }

    int status() {
      return response.statusCode();
    }
  }

  Answer get(String path) {
    return send("GET", path, null, Map.of());
  }

  /** Asks for something that goes on; the caller closes it. */
  HttpResponse<InputStream> follow(String path) {
    try {
      HttpRequest.Builder request = HttpRequest.newBuilder(URI.create(base + path));
      headers.forEach(request::header);
      return http.send(request.build(), HttpResponse.BodyHandlers.ofInputStream());
    } catch (IOException | InterruptedException impossible) {
      throw new IllegalStateException(impossible);
    }
  }

  Answer post(String path, Object body) {
    return send("POST", path, text(body), Map.of("Content-Type", "application/json"));
  }

  Answer put(String path, Object body, Long version) {
    Map<String, String> more = new HashMap<>(Map.of("Content-Type", "application/json"));
    if (version != null) {
      more.put("If-Match", "\"" + version + "\"");
    }
    return send("PUT", path, text(body), more);
  }

  Answer delete(String path) {
    return send("DELETE", path, null, Map.of());
  }

  Answer send(String method, String path, String body, Map<String, String> more) {
    HttpRequest.Builder request =
        HttpRequest.newBuilder(URI.create(base + path))
            .method(
                method,
                body == null
                    ? HttpRequest.BodyPublishers.noBody()
                    : HttpRequest.BodyPublishers.ofString(body));
    headers.forEach(request::header);
    more.forEach(request::header);
    cookie("XSRF-TOKEN").ifPresent(token -> request.header("X-XSRF-TOKEN", token));
    try {
      return new Answer(http.send(request.build(), HttpResponse.BodyHandlers.ofString()));
    } catch (IOException gone) {
      throw new java.io.UncheckedIOException(gone);
    } catch (InterruptedException stopped) {
      throw new IllegalStateException(stopped);
    }
  }

  /** The words of a PDF. */
  String pdfWords(String path) {
    try (PDDocument pdf = Loader.loadPDF(bytes(path))) {
      return new PDFTextStripper().getText(pdf);
    } catch (IOException unreadable) {
      throw new java.io.UncheckedIOException(unreadable);
    }
  }

  byte[] bytes(String path) {
    HttpRequest.Builder request = HttpRequest.newBuilder(URI.create(base + path));
    headers.forEach(request::header);
    try {
      HttpResponse<byte[]> answer =
          http.send(request.build(), HttpResponse.BodyHandlers.ofByteArray());
      assertEquals(200, answer.statusCode(), path);
      return answer.body();
    } catch (IOException gone) {
      throw new java.io.UncheckedIOException(gone);
    } catch (InterruptedException stopped) {
      throw new IllegalStateException(stopped);
    }
  }

  /** Posts one file as a browser's form does. */
  Answer postFile(String path, String field, String name, byte[] content) {
    String line = "--ember-yard-test";
    java.io.ByteArrayOutputStream body = new java.io.ByteArrayOutputStream();
    String head =
        "%s\r\nContent-Disposition: form-data; name=\"%s\"; filename=\"%s\"\r\n\r\n"
            .formatted(line, field, name);
    body.writeBytes(head.getBytes(java.nio.charset.StandardCharsets.UTF_8));
    body.writeBytes(content);
    body.writeBytes(("\r\n" + line + "--\r\n").getBytes(java.nio.charset.StandardCharsets.UTF_8));
    HttpRequest.Builder request =
        HttpRequest.newBuilder(URI.create(base + path))
            .header("Content-Type", "multipart/form-data; boundary=ember-yard-test")
            .header("X-XSRF-TOKEN", cookie("XSRF-TOKEN").orElse(""))
            .POST(HttpRequest.BodyPublishers.ofByteArray(body.toByteArray()));
    headers.forEach(request::header);
    try {
      return new Answer(http.send(request.build(), HttpResponse.BodyHandlers.ofString()));
    } catch (IOException gone) {
      throw new java.io.UncheckedIOException(gone);
    } catch (InterruptedException stopped) {
      throw new IllegalStateException(stopped);
    }
  }

  /** Posts a picture of a build. */
  Answer postPicture(String build, String id, byte[] model) {
    return postFile("/api/builds/%s/photos?id=%s".formatted(build, id), "file", "p.png", model);
  }

  java.util.Optional<String> cookie(String name) {
    return cookies.getCookieStore().getCookies().stream()
        .filter(cookie -> cookie.getName().equals(name))
        .map(HttpCookie::getValue)
        .findFirst();
  }

  static String text(Object body) {
    return body instanceof String written ? written : JSON.writeValueAsString(body);
  }

  /** Starts a build with this id. */
  Client begin(String id) {
    post("/api/builds", Map.of("id", id, "name", "Build " + id)).expect(200);
    return this;
  }
}
