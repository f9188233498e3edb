<script setup lang="ts">
import { computed } from 'vue'
import { RouterLink } from 'vue-router'
import type { Component, HeldThing } from '../api/types'
import { useBuild } from '../store/build'
import ManyOf from '../ui/ManyOf.vue'
import ThingFields from '../ui/ThingFields.vue'
import { changeAt } from '../ui/thingField'
import WhyButton from '../ui/WhyButton.vue'
import { fixed, mass } from '../units/writing'
import { FACES, FIXINGS, fixingWords } from './fitWords'

/** What keeps every placed thing where it is. */
const builds = useBuild()
const held = computed(() => builds.view!.fit.held ?? null)
const lines = computed(() =>
  (held.value?.things ?? []).flatMap((thing) => {
    const component = builds.build!.components.find((each) => each.id === thing.componentId)
    return component ? [{ thing, component }] : []
  }),
)
const loose = computed(() => lines.value.filter(({ thing }) => !thing.held).length)
const offered = (thing: HeldThing) => [
  {
    value: null,
    label:
      thing.proposed && thing.held ? `${fixingWords(thing.held)} (proposed)` : 'nobody has said',
  },
  ...FIXINGS,
]
const fields = (thing: HeldThing) => [
  { field: 'fitted.fixing.held', label: 'Held by', options: offered(thing) },
  {
    field: 'fitted.fixing.besides',
    label: 'and besides',
    options: [{ value: null, label: 'nothing' }, ...FIXINGS],
  },
  {
    field: 'fitted.fixing.against',
    label: 'On the side of its bay',
    options: FACES,
    instead: 'BOTTOM',
  },
]
const screwed = (thing: HeldThing) =>
  thing.points.length > 0 && ['POINTS', 'BRACKET', 'SCREWS'].includes(thing.held ?? '')
const points = (thing: HeldThing) => thing.points.map((value) => ({ value, label: value }))
const open = (of: Component) => of.fitted.fixing?.open ?? []
const leave = (of: Component, names: string[]) =>
  builds.edit('components', of, changeAt(of, 'fitted.fixing.open', names))
const taped = ({ fitted: { fixing } }: Component) =>
  fixing?.held === 'TAPE' || fixing?.besides === 'TAPE'
</script>

<template>
  <p v-if="!held || !lines.length" class="soft">
    Nothing has a place yet: what holds a thing is asked once it lies in a bay.
  </p>
  <div v-else class="held">
    <p class="soft">
      {{ lines.length }} things in their places,
      {{ loose ? `${loose} of them held by nothing` : 'all of them held' }}. Parts say what holds
      them under <RouterLink :to="`/builds/${builds.id}/make`">Make</RouterLink>, screens under
      Light.
    </p>
    <section
      v-for="{ thing, component } in lines"
      :key="thing.componentId"
      :aria-label="thing.name"
    >
      <div class="what">
        <h3>{{ thing.name }}{{ thing.pieces > 1 ? ` × ${thing.pieces}` : '' }}</h3>
        <p class="soft">
          in {{ thing.bay }}, <span class="mono">{{ mass(thing.massKg) }}</span>{{
            thing.warm ? ', warm' : ''
          }}
        </p>
        <p v-if="!thing.held" class="bad">nothing holds it</p>
        <p v-else-if="screwed(thing)">
          <span class="mono">{{ thing.screws }} of {{ thing.points.length }}</span> screws
        </p>
        <p v-if="taped(component)">
          <span class="mono"
            >{{ fixed(thing.tapeCm2, 1) }} of {{ fixed(thing.backCm2, 1) }} cm²</span
          >
          tape
          <WhyButton :why="thing.tapeWhy" :of="`Foam tape for ${thing.name}`" />
        </p>
      </div>
      <div class="form">
        <ThingFields kind="components" :thing="component" :fields="fields(thing)" />
        <details v-if="screwed(thing)" class="whole">
          <summary>Leave points without a screw</summary>
          <ManyOf
            legend="Points without a screw"
            :options="points(thing)"
            :model-value="open(component)"
            @update:model-value="(names: string[]) => leave(component, names)"
          />
        </details>
      </div>
    </section>
    <section v-for="hung in held.hungOn" :key="hung.bay" class="hung" aria-label="Cut away">
      <h3>“{{ hung.bay }}” is cut away</h3>
      <p>
        {{ hung.things.length ? `${hung.things.join(', ')} hung on it.` : 'Nothing hung on it.' }}
        <template v-if="hung.beside.length"> Against it: {{ hung.beside.join(', ') }}. </template>
      </p>
    </section>
  </div>
</template>

<style scoped>
.held {
  display: grid;
  gap: 10px;
}
section {
  display: grid;
  grid-template-columns: minmax(200px, 0.9fr) 3fr;
  gap: 8px 18px;
  border-top: 1px solid var(--line);
  padding-top: 8px;
}
.hung {
  grid-template-columns: 1fr;
}
h3 {
  font-size: 15px;
}
p {
  margin: 0;
}
.form {
  display: grid;
  grid-template-columns: repeat(3, minmax(0, 1fr));
  gap: 6px 14px;
  align-items: start;
}
.whole {
  grid-column: 1 / -1;
}
@media (max-width: 720px) {
  section,
  .form {
    grid-template-columns: 1fr;
  }
}
</style>
