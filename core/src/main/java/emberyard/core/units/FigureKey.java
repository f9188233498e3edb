package emberyard.core.units;

import java.lang.annotation.ElementType;
import java.lang.annotation.Retention;
import java.lang.annotation.RetentionPolicy;
import java.lang.annotation.Target;

/**
 * Which figures the amounts of a record are. Every amount that is answered carries the key of its
 * figure: equal keys mean equal cents, wherever they are shown.
 *
 * <p>On a record it says how that is called; its amounts are called so with their own name behind:
 * {@code build/{buildId}} and {@code spentMinor} make {@code build/lamp/spent}. A thing that people
 * enter needs none, it is called by its kind and id. On a component of a record it is the whole
 * key: the figure is another record's, shown again.
 *
 * <p>{@code {word}} stands for what the component or method of that name gives, of this record or
 * the next one around it that has it, else for that part of the address that was asked; {@code
 * {word|other}} for {@code other} where nothing has it.
 */
@Retention(RetentionPolicy.RUNTIME)
@Target({ElementType.TYPE, ElementType.RECORD_COMPONENT})
public @interface FigureKey {
  String value();

  /** Whether what is inside is of another time or another plan: its figures are others. */
  boolean apart() default false;
}
