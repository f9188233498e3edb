package emberyard.core.make.nest;
public class NestTry {
  public static void main(String[] a) {
    for (int s = 1; s <= 4; s++) {
      for (int kind = 0; kind < 2; kind++) {
        NestJob job = kind == 0 ? Jigsaws.rectangles(40, s) : Jigsaws.irregular(30, s);
        long until = System.nanoTime() + (long) ((kind == 0 ? 10 : 30) * 1e9 * Double.parseDouble(a[0]));
        Nester n = new Nester(job);
        double first = Jigsaws.placed(n.result());
        while (System.nanoTime() < until) n.step();
        System.out.printf("%s seed %d first %.3f best %.3f tries %d%n", kind == 0 ? "rect" : "irr", s, first, Jigsaws.placed(n.result()), n.tries());
      }
    }
  }
}
