package emberyard.server.access;

/** What somebody may do: helpers see no money and don't change the workshop. */
public enum Role {
  OWNER,
  HELPER
}
