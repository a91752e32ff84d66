export { default as FrameView } from './FrameView.vue'
