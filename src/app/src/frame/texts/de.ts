import type { Translated } from '../../texts'
import type en from './en'

const de: Translated<typeof en> = {
  // FindDialog
  coverage: 'Verbreitung',
  checkFeed: 'Feed prüfen',
  screen: 'Seite der Anwendung',
  searchPostsListingsBlogs: 'Beiträge, Listen, Blogs, Seiten und Einstellungen suchen',
  setting: 'Einstellung',
  recent: 'Zuletzt',
  findHint: 'Tippen Sie ein Wort: ein Beitrag, eine Liste, eine Seite oder eine Einstellung.',
  noResults: 'Nichts gefunden.',

  // doors: other words people look for a screen or a setting by
  forCoverage: 'wo, Tafel, Übersicht, fehlt',
  forWriting: 'neu, Entwurf, verfassen, Artikel',
  forConnecting: 'folgen, hinzufügen, abonnieren, Feed, Import, umbenennen, trennen, nicht mehr folgen, Blog entfernen',
  forChecking: 'validieren, reparieren, RSS, Atom, JSON, Fehler',
  forCalendar: 'planen, Termine, Monat, Redaktionsplan',
  forPictures: 'Fotos, Medien, Bibliothek, Alternativtext, hochladen',
  forTerms: 'Schlagwörter, Themen, Autoren, eigene Felder',
  forPages: 'Gestaltung, Vorlagen, Aussehen des Blogs',
  forImport: 'Export, CSV, Markdown, Sicherung, Umzug',
  forTimeline: 'gesendet, geplant, Zustellungen, Warteschlange',
  forMail: 'Newsletter, Rundbrief, Mail',
  forArrivals: 'Besucher, Statistik, Analyse, UTM, Klicks',
  forChannels: 'Konten, Webhook, Netzwerke, Verbindungen',
  forModeration: 'freigeben, wartend, gemeldet, Spam',
  forThreads: 'Seiten, Diskussionen, Codeschnipsel',
  forRules: 'Wörter, sperren, zurückhalten, ablehnen',
  forFilter: 'Spam, Wert, Training',
  forMarks: 'sperren, vertrauen, blockieren',
  forLog: 'Verlauf, Entscheidungen',
  forNotices: 'Mail, Hinweise',
  forCommentSettings: 'Optionen, konfigurieren, Vorgaben',
  forSegments: 'Gruppen, Zielgruppen',
  forForms: 'abonnieren, Anmeldung, einbetten',
  forGrowth: 'Statistik, dazugekommen, abgemeldet',
  forQuestions: 'Kontakt, Antworten, Formular',
  forSite: 'Optionen, Name, Domains',
  forTokens: 'API, Skripte, Passwort, Zugang',
  forWho: 'anonym, angemeldet, eingeladen',
  forAddress: 'Mail, freiwillig, anonym',
  forName: 'anonym, Pseudonym',
  forHolding: 'freigeben, Moderation, zuerst',
  forReports: 'melden, Missbrauch',
  forVotes: 'mögen, auf, ab, Punkte',
  forReactions: 'Emoji, mögen',
  forRating: 'Sterne, Bewertung',
  forAllowedPictures: 'Fotos, hochladen',
  forMentions: 'Webmention, Antworten anderswo',
  forOrder: 'sortieren, neueste, älteste, beste',
  forLevels: 'Verschachtelung, Einrückung, Tiefe',
  forPerPage: 'blättern, wie viele',
  forEditing: 'ändern, verbessern, bearbeiten',
  forIntroduction: 'Hinweis',
  forGuidelines: 'Regeln, Umgang',
  forClosing: 'sperren, alte Beiträge, Ende, abschalten',
  forSiteName: 'Titel',
  forHome: 'Website, URL, Adresse',
  forZone: 'Uhr, Region',
  forLanguage: 'Übersetzung',
  forDomains: 'CORS, erlauben, Hosts',
  forFollowing: 'Profile, Netzwerke',
  forSharing: 'Teilen, Netzwerke',
  forKey: 'Schlüssel der Website',
  forTeam: 'Personen, Mitglieder, einladen, Rollen, Nutzer',
  forActivity: 'Protokoll, Verlauf, wer',

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
