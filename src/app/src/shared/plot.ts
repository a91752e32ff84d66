import { defineAsyncComponent } from 'vue'

/** A plot by days; what draws it is large and comes when it is needed. */
export const PlotFigure = /* #__PURE__ */ defineAsyncComponent(() => import('./PlotFigure.vue'))
