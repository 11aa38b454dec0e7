import '@fontsource-variable/bricolage-grotesque/wght.css'
import '@fontsource-variable/figtree/wght.css'
import 'vuetify/styles/core'
import './app/tokens.css'
import './app/controls.css'
import { createPinia } from 'pinia'
import { createApp } from 'vue'
import App from './app/App.vue'
import { router } from './app/router'
import { vuetify } from './app/vuetify'

createApp(App).use(createPinia()).use(router).use(vuetify).mount('#app')
