import { useMarks } from '../store/workshop'
import { said } from '../units/marks'

/** Says a sentence of the server with the workshop's marks. */
export function useSaid() {
  const marks = useMarks()
  return (sentence: string | null | undefined) => said(sentence ?? '', marks.value)
}
