<script setup lang="ts">
import { useElementSize, usePreferredReducedMotion } from '@vueuse/core'
import { BarChart, LineChart } from 'echarts/charts'
import { GridComponent, LegendComponent, TooltipComponent } from 'echarts/components'
import { init, use, type EChartsType } from 'echarts/core'
import { SVGRenderer } from 'echarts/renderers'
import { onBeforeUnmount, onMounted, ref, watch } from 'vue'
import { useTheme } from 'vuetify'

/** Something plotted over days: bars upon each other, and a line over them. Who cannot see it reads the table that stands below. */
use([BarChart, LineChart, GridComponent, LegendComponent, TooltipComponent, SVGRenderer])

export interface Plotted {
  name: string
  values: number[]
  /** Name of a token of our colours. */
  token: string
  isLine?: boolean
}

const props = defineProps<{ days: string[]; series: Plotted[]; words: string }>()
const place = ref<HTMLElement>()
const { width } = useElementSize(place)
const theme = useTheme()
const motion = usePreferredReducedMotion()
let chart: EChartsType | null = null
const colour = (token: string) => getComputedStyle(document.documentElement).getPropertyValue(`--${token}`).trim()

function draw(): void {
  if (!chart) return
  const [ink, soft, rule, sheet] = ['ink', 'soft', 'rule', 'sheet'].map(colour)
  const hasLine = props.series.some((series) => series.isLine)
  const axis = {
    axisLine: { lineStyle: { color: rule } },
    axisTick: { show: false },
    axisLabel: { color: soft, fontSize: 12 },
    splitLine: { lineStyle: { color: rule, type: [2, 4] } },
  }
  chart.setOption(
    {
      animation: motion.value !== 'reduce',
      textStyle: { fontFamily: 'Instrument Sans Variable, sans-serif', color: ink },
      grid: { left: 6, right: hasLine ? 6 : 10, top: 34, bottom: 4, containLabel: true },
      legend: { top: 0, left: 0, itemWidth: 14, itemHeight: 8, textStyle: { color: ink } },
      tooltip: {
        trigger: 'axis',
        backgroundColor: sheet,
        borderColor: rule,
        textStyle: { color: ink, fontSize: 13 },
        extraCssText: 'box-shadow:none;border-radius:6px',
      },
      xAxis: { type: 'category', data: props.days, ...axis, splitLine: { show: false } },
      yAxis: [
        { type: 'value', minInterval: 1, ...axis },
        ...(hasLine ? [{ type: 'value', minInterval: 1, ...axis, splitLine: { show: false } }] : []),
      ],
      series: props.series.map((one) =>
        one.isLine
          ? {
              name: one.name,
              type: 'line',
              yAxisIndex: 1,
              data: one.values,
              showSymbol: false,
              lineStyle: { width: 2, color: colour(one.token) },
              itemStyle: { color: colour(one.token) },
            }
          : {
              name: one.name,
              type: 'bar',
              stack: 'all',
              data: one.values,
              barMaxWidth: 22,
              itemStyle: { color: colour(one.token) },
            },
      ),
    },
    { notMerge: true },
  )
}

onMounted(() => {
  chart = init(place.value!, undefined, { renderer: 'svg' })
  draw()
})
watch([() => props.series, () => props.days, theme.name], () => setTimeout(draw))
watch(width, () => chart?.resize())
onBeforeUnmount(() => chart?.dispose())
</script>

<template>
  <div ref="place" class="plot" role="img" :aria-label="props.words" />
</template>

<style scoped>
.plot {
  width: 100%;
  height: 320px;
}
</style>
