package emberyard.core.workshop;

import emberyard.core.units.Require;

/**
 * How long the steps of this workshop take when nothing better is known. All are starting values
 * that the workshop edits; hands-on minutes unless the name says otherwise.
 */
public record StepTimes(
    int interviewMinutes,
    int conceptMinutes,
    int fitOnPaperMinutes,
    int receiveMinutes,
    int cutSetUpMinutes,
    double scoreMinutesPerMetre,
    double sawMinutesPerMetre,
    double drillMinutesPerHole,
    double filingMinutesPerMetre,
    int edgeGrits,
    int dryFitMinutesPerPanel,
    int washMinutes,
    double keyMinutesPerM2,
    int coatSetUpMinutes,
    double sprayM2PerMinute,
    double flatMinutesPerM2,
    int screenFitMinutes,
    double stripFitMinutesPerMetre,
    int componentFitMinutes,
    int panelFitMinutes,
    int cablingMinutes,
    int hardwareProofMinutes,
    int closeUpMinutes,
    int loadTestMinutes,
    int loadTestRunHours,
    int photographMinutes,
    int handOverMinutes,
    Integer bayChangeMinutes,
    Integer leakTestHours,
    Integer loopFillMinutes,
    Double maskMinutesPerMetre,
    Double weedMinutesPerMetre,
    Double stripMinutesPerM2,
    Double rackM2,
    Integer coldStartMinutes,
    Integer plugMinutes,
    Integer programMinutes) {

  public StepTimes {
    // workshops set up before there was a Fit stage have none of these
    bayChangeMinutes = bayChangeMinutes == null ? 90 : bayChangeMinutes;
    leakTestHours = leakTestHours == null ? 24 : leakTestHours;
    loopFillMinutes = loopFillMinutes == null ? 60 : loopFillMinutes;
    // and those from before finishes were planned none of these
    maskMinutesPerMetre = maskMinutesPerMetre == null ? 4 : maskMinutesPerMetre;
    weedMinutesPerMetre = weedMinutesPerMetre == null ? 6 : weedMinutesPerMetre;
    stripMinutesPerM2 = stripMinutesPerM2 == null ? 90 : stripMinutesPerM2;
    rackM2 = rackM2 == null ? 1.2 : rackM2;
    // and those from before screens were wired none of these
    coldStartMinutes = coldStartMinutes == null ? 3 : coldStartMinutes;
    plugMinutes = plugMinutes == null ? 4 : plugMinutes;
    programMinutes = programMinutes == null ? 20 : programMinutes;
    Require.between("interviewMinutes", interviewMinutes, 0, 10_000, "min");
    Require.between("conceptMinutes", conceptMinutes, 0, 10_000, "min");
    Require.between("fitOnPaperMinutes", fitOnPaperMinutes, 0, 10_000, "min");
    Require.between("receiveMinutes", receiveMinutes, 0, 1_000, "min");
    Require.between("cutSetUpMinutes", cutSetUpMinutes, 0, 1_000, "min");
    Require.between("scoreMinutesPerMetre", scoreMinutesPerMetre, 0, 1_000, "min/m");
    Require.between("sawMinutesPerMetre", sawMinutesPerMetre, 0, 1_000, "min/m");
    Require.between("drillMinutesPerHole", drillMinutesPerHole, 0, 1_000, "min");
    Require.between("filingMinutesPerMetre", filingMinutesPerMetre, 0, 1_000, "min/m");
    Require.between("edgeGrits", edgeGrits, 0, 10, "grits");
    Require.between("dryFitMinutesPerPanel", dryFitMinutesPerPanel, 0, 1_000, "min");
    Require.between("washMinutes", washMinutes, 0, 1_000, "min");
    Require.between("keyMinutesPerM2", keyMinutesPerM2, 0, 1_000, "min/m²");
    Require.between("coatSetUpMinutes", coatSetUpMinutes, 0, 1_000, "min");
    Require.between("sprayM2PerMinute", sprayM2PerMinute, 0.01, 10, "m²/min");
    Require.between("flatMinutesPerM2", flatMinutesPerM2, 0, 1_000, "min/m²");
    Require.between("screenFitMinutes", screenFitMinutes, 0, 1_000, "min");
    Require.between("stripFitMinutesPerMetre", stripFitMinutesPerMetre, 0, 1_000, "min/m");
    Require.between("componentFitMinutes", componentFitMinutes, 0, 1_000, "min");
    Require.between("panelFitMinutes", panelFitMinutes, 0, 1_000, "min");
    Require.between("cablingMinutes", cablingMinutes, 0, 10_000, "min");
    Require.between("hardwareProofMinutes", hardwareProofMinutes, 0, 1_000, "min");
    Require.between("closeUpMinutes", closeUpMinutes, 0, 1_000, "min");
    Require.between("loadTestMinutes", loadTestMinutes, 0, 1_000, "min");
    Require.between("loadTestRunHours", loadTestRunHours, 0, 240, "h");
    Require.between("photographMinutes", photographMinutes, 0, 1_000, "min");
    Require.between("handOverMinutes", handOverMinutes, 0, 1_000, "min");
    Require.between("bayChangeMinutes", bayChangeMinutes, 0, 10_000, "min");
    Require.between("leakTestHours", leakTestHours, 1, 240, "h");
    Require.between("loopFillMinutes", loopFillMinutes, 0, 1_000, "min");
    Require.between("maskMinutesPerMetre", maskMinutesPerMetre, 0, 1_000, "min/m");
    Require.between("weedMinutesPerMetre", weedMinutesPerMetre, 0, 1_000, "min/m");
    Require.between("stripMinutesPerM2", stripMinutesPerM2, 0, 10_000, "min/m²");
    Require.between("rackM2", rackM2, 0.05, 100, "m²");
    Require.between("coldStartMinutes", coldStartMinutes, 0, 1_000, "min");
    Require.between("plugMinutes", plugMinutes, 0, 1_000, "min");
    Require.between("programMinutes", programMinutes, 0, 1_000, "min");
  }

  /** The values Ember Yard ships with; every screen that uses one says that it is a default. */
  public static StepTimes defaults() {
    return new StepTimes(
        60, 120, 45, 10, 15, 5, 11, 2, 5, 3, 10, 10, 30, 12, 0.25, 20, 30, 15, 15, 10, 90, 45, 20,
        30, 2, 60, 30, 90, 24, 60, 4.0, 6.0, 90.0, 1.2, 3, 4, 20);
  }
}
