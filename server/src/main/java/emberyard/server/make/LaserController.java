package emberyard.server.make;

import emberyard.server.access.Account;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RestController;

/** The simulated laser. */
@RestController
class LaserController {
  private final LaserDesk desk;
  private final SimulatedLaser laser;

  LaserController(LaserDesk desk, SimulatedLaser laser) {
    this.desk = desk;
    this.laser = laser;
  }

  @PostMapping("/api/builds/{buildId}/layouts/{layoutId}/cut")
  SimulatedLaser.LaserView cut(
      @AuthenticationPrincipal Account who,
      @PathVariable String buildId,
      @PathVariable String layoutId) {
    desk.start(who, buildId, layoutId);
    return laser.view();
  }

  @GetMapping("/api/laser")
  SimulatedLaser.LaserView view() {
    return laser.view();
  }

  @PostMapping("/api/laser/pause")
  SimulatedLaser.LaserView pause() {
    laser.pause();
    return laser.view();
  }

  /** Goes on after a pause, an opened lid or a tipped piece. */
  @PostMapping("/api/laser/go-on")
  SimulatedLaser.LaserView goOn() {
    laser.goOn();
    return laser.view();
  }

  /** Breaks the job off; what is cut stays cut, the rest can be cut later. */
  @PostMapping("/api/laser/stop")
  SimulatedLaser.LaserView stop() {
    laser.stop();
    return laser.view();
  }

  /** Makes something go wrong, to try what follows. */
  @PostMapping("/api/laser/trouble/{what}")
  SimulatedLaser.LaserView trouble(@PathVariable SimulatedLaser.Trouble what) {
    laser.trouble(what);
    return laser.view();
  }
}
