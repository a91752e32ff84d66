export { default as ColourLines } from './styles/ColourLines.vue'
export { default as MatchDialog } from './styles/MatchDialog.vue'
export { usePageLook } from './styles/usePageLook'
export { wholeLook } from './styles/wholeLook'
