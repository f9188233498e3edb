import { readFileSync } from 'node:fs'
import type { Plugin } from 'vite'

type Json = Record<string, unknown>

/** What forms need to know of one field, from the OpenAPI document. */
export interface FieldFacts {
  type: 'number' | 'integer' | 'boolean' | 'string' | 'list' | 'record'
  /** May be left empty. */
  nullable: boolean
  /** Name of the record, or of the records in the list. */
  record?: string
  /** Words a choice may have. */
  values?: string[]
  format?: string
  minimum?: number
  maximum?: number
}

export interface ThingSchema {
  /** Per word of an address ("panels"): its record, and whether it belongs to a build. */
  kinds: Record<string, { record: string; ofBuild: boolean }>
  records: Record<string, Record<string, FieldFacts>>
}

const nameOf = (reference: unknown) => String(reference).split('/').pop()!

function factsOf(property: Json): FieldFacts {
  const choices = (property.anyOf as Json[] | undefined)?.filter((each) => each.type !== 'null')
  if (choices) return { ...factsOf(choices[0]), nullable: true }
  if (property.$ref) return { type: 'record', record: nameOf(property.$ref), nullable: false }
  const types = [property.type].flat() as string[]
  const type = types.find((each) => each !== 'null')
  const items = property.items as Json | undefined
  return {
    type: type === 'array' ? 'list' : ((type ?? 'string') as FieldFacts['type']),
    nullable: types.includes('null'),
    record: items?.$ref ? nameOf(items.$ref) : undefined,
    values: property.enum as string[] | undefined,
    format: property.format as string | undefined,
    minimum: property.minimum as number | undefined,
    maximum: property.maximum as number | undefined,
  }
}

/** The records of all kinds that people enter, and what lies in them. */
export function thingSchema(document: Json): ThingSchema {
  const schemas = (document.components as { schemas: Record<string, Json> }).schemas
  const schema: ThingSchema = { kinds: {}, records: {} }
  const note = (record: string) => {
    if (schema.records[record] || !schemas[record]?.properties) return
    const fields: Record<string, FieldFacts> = (schema.records[record] = {})
    for (const [field, property] of Object.entries(schemas[record].properties as Json)) {
      fields[field] = factsOf(property as Json)
      if (fields[field].record) note(fields[field].record!)
    }
  }
  for (const [path, operations] of Object.entries(document.paths as Record<string, Json>)) {
    const kind = /^\/api\/(builds\/\{buildId\}|workshop)\/([a-z-]+)\/\{id\}$/.exec(path)
    const put = operations.put as { requestBody?: { content: Json } } | undefined
    if (!kind || !put?.requestBody) continue
    const body = put.requestBody.content['application/json'] as { schema: Json }
    const record = nameOf(body.schema.$ref)
    schema.kinds[kind[2]] = { record, ofBuild: kind[1] !== 'workshop' }
    note(record)
  }
  return schema
}

/** `import schema from 'virtual:thing-schema'`: made anew from the document with every build. */
export function thingSchemaPlugin(): Plugin {
  const id = 'virtual:thing-schema'
  return {
    name: 'thing-schema',
    resolveId: (asked) => (asked === id ? '\0' + id : undefined),
    load(asked) {
      if (asked !== '\0' + id) return
      const file = new URL('../openapi.json', import.meta.url)
      return 'export default ' + JSON.stringify(thingSchema(JSON.parse(readFileSync(file, 'utf8'))))
    },
  }
}
