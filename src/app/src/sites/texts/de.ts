import type { Translated } from '../../texts'
import type en from './en'

const de: Translated<typeof en> = {
  // ActsPart
  nothingYetPublishingBulk:
    'Noch nichts. Veröffentlichungen, Änderungen an vielen Beiträgen, Importe und neue Teammitglieder werden hier festgehalten.',

  // AddressLines
  thisLink: 'diesen Link',
  removeName: '{name} entfernen',
  addLink: 'Link hinzufügen',
  saveLinks: 'Links speichern',

  // FollowPart
  profileAddress: 'Adresse des Profils',
  noLinksYetThey: 'Noch keine Links. Sie erscheinen in Beiträgen mit einem Block „Folgen-Links“.',
  everyPostBlockShows: 'Jeder Beitrag mit dem Block zeigt sie jetzt.',

  // InvitePart
  asRole: 'als {role}, eingeladen {when}',
  invitationSentMail: 'Einladung an {mail} gesendet.',
  invitationMailCancelled: 'Einladung an {mail} zurückgenommen.',
  role: 'Rolle',
  invite: 'Einladen',
  ifEmailDoesNot: 'Kommt keine E-Mail an, geben Sie diesen Link selbst an {mail} weiter. Er wird nur jetzt angezeigt.',
  copyInvitationLink: 'Einladungslink kopieren',
  pendingInvitations: 'Offene Einladungen',
  sendAgain: 'Noch einmal senden',
  cancelInvitation: 'Einladung zurücknehmen',

  // MembersPart
  removeFromTeamMeans:
    'Der Zugang endet sofort. Was sie geschrieben haben, bleibt. Wer zurückkommen soll, wird neu eingeladen.',
  removeFromTeamAsk: '{name} aus dem Team entfernen?',
  roleName: 'Rolle von {name}',
  removeFromTeam: 'Aus dem Team entfernen',

  // NewSiteView
  addWebsite: 'Ihre Website hinzufügen',
  enterWebsiteAlreadyHave: 'Geben Sie die Website an, die Sie schon haben. Danach verbinden Sie ihren Blog.',
  addSite: 'Website hinzufügen',

  // roles
  owner: 'Inhaber',
  editor: 'Redakteur',
  moderator: 'Moderator',
  writer: 'Schreiber',

  // SettingsView
  settingsSavedTheyApply: 'Einstellungen gespeichert. Sie gelten jetzt auf allen Seiten.',
  siteSettings: 'Einstellungen der Website',
  theSite: 'Die Website',
  onlyOwnersCanChange: 'Nur Inhaber können diese Einstellungen ändern.',
  copyPublicKey: 'Öffentlichen Schlüssel kopieren',
  usedCommentSnippetsNot: 'Steht in den Codes für Kommentare. Er ist nicht geheim.',

  // SharePart
  shareAddress: "Adresse zum Teilen, mit '{link}' und '{title}'",
  readersCanAlwaysShare:
    'Leser können immer per E-Mail teilen, den Link kopieren oder das Teilen-Menü ihres Geräts nutzen. Ergänzen Sie hier weitere Dienste; von ihnen wird nichts geladen.',
  everyPostShowsThese: 'Jeder Beitrag zeigt sie jetzt.',

  // SiteForm
  englishBritain: 'Englisch (Großbritannien)',
  english: 'Englisch',
  german: 'Deutsch',
  french: 'Französisch',
  pagesTheseDomainsCan:
    'Seiten unter diesen Domains können Listen und Kommentare dieser Website zeigen. Die eigene Domain der Website ist immer erlaubt.',
}

export default de
