<script setup lang="ts">
import { useRoute } from 'vue-router'
import { useShell } from '../store/shell'
import { useUndo } from '../store/undo'

/** The narrow rail: the places that belong to the whole workshop. */
const route = useRoute()
const shell = useShell()
const undoing = useUndo()
const places = [
  {
    path: '/yard',
    label: 'Yard',
    art: 'M3 7h11M14 7a3 3 0 1 0 6 0M3 15h5M8 15a3 3 0 1 0 6 0M14 15h6',
  },
  { path: '/bench', label: 'Bench', art: 'M2 8h20M5 8v12M19 8v12M5 14h14M8 8V4h5v4' },
  { path: '/stock', label: 'Stock', art: 'M4 20l4-16h12l-4 16ZM5.5 14h12M7 9h12' },
  { path: '/suppliers', label: 'Suppliers', art: 'M3 8l9-5 9 5v9l-9 5-9-5ZM3 8l9 5 9-5M12 13v9' },
]
const here = (path: string) =>
  route.path.startsWith(path) || (path === '/yard' && route.path.startsWith('/builds'))
</script>

<template>
  <nav class="rail no-print" aria-label="Workshop">
    <RouterLink to="/yard" class="mark" aria-label="Ember Yard">
      <svg width="34" height="34" viewBox="0 0 34 34" aria-hidden="true">
        <path d="M1 20h9" class="ash" />
        <path d="M24 20h9" class="rope" />
        <circle cx="17" cy="20" r="8" class="glow" />
        <circle cx="17" cy="20" r="4.5" class="core" />
      </svg>
    </RouterLink>
    <RouterLink
      v-for="place in places"
      :key="place.path"
      :to="place.path"
      class="place"
      :class="{ here: here(place.path) }"
      :aria-current="here(place.path) ? 'page' : undefined"
    >
      <svg width="22" height="22" viewBox="0 0 24 24" aria-hidden="true">
        <path :d="place.art" />
      </svg>
      <span>{{ place.label }}</span>
    </RouterLink>
    <span class="gap" />
    <button type="button" class="place" title="Ctrl+Z" @click="undoing.undo()">
      <svg width="22" height="22" viewBox="0 0 24 24" aria-hidden="true">
        <path d="M9 5 4 10l5 5M4 10h10a6 6 0 0 1 0 12h-4" />
      </svg>
      <span>Undo</span>
    </button>
    <button
      type="button"
      class="place"
      :aria-pressed="shell.night"
      @click="shell.night = !shell.night"
    >
      <svg width="22" height="22" viewBox="0 0 24 24" aria-hidden="true">
        <path d="M12 2v4M7 6h10l2 9H5ZM9 15v2a3 3 0 0 0 6 0v-2" />
      </svg>
      <span>{{ shell.night ? 'Day bench' : 'Night bench' }}</span>
    </button>
    <RouterLink
      to="/workshop"
      class="place"
      :class="{ here: here('/workshop') }"
      :aria-current="here('/workshop') ? 'page' : undefined"
    >
      <svg width="22" height="22" viewBox="0 0 24 24" aria-hidden="true">
        <path d="M3 21V10l9-6 9 6v11ZM9 21v-7h6v7" />
      </svg>
      <span>Workshop</span>
    </RouterLink>
  </nav>
</template>

<style scoped>
.rail {
  width: 76px;
  flex: none;
  background: var(--soot);
  display: flex;
  flex-direction: column;
  padding: 14px 6px 26px;
  gap: 5px;
}
.mark {
  display: grid;
  place-items: center;
  height: 52px;
  margin-bottom: 8px;
}
.mark .ash {
  stroke: var(--smoke);
  stroke-width: 3;
  stroke-dasharray: 4 2;
}
.mark .rope {
  stroke: #b49b6c;
  stroke-width: 4;
}
.mark .glow {
  fill: #f0a13a;
}
.mark .core {
  fill: #c8451b;
}
.place {
  color: #c9bfb2;
  text-decoration: none;
  display: flex;
  flex-direction: column;
  align-items: center;
  gap: 2px;
  padding: 8px 2px;
  font: inherit;
  font-size: 12px;
  text-align: center;
  border: 0;
  border-left: 3px solid transparent;
  background: none;
  cursor: pointer;
  min-height: 44px;
}
.place path {
  fill: none;
  stroke: currentColor;
  stroke-width: 1.7;
  stroke-linejoin: round;
}
.place:hover {
  color: #fff;
}
.here {
  color: #fff;
  background: #3a332d;
  border-left-color: #e2663a;
}
.gap {
  flex: 1;
}
:focus-visible {
  outline: 2px solid var(--glow);
  outline-offset: -2px;
}
@media (max-width: 640px) {
  .rail {
    flex-direction: row;
    width: 100%;
    padding: 2px 6px;
    order: 2;
  }
  .mark,
  .gap {
    display: none;
  }
  .place {
    flex: 1;
    border-left: 0;
  }
}
</style>
