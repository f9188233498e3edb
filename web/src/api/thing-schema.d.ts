declare module 'virtual:thing-schema' {
  import type { ThingSchema } from '../../scripts/thing-schema'
  const schema: ThingSchema
  export default schema
}
