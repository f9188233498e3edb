/** A name for a colour that may be typed instead of its code. */
export interface NamedColour {
  name: string
  hex: string
}

/**
 * Reads a colour: six or three digits, with `#` or without, or a name of the palette.
 *
 * `1a1a1a` → `#1A1A1A` · `#e84` → `#EE8844` · `Fog grey` → the palette's. Null where it is none.
 */
export function readColour(text: string, palette: readonly NamedColour[] = []): string | null {
  const line = text.trim().toLowerCase()
  const named = palette.find((colour) => colour.name.trim().toLowerCase() === line)
  if (named) return named.hex.toUpperCase()
  const digits = line.match(/^#?\s*([0-9a-f]{6}|[0-9a-f]{3})$/)?.[1]
  if (!digits) return null
  const six = digits.length === 6 ? digits : [...digits].map((digit) => digit + digit).join('')
  return '#' + six.toUpperCase()
}
