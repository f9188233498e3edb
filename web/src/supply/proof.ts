import type { OrderedLine } from '../api/types'
import { day } from '../ui/words'

/** When a thing that may have to go back is shown to work; nothing for what is new. */
export function proofWords(proof: OrderedLine['proof']): { words: string; late: boolean } | null {
  if (!proof) return null
  if (proof.passed) return { words: 'proven', late: false }
  const planned = proof.plannedOn ? `, planned for ${day(proof.plannedOn)}` : ''
  if (!proof.by) return { words: `to be proven${planned}`, late: false }
  const late = !!proof.plannedOn && proof.plannedOn > proof.by
  return { words: `to be proven by ${day(proof.by)}${planned}`, late }
}
