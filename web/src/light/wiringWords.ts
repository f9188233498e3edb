/** Choices of wiring in a builder's words. */
export const INPUTS = [
  { value: 'HDMI', label: 'HDMI' },
  { value: 'MINI_HDMI', label: 'mini HDMI' },
  { value: 'DISPLAY_PORT', label: 'DisplayPort' },
  { value: 'TYPE_C', label: 'type-C' },
  { value: 'EMBEDDED', label: 'embedded header' },
  { value: 'DATA', label: 'USB data only' },
]
export const RAILS = [
  { value: 'V5', label: '5 V' },
  { value: 'V12', label: '12 V' },
]
export const POWER_FROM = [
  { value: 'USB', label: 'a USB port' },
  { value: 'SUPPLY_LEAD', label: 'a lead of the supply' },
  { value: 'BARREL', label: 'a supply of its own' },
  { value: 'HEADER', label: 'a header of the board' },
  { value: 'INPUT', label: 'the lead of its picture' },
]
export const REFUSALS = [
  { value: 'HUB', label: 'a hub' },
  { value: 'ADAPTER', label: 'an adapter' },
  { value: 'SPLITTER', label: 'a splitter' },
  { value: 'LONG_LEAD', label: 'a lead past 1 m' },
] as const
export const QUIRKS = [
  { value: 'SECOND_START', label: 'wakes only at the second start' },
  { value: 'ONE_PROGRAM', label: 'needs one certain program' },
  { value: 'STILL_ONLY', label: 'still pictures only' },
] as const
export const LINKS = [
  { value: null, label: 'no link' },
  { value: 'LEAD', label: 'lead' },
  { value: 'ADAPTER', label: 'adapter, one way' },
  { value: 'SPLITTER', label: 'splitter, one picture' },
  { value: 'HUB', label: 'hub' },
  { value: 'BREAKOUT', label: 'breakout of a header' },
]
export const PLUGS = [
  { value: 'HDMI', label: 'HDMI' },
  { value: 'MINI_HDMI', label: 'mini HDMI' },
  { value: 'DISPLAY_PORT', label: 'DisplayPort' },
  { value: 'TYPE_C', label: 'type-C' },
  { value: 'EMBEDDED', label: 'embedded display header' },
  { value: 'USB_A', label: 'USB socket' },
  { value: 'USB_B', label: 'USB device socket' },
  { value: 'USB_2_HEADER', label: 'USB 2 header, nine pins' },
  { value: 'USB_2_HALF', label: 'USB 2 header, five pins' },
  { value: 'USB_2_SINGLE', label: 'USB 2 header with one port' },
  { value: 'USB_3_HEADER', label: 'USB 3 header' },
  { value: 'TYPE_C_HEADER', label: 'type-C header' },
]
export const HELD = [
  { value: 'SCREWS', label: 'screws' },
  { value: 'TAPE', label: 'foam tape' },
  { value: 'WEDGE', label: 'a wedge' },
  { value: 'RAIL', label: 'a rail' },
] as const
export const HELD_ON = [
  { value: 'CHASSIS', label: 'the chassis' },
  { value: 'PART', label: 'a part that stays' },
  { value: 'OPENS', label: 'a pane or door that opens' },
]
export const STANDS = [
  { value: 'UPRIGHT', label: 'upright' },
  { value: 'RIGHT', label: '90° to the right' },
  { value: 'UPSIDE_DOWN', label: 'upside down' },
  { value: 'LEFT', label: '90° to the left' },
]
export const PICTURE_TURNS = [
  { value: 'NOT_AT_ALL', label: 'not at all' },
  { value: 'HALF', label: 'upside down' },
  { value: 'ANY', label: 'any quarter' },
]
export const STANDS_WORDS = { BEHIND: 'behind', IN: 'in', ON: 'on' } as const
