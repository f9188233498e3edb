<script setup lang="ts">
import Button from 'primevue/button'
import { computed } from 'vue'
import PassedOver from '../prove/PassedOver.vue'
import BuildCards from '../bench/BuildCards.vue'
import StageFrame from '../build/StageFrame.vue'
import { STOPS } from '../stops'
import { productName, stepWords } from '../finish/layerWords'
import { keptThings, ofTheWork } from './kept'
import { useBuild } from '../store/build'
import { useSession } from '../store/session'
import { useWorkshop } from '../store/workshop'
import SignMark from '../ui/SignMark.vue'
import SwatchChip from '../ui/SwatchChip.vue'
import { day, dayHere, duration } from '../ui/words'
import { exact, said } from '../units/writing'
import MoneyFigure from '../ui/MoneyFigure.vue'

/** The page that tells the build. Prints on A4. */
const builds = useBuild()
const session = useSession()
const workshop = useWorkshop()
const build = computed(() => builds.build!)
const look = computed(() => builds.view!.agreed?.frozen?.design.look ?? build.value.concept.look)
const budget = computed(() => builds.view!.budget ?? null)
const finishOf = (panelId: string) => {
  const scheme = build.value.schemes.find((each) => each.panelId === panelId)
  if (!scheme) return 'as cut'
  return scheme.layers
    .flatMap((step) => {
      const name = productName(step, workshop.book!)
      return step.op === 'PAINT' || step.op === 'CLEAR'
        ? [`${name} × ${step.coats}`]
        : step.op === 'FILM' || step.op === 'ENGRAVE'
          ? [stepWords(step, scheme.shapes, workshop.book!).toLowerCase()]
          : []
    })
    .join(', ')
}
const sheetOf = (id: string) => workshop.book!.sheets.find((each) => each.id === id)?.name ?? ''
const hours = computed(() => {
  const perStage = new Map<string, number>()
  for (const task of builds.view!.tasks) {
    if (task.log.loggedMinutes)
      perStage.set(task.task.stage, (perStage.get(task.task.stage) ?? 0) + task.log.loggedMinutes)
  }
  return STOPS.filter((stop) => perStage.has(stop.stage)).map(
    (stop) => [stop.label, perStage.get(stop.stage)!] as const,
  )
})
const logged = computed(() => hours.value.reduce((sum, [, minutes]) => sum + minutes, 0))
const photos = computed(() =>
  [...ofTheWork(build.value.photos)].sort((a, b) => a.takenAt.localeCompare(b.takenAt)),
)
const kept = computed(() => keptThings(build.value.orders))
const print = () => window.print()
const canExport = computed(() => session.owner)
</script>

