<script setup lang="ts">
import Button from 'primevue/button'
import { computed, ref } from 'vue'
import type { Joint } from '../api/types'
import PickList from '../build/PickList.vue'
import { useBuild } from '../store/build'
import PartMini from './PartMini.vue'
import ThingFields from '../ui/ThingFields.vue'

/** Where parts meet: one pattern, cut into all of them. */
const builds = useBuild()
const picked = ref<string | null>(null)
const joints = computed(() => builds.build!.joints)
const joint = computed(() => joints.value.find((j) => j.id === picked.value) ?? joints.value[0])
const part = (id: string) => builds.view!.parts.find((each) => each.panel.id === id)
const KINDS = [
  { value: 'HOLES', label: 'shared holes' },
  { value: 'TAB_AND_SLOT', label: 'tabs and slots' },
  { value: 'FINGERS', label: 'fingers' },
] as const
const words = (kind: Joint['kind']) => KINDS.find((each) => each.value === kind)!.label
const items = computed(() =>
  joints.value.map((j) => ({ id: j.id, name: j.name, detail: words(j.kind) })),
)
const edit = (change: Partial<Joint>) => builds.edit('joints', joint.value, change)
const JOINT = ['name', { field: 'kind', label: 'They meet by', options: KINDS }]
const SEAM = [
  { field: 'lengthMm', label: 'Seam' },
  { field: 'count', label: 'Tabs or fingers' },
]
const POINT = [
  { field: 'xMm', label: 'Along' },
  { field: 'yMm', label: 'Across' },
]
const END = [
  { field: 'xMm', label: 'From left' },
  { field: 'yMm', label: 'From below' },
  { field: 'turnDegrees', label: 'Turned' },
]
const SLOTS = computed(() => ({
  field: 'slots',
  label: joint.value.kind === 'FINGERS' ? 'begins with a gap' : 'takes the tabs',
}))
function add() {
  const two = builds.build!.panels.slice(0, 2)
  picked.value = builds.add('joints', {
    name: 'New joint',
    kind: 'HOLES',
    points: [
      { xMm: 0, yMm: 0 },
      { xMm: 40, yMm: 0 },
    ],
    diameterMm: 3.2,
    lengthMm: 60,
    count: 2,
    tight: true,
    ends: two.map((p, index) => ({
      panelId: p.id,
      xMm: 20,
      yMm: 20,
      turnDegrees: 0,
      slots: index === 1,
    })),
  } satisfies Omit<Joint, 'id'>)
}
defineExpose({ add })
function addEnd() {
  const panelId = builds.build!.panels.find(
    (p) => !joint.value.ends.some((each) => each.panelId === p.id),
  )?.id
  if (!panelId) return
  const more = { panelId, xMm: 20, yMm: 20, turnDegrees: 0, slots: joint.value.ends.length > 0 }
  edit({ ends: [...joint.value.ends, more] })
}
function addPoint() {
  const last = joint.value.points.at(-1) ?? { xMm: -40, yMm: 0 }
  edit({ points: [...joint.value.points, { xMm: last.xMm + 40, yMm: last.yMm }] })
}
</script>

<template>
  <p class="row bar">
    <span class="soft">
      a pattern belongs to the joint, not to the part: both are cut from one
    </span>
    <span class="grow" />
    <Button class="quiet" size="small" label="Add a joint" @click="add" />
  </p>
  <p v-if="!joint" class="soft">
    No joint yet. Holes that must line up, tabs and their slots, fingers: drawn once, cut into both
    parts, fitted to the thickness by caliper.
  </p>
  <template v-else>
    <PickList label="Joints" :items="items" :picked="joint.id" @pick="picked = $event" />
    <div class="bench">
      <section class="ends">
        <article v-for="(each, index) in joint.ends" :key="each.panelId + index">
          <PartMini
            v-if="part(each.panelId)?.model"
            :part="part(each.panelId)!"
            :mark="'joint:' + joint.id"
          />
          <ThingFields
            kind="joints"
            :thing="joint"
            :within="`ends.${index}`"
            :fields="[{ field: 'panelId', label: 'Part' }]"
          />
          <div class="trio">
            <ThingFields
              kind="joints"
              :thing="joint"
              :within="`ends.${index}`"
              given
              :fields="END"
            />
          </div>
          <p class="row">
            <ThingFields
              v-if="joint.kind !== 'HOLES'"
              kind="joints"
              :thing="joint"
              :within="`ends.${index}`"
              :fields="[SLOTS]"
            />
            <Button
              class="bare"
              size="small"
              label="Not at this joint"
              @click="edit({ ends: joint.ends.filter((_, i) => i !== index) })"
            />
          </p>
        </article>
        <Button class="quiet" size="small" label="Add a part" @click="addEnd" />
      </section>
      <section class="form">
        <ThingFields kind="joints" :thing="joint" :fields="JOINT" />
        <template v-if="joint.kind === 'HOLES'">
          <ThingFields kind="joints" :thing="joint" given :fields="['diameterMm']" />
          <div v-for="(_, index) in joint.points" :key="index" class="trio">
            <ThingFields kind="joints" :thing="joint" :within="`points.${index}`" :fields="POINT" />
            <Button
              class="bare"
              size="small"
              :label="`Remove hole ${index + 1}`"
              @click="edit({ points: joint.points.filter((_, i) => i !== index) })"
            />
          </div>
          <Button class="quiet" size="small" label="Add a hole" @click="addPoint" />
        </template>
        <template v-else>
          <div class="trio">
            <ThingFields kind="joints" :thing="joint" given :fields="SEAM" />
          </div>
          <ThingFields
            kind="joints"
            :thing="joint"
            :fields="[{ field: 'tight', label: 'pressed in (else sliding)' }]"
          />
          <p class="soft">
            Slots are cut to the other part’s measured thickness − 0.05 mm, or + 0.1 mm sliding.
          </p>
        </template>
        <Button
          class="bare"
          size="small"
          :label="`Remove ${joint.name}`"
          @click="builds.remove('joints', joint.id)"
        />
      </section>
    </div>
  </template>
</template>

<style scoped>
.bar {
  align-items: center;
  margin: 0 0 8px;
}
.bench {
  display: grid;
  grid-template-columns: 1fr 292px;
  gap: 22px;
}
.ends {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(260px, 1fr));
  gap: 18px;
  align-content: start;
}
article {
  border-top: 2px solid var(--ink);
  padding-top: 8px;
}
.form {
  display: grid;
  gap: 8px;
  align-content: start;
}
.trio {
  display: grid;
  grid-template-columns: repeat(3, 1fr);
  gap: 6px;
  align-items: end;
}
@media (max-width: 640px) {
  .bench {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
