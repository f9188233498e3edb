package emberyard.core.build;

import emberyard.core.units.Require;
import org.jspecify.annotations.Nullable;

/**
 * Something that must not be there.
 *
 * @param item kind of thing on a face, null for any
 * @param material what it is made of, null for any
 * @param face where, null for every face that shows
 */
public record Ban(@Nullable ItemKind item, @Nullable ItemMaterial material, @Nullable Face face) {
  public Ban {
    Require.that(
        item != null || material != null,
        "ban",
        "Say what is banned: a kind of thing or a material.");
  }

  /** "no vent field on the front". */
  public String words() {
    StringBuilder words = new StringBuilder("no ");
    if (material != null) {
      words.append(material.words());
    }
    if (item != null) {
      words.append(material == null ? "" : " ").append(item.words());
    }
    return words.append(face == null ? "" : " on the " + face.words()).toString();
  }
}
