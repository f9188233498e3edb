package emberyard.core.yard.diary;

import emberyard.core.record.Photo;
import emberyard.core.work.Task;
import emberyard.core.yard.BuildModel;
import emberyard.core.yard.day.CardDrawing;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * Photos of one place, so that before and after stand beside each other.
 *
 * @param place the part or face; the step where it is about neither
 * @param photos first to last
 */
public record PhotoPlace(String place, List<Photo> photos) {
  private static final String WHOLE = "the build";

  public PhotoPlace {
    photos = List.copyOf(photos);
  }

  /** Places with photos, those with most first. */
  static List<PhotoPlace> of(BuildModel model) {
    Map<String, Task> tasks = new HashMap<>();
    model.tasks().forEach(task -> tasks.put(task.task().key(), task.task()));
    Map<String, List<Photo>> places = new LinkedHashMap<>();
    model.build().photos().stream()
        .sorted(Comparator.comparing(Photo::takenAt))
        .forEach(
            photo ->
                places
                    .computeIfAbsent(
                        place(model, tasks.get(photo.taskKey())), place -> new ArrayList<>())
                    .add(photo));
    return places.entrySet().stream()
        .map(each -> new PhotoPlace(each.getKey(), each.getValue()))
        .sorted(Comparator.comparing(each -> -each.photos().size()))
        .toList();
  }

  private static String place(BuildModel model, Task task) {
    return task == null ? WHOLE : CardDrawing.placeOf(model, task).orElse(task.title());
  }
}
