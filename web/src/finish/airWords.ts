/** Days from one on, as ISO dates. */
export function daysFrom(date: string, count: number): string[] {
  const first = Date.parse(`${date}T00:00:00Z`)
  return Array.from({ length: count }, (_, n) =>
    new Date(first + n * 864e5).toISOString().slice(0, 10),
  )
}
/**
 * Drying beside 20 °C and 50 % for the screen while it is typed: 2^((20 − T)/10) × (1 + 0.6 ×
 * max(0, RH − 50)/100), solvent. The plan's own numbers come from the server.
 */
export function solventFactor(temperatureC: number, humidityPercent: number): number {
  return 2 ** ((20 - temperatureC) / 10) * (1 + (0.6 * Math.max(0, humidityPercent - 50)) / 100)
}
/** Magnus formula, as the core has it. */
export function dewPointC(temperatureC: number, humidityPercent: number): number {
  const gamma = Math.log(humidityPercent / 100) + (17.625 * temperatureC) / (243.04 + temperatureC)
  return (243.04 * gamma) / (17.625 - gamma)
}
/** Why one may not spray, empty where one may. */
export function noSpray(temperatureC: number, humidityPercent: number): string {
  if (humidityPercent > 85) return 'over 85 %'
  if (temperatureC < 10) return 'under 10 °C'
  if (temperatureC > 32) return 'over 32 °C'
  return temperatureC - dewPointC(temperatureC, humidityPercent) < 3 ? 'dew point too near' : ''
}
