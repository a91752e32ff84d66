import type { Translated } from '../../texts'
import type en from './en'

const de: Translated<typeof en> = {
  // ArrivalsView
  aWeek: 'Eine Woche',
  aMonth: 'Ein Monat',
  threeMonths: 'Drei Monate',
  other: 'Andere',
  fromLinkTag: 'aus der Quellenangabe des Links',
  fromBrowserReferrer: 'aus dem Referrer des Browsers',
  trafficSources: 'Besuchsquellen',
  visitsNoCookiesNo: '{total, plural, one {# Besuch} other {# Besuche}}. Keine Cookies, keine Verfolgung.',
  noVisitsPeriod: 'Keine Besuche in diesem Zeitraum',
  visitsCountedPagesPosts:
    'Besuche werden auf den Seiten Ihrer Beiträge gezählt, hier und auf Ihrer Website. Links in Kanälen und E-Mails tragen eine Quellenangabe.',
  totalReadersByWhat: '{total} Leser nach dem, was sie gebracht hat',
  visits: 'Besuche',
  post: 'Beitrag',

  // YieldTable
  clicksEmailNotCounted: 'Klicks in dieser E-Mail werden nicht gezählt',
  linksHaveNoSource: 'Links tragen keine Quellenangabe. Ergänzen Sie eine in den Einstellungen des Kanals.',
  channel: 'Kanal',
  delivered: 'Zugestellt',
  opens: 'Öffnungen',
  replies: 'Antworten',
  notCounted: 'Nicht gezählt',
}

export default de
