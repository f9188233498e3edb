package emberyard.server.make;

import emberyard.core.make.drawn.FlatPattern;
import emberyard.core.make.panel.CutTime;
import emberyard.core.make.photo.PhotoMeasure;
import emberyard.core.work.FoamTape;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** The arithmetic of parts, sheets and cuts, without a build. */
@RestController
class MakeCalculatorController {
  private final PanelCalculator panelCalculator;
  private final CutCalculator cutCalculator;
  private final NestCalculator nestCalculator;

  MakeCalculatorController(
      PanelCalculator panelCalculator, CutCalculator cutCalculator, NestCalculator nestCalculator) {
    this.panelCalculator = panelCalculator;
    this.cutCalculator = cutCalculator;
    this.nestCalculator = nestCalculator;
  }

  @PostMapping("/api/calc/make/panel")
  PanelCalculator.PanelAnswer panel(@RequestBody PanelCalculator.PanelQuestion asked) {
    return panelCalculator.panel(asked);
  }

  @PostMapping("/api/calc/make/part")
  CutCalculator.PartNumbers part(@RequestBody CutCalculator.PartAsked asked) {
    return cutCalculator.part(asked);
  }

  @PostMapping("/api/calc/make/cut-time")
  CutTime cutTime(@RequestBody CutCalculator.CutAsked asked) {
    return cutCalculator.cutTime(asked);
  }

  @PostMapping("/api/calc/make/bend")
  FlatPattern bend(@RequestBody CutCalculator.BendAsked asked) {
    return cutCalculator.bend(asked);
  }

  @PostMapping("/api/calc/make/tape")
  FoamTape tape(@RequestBody CutCalculator.TapeAsked asked) {
    return cutCalculator.tape(asked);
  }

  @PostMapping("/api/calc/make/photo")
  PhotoMeasure photo(@RequestBody CutCalculator.PhotoAsked asked) {
    return cutCalculator.photo(asked);
  }

  @PostMapping("/api/calc/make/nest")
  NestCalculator.NestAnswer nest(@RequestBody NestCalculator.NestAsked asked) {
    return nestCalculator.nest(asked);
  }
}