<template>
  <StageFrame title="Reveal" :capabilities="['reveal', 'plan']">
    <template #actions>
      <a v-if="canExport" class="no-print" :href="`/api/builds/${builds.id}/export`" download
        >This build as a file</a
      >
      <Button class="quiet no-print" label="Print this page" @click="print" />
    </template>
    <article class="story">
      <header>
        <h2>{{ build.brief.name }}</h2>
        <p class="line">{{ build.brief.themeLine }}</p>
        <p class="soft">
          made by {{ workshop.book!.workshop.name }} for {{ build.brief.client || '—' }}
          <template v-if="build.brief.revealedOn">
            · revealed {{ day(build.brief.revealedOn) }}</template
          >
        </p>
      </header>
      <div class="palette">
        <SwatchChip v-for="c in look.palette" :key="c.name" :hex="c.hex" :name="c.name" />
      </div>
      <p v-if="look.themeWords.length" class="words">{{ look.themeWords.join(' · ') }}</p>
      <div class="columns">
        <section>
          <h3>Parts and finishes</h3>
          <ul>
            <li v-for="panel in build.panels" :key="panel.id">
              <strong>{{ panel.name }}</strong>{{ ' '
              }}<span class="mono">{{ exact(panel.widthMm) }} × {{ exact(panel.heightMm) }} mm</span
              >, {{ sheetOf(panel.sheetId) }}; {{ finishOf(panel.id) }}
            </li>
            <li v-for="screen in build.screens" :key="screen.id">
              <strong>{{ screen.name }}</strong>,
              <span class="mono">{{ screen.pixelsWide }} × {{ screen.pixelsHigh }} pixels</span>
            </li>
            <li v-for="strip in build.strips" :key="strip.id">
              <strong>{{ strip.name }}</strong>,
              <span class="mono">{{ exact(strip.lengthMm) }} mm</span>
            </li>
          </ul>
        </section>
        <section>
          <h3>Asked for</h3>
          <ul class="asked">
            <li v-for="requirement in build.requirements" :key="requirement.id">
              <SignMark
                :kind="
                  requirement.outcome === 'ANSWERED'
                    ? 'done'
                    : requirement.outcome === 'FAILED'
                      ? 'stop'
                      : 'note'
                "
              />
              <span>
                {{ said(requirement.text) }}
                <span class="soft">
                  {{ requirement.answer || requirement.outcome.toLowerCase() }}</span
                >
              </span>
            </li>
          </ul>
        </section>
        <section>
          <h3>Hours</h3>
          <table class="ledger">
            <tbody>
              <tr v-for="[stage, minutes] in hours" :key="stage">
                <td>{{ stage }}</td>
                <td class="right mono">{{ duration(minutes) }}</td>
              </tr>
            </tbody>
            <tfoot>
              <tr>
                <td>By hand</td>
                <td class="right mono">{{ duration(logged) }}</td>
              </tr>
            </tfoot>
          </table>
        </section>
        <section v-if="kept.length">
          <h3>Serials and warranties</h3>
          <ul>
            <li v-for="thing in kept" :key="thing.id">
              <strong>{{ said(thing.title) }}</strong><template v-if="thing.serial"
                >, serial <span class="mono">{{ thing.serial }}</span></template
              ><template v-if="thing.batch"
                >, batch <span class="mono">{{ thing.batch }}</span></template
              ><template v-if="thing.warrantyUntil">
                , warranty until {{ day(thing.warrantyUntil) }}</template
              >
            </li>
          </ul>
        </section>
        <section v-if="budget" class="owner">
          <h3>For the owner</h3>
          <table class="ledger">
            <tbody>
              <tr>
                <td>Cost{{ build.brief.revealedOn ? '' : ', forecast' }}</td>
                <td class="right mono"><MoneyFigure :of="budget" name="forecastMinor" /></td>
              </tr>
              <tr>
                <td>Price agreed</td>
                <td class="right mono"><MoneyFigure :of="budget" name="priceMinor" none="—" /></td>
              </tr>
              <tr>
                <td>
                  An hour earned
                  <span v-if="budget.labour.guessedMinutes" class="soft">
                    {{ duration(budget.labour.guessedMinutes) }} done without a time count as
                    planned
                  </span>
                </td>
                <td class="right mono">
                  <MoneyFigure :of="budget" name="earnedPerHourMinor" none="—" />
                </td>
              </tr>
            </tbody>
          </table>
        </section>
      </div>
      <PassedOver />
      <section v-if="photos.length">
        <h3>How it grew</h3>
        <div class="photos">
          <figure v-for="photo in photos" :key="photo.id">
            <img
              :src="`/api/pictures/${photo.sha256}`"
              :alt="photo.caption || 'Picture of the work'"
            />
            <figcaption>
              {{ photo.caption }} <span class="mono soft">{{ dayHere(photo.takenAt) }}</span>
            </figcaption>
          </figure>
        </div>
      </section>
      <p v-else class="soft no-print">No photos yet: take them on the cards at the bench.</p>
    </article>
    <section class="no-print cards">
      <h3>Cards of the reveal</h3>
      <BuildCards :stages="['REVEAL']" empty="Nothing to hand over yet." />
    </section>
  </StageFrame>
</template>

<style scoped>
.story {
  background: var(--paper);
  border: 1px solid var(--line);
  padding: 24px 30px 28px;
}
.story h2 {
  font-size: 38px;
}
.line {
  font-size: 18px;
  margin: 4px 0;
}
.palette {
  display: flex;
  flex-wrap: wrap;
  gap: 8px 22px;
  margin: 14px 0;
}
.words {
  font-family: var(--head);
  color: var(--smoke);
}
.columns {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 16px 32px;
}
ul {
  padding: 0;
  margin: 6px 0;
  list-style: none;
}
li {
  padding: 4px 0;
  border-bottom: 1px solid var(--line);
}
.asked li {
  display: flex;
  gap: 8px;
  align-items: baseline;
}
.photos {
  display: grid;
  grid-template-columns: repeat(3, 1fr);
  gap: 10px;
}
figure {
  margin: 0;
  break-inside: avoid;
}
img {
  width: 100%;
}
.cards {
  margin-top: 18px;
}
.cards h3 {
  margin-bottom: 8px;
}
@media print {
  .story {
    border: 0;
    padding: 0;
    background: none;
  }
  .owner {
    display: none;
  }
}
</style>
