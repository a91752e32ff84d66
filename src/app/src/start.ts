import { VueQueryPlugin } from '@tanstack/vue-query'
import { createApp } from 'vue'
import App from './App.vue'
import { queryOptions } from './api/queryOptions'
import { router } from './router'
import { vuetify } from './styles/vuetify'

createApp(App).use(router).use(vuetify).use(VueQueryPlugin, queryOptions).mount('#app')
