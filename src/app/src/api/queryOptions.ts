import type { VueQueryPluginOptions } from '@tanstack/vue-query'
import { Problem } from './problem'

/** A refusal will not get better by asking again; a broken connection may. */
export const queryOptions: VueQueryPluginOptions = {
  queryClientConfig: {
    defaultOptions: {
      queries: {
        staleTime: 5_000,
        retry: (count, reason) => !(reason instanceof Problem) && count < 2,
      },
    },
  },
}
