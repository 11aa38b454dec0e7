import '@fontsource-variable/bricolage-grotesque/wght.css'
import '../app/tokens.css'
import './phone.css'
import { createApp } from 'vue'
import PhoneApp from './PhoneApp.vue'

createApp(PhoneApp).mount('#phone')
