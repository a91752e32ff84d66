import { computed, ref, type Ref } from 'vue'
import type { BuiltListing } from '../useListing'
import { useLooks } from './useLooks'
import { useSharedLook } from './useSharedLook'
import type { WholeLook } from './wholeLook'

/** What the builder does with the look of a listing. */
export type ListingLooks = ReturnType<typeof useListingLook>

/** The look of a listing: its own, which is saved with it, or one that listings share, which is changed only after somebody says so. */
export function useListingLook(site: () => number, listing: Ref<BuiltListing | null>, changed: () => void) {
  const { looks, add, save, remove, act } = useLooks(site)
  const changing = ref(false)
  const all = computed(() => looks.value ?? [])
  const chosen = computed({
    get: () => listing.value?.lookId ?? null,
    set: (id: number | null) => {
      changing.value = false
      listing.value!.lookId = id
    },
  })
  const current = computed(() => all.value.find((look) => look.id === chosen.value))
  const shared = useSharedLook(current, changing, async ({ id, name }, value) => {
    const saved = await save(id, name, value)
    if (saved) changed()
    return saved !== undefined
  })
  const look = computed(() => (chosen.value === null ? listing.value!.definition.look : shared.value))
  const mayChange = computed(() => chosen.value === null || changing.value)

  function replace(value: WholeLook): void {
    if (chosen.value === null) listing.value!.definition.look = value
    else shared.value = value
  }

  /** Makes the look this listing's own, as it is. */
  function detach(): void {
    listing.value!.definition.look = JSON.parse(JSON.stringify(shared.value)) as WholeLook
    chosen.value = null
  }

  async function share(name: string): Promise<boolean> {
    const made = await add(name, look.value)
    if (made) chosen.value = made.id
    return made !== undefined
  }

  async function removeShared(): Promise<void> {
    const id = chosen.value!
    detach()
    await remove(id)
  }

  return { all, chosen, changing, mayChange, look, replace, detach, share, remove: removeShared, fields: act.fields }
}
