export { default as PostLayer } from './settings/PostLayer.vue'
export { useWaitingNotice } from './useWaitingNotice'
