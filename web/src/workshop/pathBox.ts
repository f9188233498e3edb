/** Width and height of an outline that begins at the origin: the largest corner in its path. */
export function pathBox(path: string): { w: number; h: number } {
  let w = 0
  let h = 0
  for (const [, letter, rest] of path.matchAll(/([MLA])([^MLAZ]*)/g)) {
    const numbers = rest
      .trim()
      .split(/[\s,]+/)
      .map(Number)
    const [x, y] = letter === 'A' ? numbers.slice(5) : numbers
    w = Math.max(w, x)
    h = Math.max(h, y)
  }
  return { w, h }
}
