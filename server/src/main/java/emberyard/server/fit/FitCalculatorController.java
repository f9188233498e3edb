package emberyard.server.fit;

import emberyard.core.fit.air.CaseAir;
import emberyard.core.fit.air.SeriesArea;
import emberyard.core.fit.heat.LoopHeat;
import emberyard.core.fit.power.PowerBudget;
import emberyard.core.fit.stability.Balance;
import emberyard.core.fit.worksheet.ScrewLength;
import emberyard.core.fit.worksheet.ShelfLoad;
import emberyard.core.fit.worksheet.StackUp;
import emberyard.core.fit.worksheet.StandoffLoad;
import emberyard.core.work.MagnetHold;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** The arithmetic of Fit, without a build. */
@RestController
class FitCalculatorController {
  private final CoolingCalculator coolingCalculator;
  private final ProofCalculator proofCalculator;
  private final PlaceCalculator placeCalculator;
  private final WorksheetCalculator worksheetCalculator;
  private final HeldCalculator heldCalculator;

  FitCalculatorController(
      CoolingCalculator coolingCalculator,
      ProofCalculator proofCalculator,
      PlaceCalculator placeCalculator,
      WorksheetCalculator worksheetCalculator,
      HeldCalculator heldCalculator) {
    this.coolingCalculator = coolingCalculator;
    this.proofCalculator = proofCalculator;
    this.placeCalculator = placeCalculator;
    this.worksheetCalculator = worksheetCalculator;
    this.heldCalculator = heldCalculator;
  }

  @PostMapping("/api/calc/fit/loop")
  LoopHeat loop(@RequestBody CoolingCalculator.LoopQuestion asked) {
    return coolingCalculator.loop(asked);
  }

  @PostMapping("/api/calc/fit/air")
  CoolingCalculator.AirAnswer air(@RequestBody CoolingCalculator.AirQuestion asked) {
    return coolingCalculator.air(asked);
  }

  /** How much warmer than the room the air in a case gets. */
  @PostMapping("/api/calc/fit/case-air")
  CaseAir caseAir(@RequestBody CoolingCalculator.CaseQuestion asked) {
    return coolingCalculator.caseAir(asked);
  }

  @PostMapping("/api/calc/fit/power")
  PowerBudget power(@RequestBody ProofCalculator.PowerQuestion asked) {
    return proofCalculator.power(asked);
  }

  /**
   * With one coordinate per support the lines lie across x; else front and back, left and right.
   */
  @PostMapping("/api/calc/fit/balance")
  Balance balance(@RequestBody ProofCalculator.BalanceQuestion asked) {
    return proofCalculator.balance(asked);
  }

  /** Places all components, or as many as fit, the largest first. */
  @PostMapping("/api/calc/fit/place")
  PlaceCalculator.PlaceAnswer place(@RequestBody PlaceCalculator.PlaceAsked asked) {
    return placeCalculator.place(asked);
  }

  @PostMapping("/api/calc/fit/stack")
  StackUp stack(@RequestBody WorksheetCalculator.StackQuestion asked) {
    return worksheetCalculator.stack(asked);
  }

  @PostMapping("/api/calc/fit/screw")
  ScrewLength screw(@RequestBody WorksheetCalculator.ScrewQuestion a) {
    return worksheetCalculator.screw(a);
  }

  /** Whether magnets keep a skin from sliding down. */
  @PostMapping("/api/calc/fit/magnets")
  MagnetHold magnets(@RequestBody HeldCalculator.MagnetQuestion asked) {
    return heldCalculator.magnets(asked);
  }

  /** How far a shelf on two edges bends. */
  @PostMapping("/api/calc/fit/panel-load")
  ShelfLoad panelLoad(@RequestBody HeldCalculator.ShelfQuestion asked) {
    return heldCalculator.shelf(asked);
  }

  /** What air gets through several things one behind another. */
  @PostMapping("/api/calc/fit/series-area")
  SeriesArea seriesArea(@RequestBody HeldCalculator.SeriesQuestion asked) {
    return heldCalculator.series(asked);
  }

  @PostMapping("/api/calc/fit/standoff")
  StandoffLoad standoff(@RequestBody WorksheetCalculator.StandoffQuestion a) {
    return worksheetCalculator.standoff(a);
  }
}
