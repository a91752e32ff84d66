import { createRouter, createWebHistory } from 'vue-router'
import { readSession } from './accounts'

const framed = { framed: true }

/** Every screen has an address; filters and selections stand in its query. */
export const router = createRouter({
  history: createWebHistory(),
  routes: [
    { path: '/', name: 'start', component: () => import('./sites/StartView.vue') },
    { path: '/sign-in', name: 'sign-in', component: () => import('./accounts/SignInView.vue'), meta: { open: true } },
    { path: '/setup', name: 'setup', component: () => import('./accounts/SetupView.vue'), meta: { open: true } },
    { path: '/join/:key', name: 'join', component: () => import('./accounts/JoinView.vue'), meta: { public: true } },
    { path: '/sites/new', name: 'new-site', component: () => import('./sites/NewSiteView.vue') },
    { path: '/s/:site(\\d+)', name: 'coverage', component: () => import('./coverage/CoverageView.vue'), meta: framed },
    { path: '/s/:site(\\d+)/posts', name: 'posts', component: () => import('./posts/PostsView.vue'), meta: framed },
    {
      path: '/s/:site(\\d+)/posts/pictures',
      name: 'pictures',
      component: () => import('./pictures/PicturesView.vue'),
      meta: framed,
    },
    {
      path: '/s/:site(\\d+)/posts/calendar',
      name: 'calendar',
      component: () => import('./posts/calendar/CalendarView.vue'),
      meta: framed,
    },
    {
      path: '/s/:site(\\d+)/posts/terms',
      name: 'terms',
      component: () => import('./posts/terms/TermsView.vue'),
      meta: framed,
    },
    {
      path: '/s/:site(\\d+)/posts/pages',
      name: 'pages',
      component: () => import('./blogs/PagesView.vue'),
      meta: framed,
    },
    {
      path: '/s/:site(\\d+)/posts/bring-in',
      name: 'imports',
      component: () => import('./importing/ImportsView.vue'),
      meta: framed,
    },
    {
      path: '/s/:site(\\d+)/posts/bring-in/:import(\\d+)',
      name: 'import',
      component: () => import('./importing/ImportView.vue'),
      meta: framed,
    },
    {
      path: '/s/:site(\\d+)/posts/new',
      name: 'new-post',
      component: () => import('./posts/EditorView.vue'),
      meta: framed,
    },
    {
      path: '/s/:site(\\d+)/posts/:post(\\d+)',
      name: 'post',
      component: () => import('./posts/EditorView.vue'),
      meta: framed,
    },
    {
      path: '/s/:site(\\d+)/posts/:post(\\d+)/where',
      name: 'where',
      component: () => import('./coverage/WhereView.vue'),
      meta: framed,
    },
    {
      path: '/s/:site(\\d+)/connect',
      name: 'connect',
      component: () => import('./blogs/ConnectView.vue'),
      meta: framed,
    },
    {
      path: '/s/:site(\\d+)/listings',
      name: 'listings',
      component: () => import('./listings/ListingsView.vue'),
      meta: framed,
    },
    {
      path: '/s/:site(\\d+)/listings/:listing(\\d+)',
      name: 'listing',
      component: () => import('./listings/BuilderView.vue'),
      meta: framed,
    },
    {
      path: '/s/:site(\\d+)/controls',
      name: 'controls',
      component: () => import('./frame/ControlsView.vue'),
      meta: framed,
    },
    { path: '/s/:site(\\d+)/feeds', name: 'feeds', component: () => import('./feeds/FeedsView.vue'), meta: framed },
    {
      path: '/s/:site(\\d+)/feeds/check',
      name: 'check',
      component: () => import('./feeds/checking/CheckView.vue'),
      meta: framed,
    },
    {
      path: '/s/:site(\\d+)/feeds/runs/:run(\\d+)',
      name: 'check-run',
      component: () => import('./feeds/runs/RunView.vue'),
      meta: framed,
    },
    {
      path: '/s/:site(\\d+)/feeds/watched/:feed(\\d+)',
      name: 'watched',
      component: () => import('./feeds/monitoring/WatchedView.vue'),
      meta: framed,
    },
    {
      path: '/s/:site(\\d+)/channels/mail',
      name: 'channel-mail',
      component: () => import('./mailing/MailView.vue'),
      meta: framed,
    },
    {
      path: '/s/:site(\\d+)/channels/mail/:digest(\\d+|new)',
      name: 'digest',
      component: () => import('./mailing/DigestView.vue'),
      meta: framed,
    },
    {
      path: '/s/:site(\\d+)/channels/arrivals',
      name: 'arrivals',
      component: () => import('./referrals/ArrivalsView.vue'),
      meta: framed,
    },
    {
      path: '/s/:site(\\d+)/channels/set-up',
      name: 'channel-set-up',
      component: () => import('./channels/setup/SetUpView.vue'),
      meta: framed,
    },
    {
      path: '/s/:site(\\d+)/channels',
      name: 'channels',
      component: () => import('./timeline/ChannelsView.vue'),
      meta: framed,
    },
    {
      path: '/s/:site(\\d+)/comments',
      name: 'comments',
      component: () => import('./comments/ModerationView.vue'),
      meta: framed,
    },
    {
      path: '/s/:site(\\d+)/comments/rules',
      name: 'comment-rules',
      component: () => import('./comments/deciding/RulesView.vue'),
      meta: framed,
    },
    {
      path: '/s/:site(\\d+)/comments/marks',
      name: 'comment-marks',
      component: () => import('./comments/MarksView.vue'),
      meta: framed,
    },
    {
      path: '/s/:site(\\d+)/comments/record',
      name: 'comment-record',
      component: () => import('./comments/RecordView.vue'),
      meta: framed,
    },
    {
      path: '/s/:site(\\d+)/comments/notices',
      name: 'comment-notices',
      component: () => import('./comments/NoticesView.vue'),
      meta: framed,
    },
    {
      path: '/s/:site(\\d+)/comments/filter',
      name: 'comment-filter',
      component: () => import('./comments/deciding/FilterView.vue'),
      meta: framed,
    },
    {
      path: '/s/:site(\\d+)/comments/settings',
      name: 'comment-settings',
      component: () => import('./comments/settings/CommentSettingsView.vue'),
      meta: framed,
    },
    {
      path: '/s/:site(\\d+)/comments/threads',
      name: 'threads',
      component: () => import('./comments/threads/ThreadsView.vue'),
      meta: framed,
    },
    {
      path: '/s/:site(\\d+)/mentions',
      name: 'mentions',
      component: () => import('./mentions/MentionsView.vue'),
      meta: framed,
    },
    {
      path: '/s/:site(\\d+)/readers/segments',
      name: 'segments',
      component: () => import('./subscribers/SegmentsView.vue'),
      meta: framed,
    },
    {
      path: '/s/:site(\\d+)/readers/forms',
      name: 'sign-up-forms',
      component: () => import('./subscribers/forms/FormsView.vue'),
      meta: framed,
    },
    {
      path: '/s/:site(\\d+)/readers/growth',
      name: 'growth',
      component: () => import('./subscribers/GrowthView.vue'),
      meta: framed,
    },
    {
      path: '/s/:site(\\d+)/readers/questions',
      name: 'questions',
      component: () => import('./subscribers/QuestionsView.vue'),
      meta: framed,
    },
    {
      path: '/s/:site(\\d+)/readers',
      name: 'readers',
      component: () => import('./subscribers/ReadersView.vue'),
      meta: framed,
      beforeEnter: (to) => (to.query.part === 'questions' ? `${to.path}/questions` : true),
    },
    {
      path: '/s/:site(\\d+)/settings',
      name: 'settings',
      component: () => import('./sites/SettingsView.vue'),
      meta: framed,
    },
    {
      path: '/s/:site(\\d+)/account',
      name: 'account',
      component: () => import('./accounts/AccountView.vue'),
      meta: framed,
    },
    { path: '/:rest(.*)*', name: 'lost', component: () => import('./frame/LostView.vue') },
  ],
})

router.beforeEach(async (to) => {
  // Whoever follows an invitation may be signed in or not.
  const session = await readSession()
  if (to.meta.public) return true
  if (session.needsSetup) return to.name === 'setup' ? true : { name: 'setup' }
  if (!session.person && !to.meta.open) return { name: 'sign-in', query: { to: to.fullPath } }
  if (session.person && to.meta.open) return { name: 'start' }
  return true
})
