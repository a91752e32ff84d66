import { computed, ref, watch } from 'vue'
import { api, type Schemas, take, upload } from '../../api'
import { useAct, useQueryValue, useSite } from '../../shared'

/** The check of one feed, by the address in the address bar, by a kept file, or by text and files given to it. */
export function useCheck() {
  const { id } = useSite()
  const url = useQueryValue('url')
  const kept = useQueryValue('check')
  const result = ref<Schemas['SiteCheckView'] | null>(null)
  const act = useAct()
  const path = () => ({ site: id.value })
  let repeat = async (): Promise<void> => {}

  async function load(read: () => Promise<Schemas['SiteCheckView']>): Promise<void> {
    repeat = () => load(read)
    result.value = (await act.run(read)) ?? null
  }

  const checkAddress = () =>
    load(() =>
      take(
        api.POST('/api/sites/{site}/feeds/checks', { params: { path: path() }, body: { url: url.value, text: null } }),
      ),
    )
  const checkText = (text: string) =>
    load(() =>
      take(api.POST('/api/sites/{site}/feeds/checks', { params: { path: path() }, body: { url: null, text } })),
    )
  const checkFile = (file: File) =>
    load(() =>
      upload('POST', `/api/sites/${id.value}/feeds/checks/document?name=${encodeURIComponent(file.name)}`, file),
    )
  const openKept = () =>
    load(() =>
      take(
        api.GET('/api/sites/{site}/feeds/checks/{check}', {
          params: { path: { ...path(), check: Number(kept.value) } },
        }),
      ),
    )

  function restart(): void {
    ;[url.value, kept.value] = ['', '']
    result.value = null
  }

  watch(
    [url, kept],
    () => {
      if (url.value) void checkAddress()
      else if (kept.value) void openKept()
    },
    { immediate: true },
  )
  return {
    id,
    url,
    result,
    act,
    /** The address the feed itself has; empty for text and files. */
    feedUrl: computed(() => result.value?.page.address ?? ''),
    again: () => repeat(),
    checkAddress,
    checkText,
    checkFile,
    restart,
  }
}
