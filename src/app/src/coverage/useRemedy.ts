import { useQueryClient } from '@tanstack/vue-query'
import { computed } from 'vue'
import { api, type Schemas, take } from '../api'
import { useChangeOfPosts, useNotice } from '../shared'
import { t } from './texts'

type Mark = { siteId: number; row: Schemas['CoverageRow']; place: Schemas['PlaceView']; cell: Schemas['CellView'] }
type Remedy = { name: string; act: () => Promise<unknown> }

/** What can be done at once about a mark, with the way back. */
export function useRemedy(mark: Mark) {
  const queries = useQueryClient()
  const { say } = useNotice()
  const changes = useChangeOfPosts(() => mark.siteId)
  const { run } = changes.act
  const onPost = (change: Pick<Schemas['BulkRequest'], 'kind' | 'isOn'>, done: string) =>
    changes.make({ ...change, posts: [mark.row.postId], found: null }, () => done)

  // The listing itself changes, so what it was is kept for the way back.
  async function onListing(
    change: (definition: Schemas['ListingDefinition']) => Schemas['ListingDefinition'],
    done: (name: string) => string,
  ): Promise<void> {
    const path = { site: mark.siteId, listing: mark.place.listingId! }
    await run(async () => {
      const found = await take(api.GET('/api/sites/{site}/listings/{listing}', { params: { path } }))
      const save = async (definition: Schemas['ListingDefinition']) => {
        await take(
          api.PUT('/api/sites/{site}/listings/{listing}', {
            params: { path },
            body: { name: found.name, pageAddress: found.pageAddress, definition },
          }),
        )
        await queries.invalidateQueries({ queryKey: ['coverage'] })
      }
      await save(change(found.definition))
      say(done(found.name), () => save(found.definition))
    })
  }

  async function retry(): Promise<void> {
    const done = await run(() =>
      take(
        api.POST('/api/sites/{site}/channels/mail/{post}/retry', {
          params: { path: { site: mark.siteId, post: mark.row.postId } },
        }),
      ),
    )
    if (done) say(t('retryingCountEmails', { count: done.count }))
    await queries.invalidateQueries({ queryKey: ['coverage'] })
  }

  const remedy = computed<Remedy | null>(() => {
    const { cell, place, row } = mark
    if (cell.reason === 'someFailed') return { name: t('retryFailed'), act: retry }
    if (cell.reason === 'commentsClosed' && row.writtenHere)
      return {
        name: t('turnComments'),
        act: () => onPost({ kind: 'comments', isOn: true }, t('commentsOpenPost')),
      }
    if (cell.filter === 'notFeatured' && row.writtenHere)
      return {
        name: t('featurePost'),
        act: () => onPost({ kind: 'featured', isOn: true }, t('postFeaturedNow')),
      }
    if (!place.listingId) return null
    if (cell.reason === 'belowTheCut' && cell.position! <= 50)
      return {
        name: t('increasePositionPosts', { position: cell.position }),
        act: () =>
          onListing(
            (now) => ({ ...now, count: cell.position! }),
            (name) => t('nameShowsPositionNow', { name, position: cell.position }),
          ),
      }
    if (cell.reason === 'blogNotChosen')
      return {
        name: t('addBlogname', { blogName: row.blogName }),
        act: () =>
          onListing(
            (now) => ({ ...now, blogs: [...now.blogs, row.blogId] }),
            (name) => t('nameNowIncludesPosts', { name, blogName: row.blogName }),
          ),
      }
    if (cell.filter === 'categoryNotChosen' && row.category)
      return {
        name: t('chooseCategoryToo', { category: row.category }),
        act: () =>
          onListing(
            (now) => withCategory(now, row.category!),
            (name) => t('nameTakesCategoryToo', { name, category: row.category }),
          ),
      }
    return null
  })
  return { remedy, running: changes.act.running, trouble: changes.act.trouble }
}

function withCategory(definition: Schemas['ListingDefinition'], category: string): Schemas['ListingDefinition'] {
  const filter = definition.filter!
  const isOther = (term: string) => term.toLowerCase() !== category.toLowerCase()
  const categories = {
    any: filter.categories.any.length ? [...filter.categories.any.filter(isOther), category] : [],
    all: [],
    none: filter.categories.none.filter(isOther),
  }
  return { ...definition, filter: { ...filter, categories } }
}
