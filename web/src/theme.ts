import { definePreset } from '@primeuix/themes'
import Aura from '@primeuix/themes/aura'

const ember = {
  50: '#fbeee8',
  100: '#f5d3c6',
  200: '#ebaa93',
  300: '#df7f5f',
  400: '#d35f39',
  500: '#c8451b',
  600: '#ae3914',
  700: '#8f2e10',
  800: '#70240d',
  900: '#521a09',
  950: '#340f05',
}

/** PrimeVue's parts in the colours, corners and measures of the yard; colours follow styles.css. */
export const yardPreset = definePreset(Aura, {
  primitive: {
    borderRadius: { none: '0', xs: '1px', sm: '2px', md: '2px', lg: '2px', xl: '2px' },
  },
  components: {
    datepicker: {
      panel: { borderColor: 'transparent', padding: '0' },
      date: { width: '2rem', height: '1.9rem', borderRadius: '2px' },
    },
  },
  semantic: {
    primary: ember,
    focusRing: { width: '2px', style: 'solid', color: 'var(--focus)', offset: '2px' },
    formField: { paddingX: '0.55rem', paddingY: '0.38rem', borderRadius: '2px' },
    colorScheme: {
      light: scheme(),
      dark: scheme(),
    },
  },
})

function scheme() {
  return {
    primary: {
      color: 'var(--ember)',
      contrastColor: 'var(--on-ember)',
      hoverColor: 'var(--ember-deep)',
      activeColor: 'var(--ember-deep)',
    },
    text: { color: 'var(--ink)', mutedColor: 'var(--smoke)', hoverColor: 'var(--ink)' },
    content: {
      background: 'var(--paper)',
      hoverBackground: 'var(--ash)',
      borderColor: 'var(--line)',
      color: 'var(--ink)',
    },
    overlay: {
      select: { background: 'var(--paper)', borderColor: 'var(--line)', color: 'var(--ink)' },
      popover: { background: 'var(--paper)', borderColor: 'var(--line)', color: 'var(--ink)' },
      modal: { background: 'var(--paper)', borderColor: 'var(--line)', color: 'var(--ink)' },
    },
    list: {
      option: {
        focusBackground: 'var(--kraft)',
        selectedBackground: 'var(--kraft)',
        selectedFocusBackground: 'var(--kraft)',
        color: 'var(--ink)',
        focusColor: 'var(--ink)',
        selectedColor: 'var(--ink)',
        selectedFocusColor: 'var(--ink)',
      },
    },
    formField: {
      background: 'var(--paper)',
      borderColor: 'var(--field-line)',
      hoverBorderColor: 'var(--smoke)',
      focusBorderColor: 'var(--ember)',
      color: 'var(--ink)',
      placeholderColor: 'var(--smoke)',
      shadow: 'none',
    },
  }
}
