/** One stroke, area or line of letters, as the server draws it: mm, y downwards. */
export interface PictureMark {
  path: string
  words: string
  xMm: number
  yMm: number
  capitalMm: number
  lengthMm: number
  anchor: 'START' | 'MIDDLE' | 'END'
  hex: string
  strokeMm: number
}
/** What one page paints. */
export interface ScreenPicture {
  /** Whether its link opens anything. */
  open: boolean
  name: string
  viewXMm: number
  viewYMm: number
  widthMm: number
  heightMm: number
  /** Clockwise, where software can't turn the screen. */
  turnDegrees: number
  groundHex: string
  marks: PictureMark[]
}

const SVG = 'http://www.w3.org/2000/svg'
/** Letters are 0.7 of their size high. */
const SIZE = 1 / 0.7

function element(name: string, attributes: Record<string, string | number>) {
  const made = document.createElementNS(SVG, name)
  Object.entries(attributes).forEach(([key, value]) => made.setAttribute(key, String(value)))
  return made
}

function drawn(mark: PictureMark): SVGElement {
  if (!mark.words) {
    const lined = mark.strokeMm > 0
    return element('path', {
      d: mark.path,
      transform: `translate(${mark.xMm} ${mark.yMm})`,
      fill: lined ? 'none' : mark.hex,
      ...(lined
        ? { stroke: mark.hex, 'stroke-width': mark.strokeMm, 'stroke-linejoin': 'round' }
        : {}),
    })
  }
  const letters = element('text', {
    x: mark.xMm,
    y: mark.yMm,
    'font-size': mark.capitalMm * SIZE,
    textLength: mark.lengthMm,
    lengthAdjust: 'spacingAndGlyphs',
    'text-anchor': mark.anchor.toLowerCase(),
    fill: mark.hex,
  })
  letters.textContent = mark.words
  return letters
}

/** Turns a view about its corner so that it lies in the first quarter again. */
function turned({ turnDegrees, widthMm, heightMm }: ScreenPicture): string {
  if (turnDegrees === 90) return `translate(${heightMm} 0) rotate(90)`
  if (turnDegrees === 180) return `translate(${widthMm} ${heightMm}) rotate(180)`
  if (turnDegrees === 270) return `translate(0 ${widthMm}) rotate(270)`
  return ''
}

/** The picture as SVG that fills its page. */
export function painted(picture: ScreenPicture): SVGElement {
  const side = picture.turnDegrees % 180 !== 0
  const wide = side ? picture.heightMm : picture.widthMm
  const high = side ? picture.widthMm : picture.heightMm
  const svg = element('svg', { viewBox: `0 0 ${wide} ${high}`, role: 'img' })
  svg.setAttribute('aria-label', picture.name)
  const all = element('g', {
    transform: `${turned(picture)} translate(${-picture.viewXMm} ${-picture.viewYMm})`.trim(),
  })
  all.append(...picture.marks.map(drawn))
  svg.append(all)
  return svg
}
