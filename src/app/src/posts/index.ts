export { default as PostFindings } from './PostFindings.vue'
