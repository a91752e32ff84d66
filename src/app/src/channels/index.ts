export { default as CountMeter } from './CountMeter.vue'
export { acts, broughtWords, kinds, markOf, noChange, refusals, states } from './words'
