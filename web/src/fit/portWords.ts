import type { Port } from '../api/types'

/** Plugs and slots by their names, as findings say them. */
export const PORT_WORDS: Record<Port['kind'], string> = {
  ATX_24: '24-pin board lead',
  CPU_8: '8-pin processor lead',
  GRAPHICS_8: '8-pin graphics lead',
  GRAPHICS_16: '16-pin graphics lead',
  SATA_POWER: 'SATA power',
  PERIPHERAL: 'peripheral power',
  FAN_HEADER: 'fan header',
  PUMP_HEADER: 'pump header',
  LIGHT_5V: '5 V light header',
  LIGHT_12V: '12 V light header',
  USB2_HEADER: 'USB 2 header',
  USB3_HEADER: 'USB 3 header',
  TYPE_C_HEADER: 'type-C header',
  REAR_USB: 'rear USB socket',
  EMBEDDED_DISPLAY: 'embedded display header',
  SATA_DATA: 'SATA data',
  M2: 'M.2 slot',
  SLOT: 'expansion slot',
  MEMORY_SLOT: 'memory slot',
}

export const PORTS = (Object.keys(PORT_WORDS) as Port['kind'][]).map((value) => ({
  value,
  label: PORT_WORDS[value],
}))
