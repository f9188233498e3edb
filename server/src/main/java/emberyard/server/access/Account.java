package emberyard.server.access;

/**
 * Somebody who can sign in.
 *
 * @param personId who that is in the plan
 */
public record Account(String id, String name, Role role, String personId) {
  public boolean owner() {
    return role == Role.OWNER;
  }
}
