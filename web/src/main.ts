import { createPinia } from 'pinia'
import PrimeVue from 'primevue/config'
import { createApp } from 'vue'
import App from './App.vue'
import { router } from './router'
import './styles.css'
import { yardPreset } from './theme'
import { heedUnread } from './ui/unreadForms'

const nonce = document.querySelector<HTMLMetaElement>('meta[name=ember-style-nonce]')?.content

heedUnread()
createApp(App)
  .use(createPinia())
  .use(router)
  .use(PrimeVue, {
    theme: { preset: yardPreset, options: { darkModeSelector: '.night' } },
    csp: { nonce },
  })
  .mount('#app')
