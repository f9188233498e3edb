import type { Component } from '../api/types'

/** A component of which only the name is known. */
export function newComponent(
  name: string,
  source: Component['source'],
  supplierId: string,
): Omit<Component, 'id'> {
  return {
    name,
    kind: 'OTHER',
    quantity: 1,
    source,
    forLook: false,
    priceMinor: 0,
    supplierId,
    leadDays: -1,
    massKg: 0,
    peakWatts: 0,
    supplyWatts: 0,
    hdmiOutputs: 0,
    displayPortOutputs: 0,
    typeCOutputs: 0,
    lightHeaders: 0,
    counting: 'AGREED',
    productId: '',
    attributes: '',
    fitted: { coolsId: '', openingId: '', fixing: { open: [] } },
  }
}
