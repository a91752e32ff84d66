import { useQuery, useQueryClient } from '@tanstack/vue-query'
import { refDebounced } from '@vueuse/core'
import { computed, ref, watch, type Ref } from 'vue'
import { api, type Schemas, take } from '../../api'
import { useAct, useNotice } from '../../shared'
import { t } from '../texts'

export interface FormDraft {
  name: string
  lookId: number | null
  settings: Required<Schemas['SignUpSettings']>
}

const usual = (): FormDraft => ({
  name: '',
  lookId: null,
  settings: {
    shape: 'inline',
    title: t('newPostsByEmail'),
    text: '',
    button: '',
    asksName: false,
    categories: [],
    digests: [],
    consent: '',
    thanks: '',
  },
})

/** A form as it is changed, or a new one. */
function draftOf(form?: Schemas['SignUpFormView']): FormDraft {
  if (!form) return usual()
  const settings = JSON.parse(JSON.stringify(form.settings)) as Schemas['SignUpSettings']
  return { name: form.name, lookId: form.lookId, settings: { ...usual().settings, ...settings } }
}

/** How a form looks, drawn again when the hand rests. */
function useFormPreview(site: () => number, draft: Ref<FormDraft>) {
  const html = ref('')
  const settled = refDebounced(
    computed(() => JSON.stringify(draft.value)),
    250,
  )
  watch(
    settled,
    async () => {
      html.value = (
        await take(
          api.POST('/api/sites/{site}/sign-up-forms/preview', {
            params: { path: { site: site() } },
            body: draft.value,
          }),
        )
      ).html
    },
    { immediate: true },
  )
  return html
}

/** A form that asks for new posts, with how it looks. */
export function useSignUpForm(site: () => number) {
  const queries = useQueryClient()
  const { say } = useNotice()
  const act = useAct()
  const path = () => ({ site: site() })
  const list = useQuery({
    queryKey: ['sign-up-forms', site],
    queryFn: () => take(api.GET('/api/sites/{site}/sign-up-forms', { params: { path: path() } })),
  })
  const draft = ref<FormDraft>(usual())
  const html = useFormPreview(site, draft)

  /** Opens a form, or begins a new one. */
  function begin(form?: Schemas['SignUpFormView']): void {
    draft.value = draftOf(form)
    act.fields.value = {}
  }

  /** Saves, and gives the form's id; undefined when something has to be corrected. */
  async function save(id?: number): Promise<number | undefined> {
    const saved = await act.run(() =>
      id
        ? take(
            api.PUT('/api/sites/{site}/sign-up-forms/{form}', {
              params: { path: { ...path(), form: id } },
              body: draft.value,
            }),
          )
        : take(api.POST('/api/sites/{site}/sign-up-forms', { params: { path: path() }, body: draft.value })),
    )
    if (!saved) return undefined
    say(id ? t('formSaved') : t('formCreatedPasteIts'))
    await queries.invalidateQueries({ queryKey: ['sign-up-forms'] })
    return saved.id
  }

  async function remove(id: number): Promise<boolean> {
    await act.run(() =>
      take(api.DELETE('/api/sites/{site}/sign-up-forms/{form}', { params: { path: { ...path(), form: id } } })),
    )
    if (act.trouble.value) return false
    say(t('formDeletedRemoveIts'))
    await queries.invalidateQueries({ queryKey: ['sign-up-forms'] })
    return true
  }

  return { list, draft, act, html, begin, save, remove }
}
