package emberyard.server;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

@ExtendWith(TestYard.class)
class AccessTest {
  @Test
  void theTokenOfAPageStaysTheSameWhileRequestsCross(Client owner) {
    String token = owner.cookie("XSRF-TOKEN").orElseThrow();
    for (String path : new String[] {"/api/yard", "/api/workshop", "/api/bench"}) {
      assertEquals("", owner.get(path).expect(200).header("Set-Cookie"), path);
    }
    owner
        .post("/api/calc/colour/under-light", "{\"surface\": \"#FFFFFF\", \"light\": \"#FFFFFF\"}")
        .expect(200);
    assertEquals(token, owner.cookie("XSRF-TOKEN").orElseThrow());
  }

  @Test
  void nobodyGetsInWithoutSigningIn() {
    Client stranger = TestYard.stranger();
    stranger.get("/api/health").expect(200);
    stranger.get("/api/yard").expect(401);
    stranger.get("/api/workshop").expect(401);
    stranger.post("/api/calc/finish/drying", Map.of()).expect(401);
  }

  @Test
  void theSessionCookieCannotBeReadByScriptsNorSentByOtherSites() {
    Client client = TestYard.stranger();
    client.get("/api/session");
    var answer = client.post("/api/session", Map.of("name", "ines", "password", TestYard.PASSWORD));
    String cookie =
        answer.expect(200).response().headers().allValues("Set-Cookie").stream()
            .filter(each -> each.startsWith("ember_session="))
            .findFirst()
            .orElseThrow();
    assertTrue(cookie.contains("HttpOnly") && cookie.contains("SameSite=Strict"), cookie);
    client.get("/api/yard").expect(200);
    client.delete("/api/session").expect(200);
    client.get("/api/yard").expect(401);
  }

  @Test
  void aWriteWithoutTheCsrfTokenIsRefused(Client owner) {
    Client client = TestYard.stranger();
    client.headers.put("Cookie", "ember_session=" + owner.cookie("ember_session").orElseThrow());
    client.post("/api/builds", Map.of("id", "x", "name", "x")).expect(403);
  }

  @Test
  void failedTriesLockTheNameLongerAndLonger() {
    Client client = TestYard.stranger();
    client.get("/api/session");
    Map<String, String> wrong = Map.of("name", "mallory", "password", "wrong-password");
    for (int i = 0; i < 3; i++) {
      client.post("/api/session", wrong).expect(401);
    }
    String sentence =
        client.post("/api/session", wrong).expect(429).json().path("title").asString();
    assertTrue(sentence.startsWith("Too many failed tries. Wait "), sentence);
  }

  @Test
  void tokensWorkForScriptsUntilRevokedAndAreKeptHashed(Client owner) throws Exception {
    String token =
        owner
            .post("/api/tokens", Map.of("name", "nightly"))
            .expect(200)
            .json()
            .path("value")
            .asString();
    Client script = TestYard.stranger();
    script.headers.put("Authorization", "Bearer " + token);
    script.get("/api/yard").expect(200);
    script.begin("by-script");
    byte[] file = Files.readAllBytes(TestYard.dataFolder().resolve("ember-yard.sqlite-wal"));
    assertFalse(new String(file, StandardCharsets.ISO_8859_1).contains(token));
    String id = "";
    for (JsonNode each : owner.get("/api/tokens").json()) {
      id = each.path("name").asString().equals("nightly") ? each.path("id").asString() : id;
    }
    owner.delete("/api/tokens/" + id).expect(200);
    script.get("/api/yard").expect(401);
  }

  @Test
  void helpersSeeNoMoneyAndCannotLoseIt(Client owner) {
    owner.begin("veil");
    var component =
        owner
            .put("/api/builds/veil/components/c1", Things.component("c1", "Board", 12_345), null)
            .expect(200)
            .json();
    Client helper = TestYard.helper();
    String seen = helper.get("/api/builds/veil").expect(200).text();
    assertFalse(seen.contains("12345"), "price in the design");
    assertFalse(seen.contains("\"capability\":\"money\""));
    assertTrue(helper.get("/api/builds/veil").json().path("budget").isNull());
    helper
        .put(
            "/api/builds/veil/components/c1",
            Things.component("c1", "Board, new name", 0),
            component.path("version").asLong())
        .expect(200);
    var kept = owner.get("/api/builds/veil").json().path("build").path("components").get(0);
    assertEquals("Board, new name", kept.path("name").asString());
    assertEquals(12_345, kept.path("priceMinor").asLong());
    helper.get("/api/builds/veil/orders.csv").expect(403);
    helper.get("/api/builds/veil/export").expect(403);
    helper.put("/api/workshop/people/x", "{}", null).expect(403);
    helper.get("/api/accounts").expect(403);
  }

