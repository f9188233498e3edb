import type { Workshop } from '../api/types'

type Field = keyof Workshop['times']

/** Every default a step's time is made of, with its unit. */
export const STEP_TIMES: { field: Field; label: string; unit: string }[] = [
  { field: 'interviewMinutes', label: 'Interview', unit: 'min' },
  { field: 'conceptMinutes', label: 'Concept', unit: 'min' },
  { field: 'fitOnPaperMinutes', label: 'Proof on paper', unit: 'min' },
  { field: 'receiveMinutes', label: 'Open a parcel', unit: 'min' },
  { field: 'cutSetUpMinutes', label: 'Set up a cut', unit: 'min' },
  { field: 'scoreMinutesPerMetre', label: 'Score and snap', unit: 'min/m' },
  { field: 'sawMinutesPerMetre', label: 'Saw', unit: 'min/m' },
  { field: 'drillMinutesPerHole', label: 'Drill a hole', unit: 'min' },
  { field: 'filingMinutesPerMetre', label: 'File an edge', unit: 'min/m' },
  { field: 'edgeGrits', label: 'Grits on an edge', unit: '×' },
  { field: 'dryFitMinutesPerPanel', label: 'Dry fit a part', unit: 'min' },
  { field: 'washMinutes', label: 'Wash', unit: 'min' },
  { field: 'keyMinutesPerM2', label: 'Key', unit: 'min/m²' },
  { field: 'coatSetUpMinutes', label: 'Set up a coat', unit: 'min' },
  { field: 'sprayM2PerMinute', label: 'Spray', unit: 'm²/min' },
  { field: 'flatMinutesPerM2', label: 'Flat', unit: 'min/m²' },
  { field: 'screenFitMinutes', label: 'Fit a screen', unit: 'min' },
  { field: 'stripFitMinutesPerMetre', label: 'Lay a strip', unit: 'min/m' },
  { field: 'componentFitMinutes', label: 'Fit a component', unit: 'min' },
  { field: 'panelFitMinutes', label: 'Fit a panel', unit: 'min' },
  { field: 'cablingMinutes', label: 'Cables', unit: 'min' },
  { field: 'hardwareProofMinutes', label: 'Prove hardware', unit: 'min' },
  { field: 'closeUpMinutes', label: 'Close up', unit: 'min' },
  { field: 'loadTestMinutes', label: 'Set up load run', unit: 'min' },
  { field: 'loadTestRunHours', label: 'Load run', unit: 'h' },
  { field: 'photographMinutes', label: 'Photograph', unit: 'min' },
  { field: 'handOverMinutes', label: 'Hand over', unit: 'min' },
  { field: 'bayChangeMinutes', label: 'Change a bay', unit: 'min' },
  { field: 'loopFillMinutes', label: 'Lay and fill a loop', unit: 'min' },
  { field: 'leakTestHours', label: 'Leak test', unit: 'h' },
]
