<script setup lang="ts">
import Button from 'primevue/button'
import { computed } from 'vue'
import type { AirDay } from '../api/types'
import { useBuild } from '../store/build'
import { useSession } from '../store/session'
import { useWorkshop } from '../store/workshop'
import MeasureField from '../ui/MeasureField.vue'
import { day, plain, weekday } from '../ui/words'
import { daysFrom, dewPointC, noSpray, solventFactor } from './airWords'
import { exact, fixed } from '../units/writing'

/** Ten days of air: typed, read or measured; what it does to drying, and what is sprayed that day. */
const emit = defineEmits<{ forget: [id: string] }>()
const builds = useBuild()
const session = useSession()
const workshop = useWorkshop()
const room = computed(() => workshop.book!.workshop.room)
const rows = computed(() =>
  daysFrom(builds.view!.now.slice(0, 10), 10).map((date) => {
    const air = workshop.book!.airs.find((each) => each.date === date)
    const { temperatureC, humidityPercent } = air ?? room.value
    const coats = builds.view!.finishTasks.filter(
      (t) => t.task.station === 'SPRAY_CORNER' && t.planned?.start.slice(0, 10) === date,
    )
    return {
      date,
      air,
      temperatureC,
      humidityPercent,
      factor: solventFactor(temperatureC, humidityPercent),
      dew: dewPointC(temperatureC, humidityPercent),
      refused: noSpray(temperatureC, humidityPercent),
      coats: coats.length,
    }
  }),
)
function put(date: string, change: Partial<AirDay>) {
  const row = rows.value.find((each) => each.date === date)!
  const now: AirDay = row.air ?? {
    id: date,
    date,
    temperatureC: row.temperatureC,
    humidityPercent: row.humidityPercent,
    source: 'TYPED',
  }
  workshop.edit('airs', now, { ...change, source: 'TYPED' })
}
</script>

<template>
  <table class="ledger week">
    <thead>
      <tr>
        <th>Day</th>
        <th class="right">temperature</th>
        <th class="right">humidity</th>
        <th class="right">dew point</th>
        <th class="right">solvent dries</th>
        <th>spraying</th>
        <th class="right">coats of this build</th>
        <th>from</th>
        <th><span class="visually-hidden">Forget</span></th>
      </tr>
    </thead>
    <tbody>
      <tr v-for="row in rows" :key="row.date" :class="{ shut: row.refused }">
        <td>{{ weekday(row.date) }}</td>
        <td class="right number">
          <MeasureField
            v-if="session.owner"
            hide-label
            :label="`Temperature on ${day(row.date)}`"
            unit="°C"
            :model-value="row.temperatureC"
            :problem="workshop.problem('airs', row.date, 'temperatureC')"
            @update:model-value="(v) => v !== null && put(row.date, { temperatureC: v })"
          />
          <span v-else class="mono">{{ exact(row.temperatureC) }} °C</span>
        </td>
        <td class="right number">
          <MeasureField
            v-if="session.owner"
            hide-label
            :label="`Humidity on ${day(row.date)}`"
            unit="%"
            :model-value="row.humidityPercent"
            :problem="workshop.problem('airs', row.date, 'humidityPercent')"
            @update:model-value="(v) => v !== null && put(row.date, { humidityPercent: v })"
          />
          <span v-else class="mono">{{ exact(row.humidityPercent) }} %</span>
        </td>
        <td class="right mono">{{ fixed(row.dew, 1) }} °C</td>
        <td class="right mono">× {{ fixed(row.factor, 2) }}</td>
        <td>{{ row.refused ? `no: ${row.refused}` : 'yes' }}</td>
        <td class="right mono">{{ row.coats || '—' }}</td>
        <td class="soft">{{ row.air ? plain(row.air.source) : 'usual' }}</td>
        <td>
          <Button
            v-if="session.owner && row.air"
            class="bare"
            size="small"
            label="As usual"
            :aria-label="`${day(row.date)} as usual`"
            @click="emit('forget', row.date)"
          />
        </td>
      </tr>
    </tbody>
  </table>
</template>

<style scoped>
.number {
  width: 118px;
}
.shut td {
  background: color-mix(in srgb, var(--madder) 8%, transparent);
}
td {
  padding-top: 1px;
  padding-bottom: 1px;
}
.number :deep(input) {
  height: 30px;
}
</style>
