<script setup lang="ts">
import { computed, nextTick, ref, watch } from 'vue'
import type { RackThing } from '../../api/types'
import { useWorkshop } from '../../store/workshop'
import ColourWall from './ColourWall.vue'
import DrawerGrid from './DrawerGrid.vue'
import RackDetail from './RackDetail.vue'
import RollRow from './RollRow.vue'
import RunsShort from './RunsShort.vue'
import SheetRack from './SheetRack.vue'
import { shortOf, there, useRack } from './useRack'

/** The rack as it stands, against what all builds still want of it. */
const workshop = useWorkshop()
const { rack, of } = useRack()
const paints = of('paints')
const sheets = of('sheets')
const films = of('films')
const filaments = of('filaments')
const drawers = of('sundries')
const notes = computed(() => shortOf(rack.value?.things ?? []))
const chosenId = ref('')
const key = (thing: RackThing) => `${thing.kind}/${thing.id}`
/** What runs short first is looked at; it stays under the hand though it is short no more. */
watch(notes, ([first]) => {
  if (!chosenId.value && first) chosenId.value = key(first.thing)
})
const chosen = computed(() =>
  (rack.value?.things ?? []).find((thing) => key(thing) === chosenId.value),
)
/** What was chosen is shown, wherever on the page it lies. */
async function choose(thing: RackThing) {
  chosenId.value = key(thing)
  await nextTick()
  detail.value?.$el.scrollIntoView({ block: 'nearest' })
}
const detail = ref<InstanceType<typeof RackDetail> | null>(null)
const idOf = (kind: RackThing['kind']) => (chosen.value?.kind === kind ? chosen.value.id : '')
</script>

<template>
  <div v-if="rack" class="rack">
    <div>
      <h2>Colours <span>what is in the cans, and (line) what all builds still want of it</span></h2>
      <ColourWall :things="paints.filter(there)" :chosen="idOf('paints')" @choose="choose" />
      <h2>Sheets and offcuts <span>to one scale</span></h2>
      <SheetRack
        :things="sheets"
        :offcuts="workshop.book!.offcuts"
        :today="rack!.today"
        :chosen="idOf('sheets')"
        @choose="choose"
      />
      <div class="two">
        <div>
          <h2>Film and filament <span>disc: here, ring: wanted</span></h2>
          <RollRow
            :things="[...films, ...filaments]"
            :chosen="idOf('films') || idOf('filaments')"
            @choose="choose"
          />
        </div>
        <div>
          <h2>Drawers <span>here / wanted by all builds</span></h2>
          <DrawerGrid :things="drawers" :chosen="idOf('sundries')" @choose="choose" />
        </div>
      </div>
      <RackDetail
        v-if="chosen"
        ref="detail"
        :key="key(chosen)"
        :thing="chosen"
        :today="rack!.today"
        @made="(id) => (chosenId = `sundries/${id}`)"
      />
    </div>
    <RunsShort :notes="notes" @choose="choose" />
  </div>
</template>

<style scoped>
.rack {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 250px;
  gap: 22px;
  align-items: start;
  margin-top: 8px;
}
h2 {
  font-size: 17px;
  margin-top: 16px;
}
h2 span {
  font-family: var(--text);
  font-size: 13px;
  font-weight: 400;
  color: var(--smoke);
  margin-left: 8px;
}
.two {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 22px;
}
@media (max-width: 900px) {
  .rack,
  .two {
    grid-template-columns: minmax(0, 1fr);
  }
  /* what has to be done comes first where one scrolls */
  .rack > :last-child {
    order: -1;
  }
}
</style>
