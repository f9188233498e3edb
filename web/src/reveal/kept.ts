import type { OrderLine, Photo } from '../api/types'

/** What is kept of a bought thing for the day it breaks. */
export interface KeptThing {
  id: string
  title: string
  serial: string
  batch: string
  warrantyUntil: string | null
}

const said = (line: OrderLine, field: string) =>
  line.label.find((fact) => fact.field === field)?.words ?? ''

/** Things that were checked and of which a serial, a batch or a warranty was kept. */
export function keptThings(orders: readonly OrderLine[]): KeptThing[] {
  return orders
    .filter((line) => line.state === 'CHECKED')
    .map((line) => ({
      id: line.id,
      title: line.title,
      serial: said(line, 'serial'),
      batch: said(line, 'batch'),
      warrantyUntil: line.warrantyUntil ?? null,
    }))
    .filter((thing) => thing.serial || thing.batch || thing.warrantyUntil)
}

/** Photos of the work: those of labels and lent things are kept, and tell no story. */
export const ofTheWork = (photos: readonly Photo[]) =>
  photos.filter((photo) => !/^(order|loan):/.test(photo.taskKey))
