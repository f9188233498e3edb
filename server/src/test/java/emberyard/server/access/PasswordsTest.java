package emberyard.server.access;

import static org.junit.jupiter.api.Assertions.assertDoesNotThrow;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import emberyard.core.units.InvalidValue;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class PasswordsTest {
  private static final List<String> OWN = List.of("Tollgate Works", "Ines Verhoeven");
  private final Passwords passwords = new Passwords();

  @ParameterizedTest
  @ValueSource(
      strings = {
        "aaaaaaaaaa",
        "          ",
        "1234567890",
        "qwertyuiop",
        "password123",
        "abcabcabcabc",
        "tollgateworks",
        "Tollgate Works",
        "Ines Verhoeven1",
        "20262026202620262026"
      })
  void whatIsGuessedAtOnceIsRefused(String weak) {
    InvalidValue refused =
        assertThrows(InvalidValue.class, () -> passwords.check("password", weak, OWN));
    assertEquals("password", refused.field());
    assertTrue(refused.getMessage().startsWith("This is guessed too easily"));
  }

  @ParameterizedTest
  @ValueSource(strings = {"a-long-password", "lantern-harbour", "kelp brass ladder", "Fž9!kk2_qpL"})
  void whatIsNotIsTaken(String good) {
    assertDoesNotThrow(() -> passwords.check("password", good, OWN));
  }

  @Test
  void theLengthSaysItsOwnReason() {
    assertEquals("A password has at least ten characters.", reason("Fž9!kk2_q"));
    assertEquals("A password has at least ten characters.", reason(null));
    assertEquals(
        "A password has at most two hundred characters.", reason("kelp brass ".repeat(19)));
  }

  private String reason(String password) {
    return assertThrows(InvalidValue.class, () -> passwords.check("password", password, List.of()))
        .getMessage();
  }
}
