import { createPinia } from 'pinia'
import PrimeVue from 'primevue/config'
import { createApp } from 'vue'
import App from './App.vue'
import { router } from './router'
import './styles.css'
import { yardPreset } from './theme'

const nonce = document.querySelector<HTMLMetaElement>('meta[name=ember-style-nonce]')?.content

createApp(App)
  .use(createPinia())
  .use(router)
  .use(PrimeVue, {
    theme: { preset: yardPreset, options: { darkModeSelector: '.night' } },
    csp: { nonce },
  })
  .mount('#app')
