import type { Translated } from '../../texts'
import type en from './en'

const de: Translated<typeof en> = {
  // FindDialog
  coverage: 'Verbreitung',
  checkFeed: 'Feed prüfen',
  screen: 'Seite der Anwendung',
  searchPostsListingsBlogs: 'Beiträge, Listen, Blogs und Seiten suchen',
  noResults: 'Nichts gefunden.',

  // FrameView
  skipMainContent: 'Zum Inhalt springen',
  antiphonHomeCoverage: 'Antiphon, Startseite: Verbreitung',
  goingOut: 'Geht hinaus',
  toldUnreadNotices: '{told} ungelesene Hinweise',
  comingBack: 'Kommt zurück',
  commentsWaitingModeration: '{waiting, plural, one {# Kommentar wartet} other {# Kommentare warten}} auf Moderation',
  search: 'Suche',

  // LoadingLine
  someCouldNotLoad: 'Ein Teil dieser Seite konnte nicht geladen werden.',
  tryAgain: 'Noch einmal versuchen',

  // KeysDialog
  ctrlK: 'Strg K',
  showKeyboardShortcuts: 'Tastenkürzel zeigen',
  moveThroughQueue: 'Durch die Warteschlange gehen',
  banCommenter: 'Verfasser sperren',
  shift2Shift3: 'Umschalt 2, Umschalt 3',
  hideAllCommentsBy: 'Alle Kommentare dieses Verfassers ausblenden oder als Spam markieren',
  addInternalNote: 'Interne Notiz hinzufügen',
  trustCommenter: 'Verfasser vertrauen',
  moreActions: 'Weitere Aktionen',
  undoLastAction: 'Letzte Aktion rückgängig machen',
  moveBetweenCells: 'Zwischen Feldern wechseln',
  enter: 'Eingabe',
  showDetails: 'Einzelheiten zeigen',
  esc: 'Esc',
  closeDetails: 'Einzelheiten schließen',
  moveThroughFindings: 'Durch die Befunde gehen',
  ctrlS: 'Strg S',
  keyboardShortcuts: 'Tastenkürzel',

  // LostView
  pageNotFound: 'Seite nicht gefunden',
  linkMayOutDate: 'Der Link ist veraltet oder enthält einen Tippfehler.',
  goCoverage: 'Zur Verbreitung',

  // PersonMenu
  matchSystem: 'Wie das System',
  nameAccountThemeSign: '{name}: Konto, Darstellung, Abmelden',
  apiTokens: 'API-Token',
  signOut: 'Abmelden',

  // places
  mentions: 'Erwähnungen',

  // SiteSwitch
  siteNameSwitchSite: 'Website: {name}. Website wechseln',
  siteSettings: 'Einstellungen der Website',
  addSite: 'Website hinzufügen',
}

export default de
