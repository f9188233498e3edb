package emberyard.core.bench;

import emberyard.core.build.Component;
import emberyard.core.work.Task;
import java.util.List;

/**
 * How the hardware gets in.
 *
 * @param goingIn tasks that put things in one by one
 * @param pieces that those tasks put in
 * @param boards keys of those that put boards in
 * @param onBoard things that sit on a board and have no task of their own: on it before it goes in
 */
public record Mounting(
    List<Task> goingIn, int pieces, List<String> boards, List<Component> onBoard) {
  public Mounting {
    goingIn = List.copyOf(goingIn);
    boards = List.copyOf(boards);
    onBoard = List.copyOf(onBoard);
  }

  int piecesOnBoard() {
    return onBoard.stream().mapToInt(Component::quantity).sum();
  }
}
