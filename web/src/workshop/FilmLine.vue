<script setup lang="ts">
import type { FilmProduct } from '../api/types'
import { count } from '../ui/words'
import ThingFields from '../ui/ThingFields.vue'
import StockLine from './StockLine.vue'

/** A film on a roll. */
defineProps<{ thing: FilmProduct }>()
const FILM = [
  'gloss',
  'rollWidthMm',
  { field: 'pricePerMetreMinor', label: 'Price a metre' },
  { field: 'onHandMetres', label: 'On the shelf', unit: 'm' },
]
</script>

<template>
  <StockLine
    kind="films"
    :thing="thing"
    detail="film"
    :empty="{ onHandMetres: 0 }"
    :on-hand="count(thing.onHandMetres, 'm')"
  >
    <ThingFields kind="films" :thing="thing" :fields="FILM" />
    <span />
  </StockLine>
</template>
