import { computed, ref, watch } from 'vue'
import { api, type Schemas, take, upload } from '../../api'
import { useAct, useQueryValue, useSite } from '../../shared'

type Check = Schemas['SiteCheckView']

/** The ways in which a feed comes to be checked, each a request. */
function requests(site: () => number) {
  const path = () => ({ path: { site: site() } })
  const ask = (body: Schemas['SiteCheckRequest']) =>
    take(api.POST('/api/sites/{site}/feeds/checks', { params: path(), body }))
  return {
    address: (url: string) => ask({ url, text: null }),
    text: (text: string) => ask({ url: null, text }),
    file: (file: File) =>
      upload<Check>('POST', `/api/sites/${site()}/feeds/checks/document?name=${encodeURIComponent(file.name)}`, file),
    kept: (check: number) =>
      take(api.GET('/api/sites/{site}/feeds/checks/{check}', { params: { path: { site: site(), check } } })),
  }
}

/** The check of one feed, by the address in the address bar, by a kept file, or by text and files given to it. */
export function useCheck() {
  const { id } = useSite()
  const url = useQueryValue('url')
  const kept = useQueryValue('check')
  const result = ref<Check | null>(null)
  const act = useAct()
  const request = requests(() => id.value)
  let again = async (): Promise<void> => {}

  async function load(read: () => Promise<Check>): Promise<void> {
    again = () => load(read)
    result.value = (await act.run(read)) ?? null
  }
  const checkAddress = () => load(() => request.address(url.value))

  function restart(): void {
    ;[url.value, kept.value] = ['', '']
    result.value = null
  }

  watch(
    [url, kept],
    () => {
      if (url.value) void checkAddress()
      else if (kept.value) void load(() => request.kept(Number(kept.value)))
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
    again: () => again(),
    checkAddress,
    checkText: (text: string) => load(() => request.text(text)),
    checkFile: (file: File) => load(() => request.file(file)),
    restart,
  }
}