  /** Amounts show in no kind of answer, a refusal included, and outlive what a helper does. */
  @Test
  void refusalsShowHelpersNoMoneyEither(Client owner) {
    owner.begin("veil2");
    String path = "/api/builds/veil2/components/v2c";
    owner.put(path, Things.component("v2c", "Board", 12_345), null).expect(200);
    owner
        .put("/api/builds/veil2/components/v2d", Things.component("v2d", "Fan", 6_789), null)
        .expect(200);
    owner
        .put(
            "/api/builds/veil2/requirements/v2r",
            """
            {"id": "v2r", "text": "cheap", "priority": "MUST", "kind": "MONEY",
             "limit": {"measure": "TOTAL_MINOR", "comparison": "AT_MOST", "value": 54321},
             "answer": "", "outcome": "OPEN"}
            """,
            null)
        .expect(200);
    Client helper = TestYard.helper();
    String stale = helper.put(path, Things.component("v2c", "Plank", 0), 1L).expect(412).text();
    assertTrue(stale.contains("\"Board\"") && stale.contains("\"priceMinor\":0"), stale);
    String limit =
        helper
            .put(
                "/api/builds/veil2/requirements/v2r",
                """
                {"id": "v2r", "text": "dear", "priority": "MUST", "kind": "MONEY",
                 "limit": {"measure": "TOTAL_MINOR", "comparison": "AT_MOST", "value": 0},
                 "answer": "", "outcome": "OPEN"}
                """,
                1L)
            .expect(412)
            .text();
    assertFalse(limit.contains("54321"), limit);
    // out and in again, the price is what it was; and of two things each keeps its own
    helper.delete("/api/builds/veil2/components/v2c").expect(200);
    helper.put(path, Things.component("v2c", "Board again", 0), null).expect(200);
    JsonNode components = owner.get("/api/builds/veil2").json().path("build").path("components");
    for (JsonNode component : components) {
      boolean board = component.path("id").asString().equals("v2c");
      assertEquals(board ? 12_345 : 6_789, component.path("priceMinor").asLong());
    }
  }

  @Test
  void pagesMayLoadOnlyTheApplicationsOwnFiles() {
    Client stranger = TestYard.stranger();
    var page = stranger.get("/yard").expect(200);
    String policy = page.header("Content-Security-Policy");
    assertTrue(policy.contains("default-src 'none'") && policy.contains("script-src 'self';"));
    assertFalse(policy.contains("unsafe"));
    String nonce = policy.replaceAll("(?s).*'nonce-([^']+)'.*", "$1");
    assertTrue(page.text().contains("content=\"" + nonce + "\""), "the page carries its nonce");
    assertEquals("nosniff", page.header("X-Content-Type-Options"));
    assertFalse(policy.equals(stranger.get("/yard").header("Content-Security-Policy")));
  }

  @Test
  void aSecondSetUpIsRefused(Client owner) {
    owner.post("/api/setup", Map.of("workshopName", "Again", "ownerName", "x")).expect(409);
  }

  @Test
  void theDocumentOfTheInterfaceNeedsASignIn(Client owner) {
    TestYard.stranger().get("/api/openapi").expect(401);
    owner.get("/api/openapi").expect(200);
  }

  @Test
  void aHelperWhoLeavesIsOutWithSessionsAndTokens(Client owner) {
    Map<String, String> words =
        Map.of("name", "jorn", "role", "HELPER", "password", TestYard.PASSWORD, "personId", "");
    owner
        .post("/api/accounts", Map.of("name", "x\ny", "role", "HELPER", "password", "?"))
        .expect(422);
    Map<String, String> unknown = new java.util.HashMap<>(words);
    unknown.put("personId", "nobody-here");
    assertEquals(
        "#/personId",
        owner.post("/api/accounts", unknown).expect(422).json().at("/errors/0/pointer").asString());
    String id = owner.post("/api/accounts", words).expect(200).json().path("id").asString();
    Client jorn = TestYard.signedIn("jorn", TestYard.PASSWORD);
    jorn.post("/api/tokens", Map.of("name", "his script")).expect(200);
    jorn.delete("/api/accounts/" + id).expect(403);
    boolean seen = false;
    for (JsonNode token : owner.get("/api/tokens").json()) {
      seen |= token.path("of").asString().equals("jorn");
    }
    assertTrue(seen, "the owner sees everybody's tokens");
    owner.delete("/api/accounts/" + id).expect(200);
    jorn.get("/api/yard").expect(401);
    owner.delete("/api/accounts/" + id).expect(404);
  }

  @Test
  void aPasswordIsChangedByWhoKnowsItAndEndsAllOtherSessions(Client owner) {
    owner
        .post(
            "/api/accounts",
            Map.of("name", "maud", "role", "HELPER", "password", TestYard.PASSWORD))
        .expect(200);
    Client here = TestYard.signedIn("maud", TestYard.PASSWORD);
    Client elsewhere = TestYard.signedIn("maud", TestYard.PASSWORD);
    String page = here.cookie("XSRF-TOKEN").orElseThrow();
    assertEquals(
        "#/now",
        here.post("/api/session/password", Map.of("now", "x", "password", "kelp brass ladder"))
            .expect(422)
            .json()
            .at("/errors/0/pointer")
            .asString());
    here.post(
            "/api/session/password", Map.of("now", TestYard.PASSWORD, "password", "tollgate works"))
        .expect(422);
    here.post(
            "/api/session/password",
            Map.of("now", TestYard.PASSWORD, "password", "kelp brass ladder"))
        .expect(200);
    here.get("/api/yard").expect(200);
    assertFalse(page.equals(here.cookie("XSRF-TOKEN").orElseThrow()), "a new page token");
    elsewhere.get("/api/yard").expect(401);
    Client again = TestYard.signedIn("maud", "kelp brass ladder");
    again.delete("/api/session/all").expect(200);
    again.get("/api/yard").expect(401);
    here.get("/api/yard").expect(401);
  }

  @Test
  void everythingGoesOutAsOneFileForTheOwnerOnly(Client owner) throws Exception {
    TestYard.helper().get("/api/backup").expect(403);
    try (var zip =
        new java.util.zip.ZipInputStream(
            new java.io.ByteArrayInputStream(owner.bytes("/api/backup")))) {
      assertEquals("ember-yard.sqlite", zip.getNextEntry().getName());
      assertTrue(
          new String(zip.readNBytes(15), StandardCharsets.UTF_8).startsWith("SQLite format"));
    }
  }
}
