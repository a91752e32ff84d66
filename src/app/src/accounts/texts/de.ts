import type { Translated } from '../../texts'
import type en from './en'

const de: Translated<typeof en> = {
  // AccountView
  revokeMeans: 'Skripte mit diesem Token werden ab sofort abgewiesen.',
  revokeAsk: '„{name}“ widerrufen?',
  tokenNameRevoked: 'Token „{name}“ widerrufen.',
  apiTokens: 'API-Token',
  programsSignTokenToken: 'Programme melden sich mit einem Token an. Ein Token darf dasselbe wie Sie.',
  tokenName: 'Name des Tokens',
  createToken: 'Token erstellen',
  copyTokenNameNow: 'Kopieren Sie das Token „{name}“ jetzt. Es wird nicht noch einmal angezeigt.',
  copyToken: 'Token kopieren',
  created: 'Erstellt',
  lastUsed: 'Zuletzt benutzt',
  revoke: 'Widerrufen',
  noTokensYetCreate: 'Noch keine Token. Erstellen Sie eines für ein Skript oder ein anderes Programm.',

  // JoinView
  someone: 'Jemand',
  byInvitedJoinRole: '{by} lädt Sie ein, als {role} mitzuarbeiten. Ihr Konto lautet auf {mail}.',
  wasCancelledUsedAlready:
    'Sie wurde zurückgenommen, schon benutzt oder ist älter als zwei Wochen. Bitten Sie den Absender um eine neue.',
  loadingInvitation: 'Einladung wird geladen …',
  teamSitename: 'Das Team von {siteName}',
  invitationNoLongerValid: 'Diese Einladung ist nicht mehr gültig',
  anInvitation: 'Eine Einladung',
  yourName: 'Ihr Name',
  passwordAccount: 'Passwort Ihres Kontos',
  choosePassword: 'Passwort wählen',
  leastTenCharactersShort: 'Mindestens zehn Zeichen. Ein kurzer Satz lässt sich leicht merken.',
  join: 'Beitreten',
  signIn: 'Anmelden',

  // SetupView
  createOwnerAccount: 'Konto des Inhabers anlegen',
  installationNewWhoeverCreates: 'Diese Installation ist neu. Wer das erste Konto anlegt, wird ihr Inhaber.',
  password: 'Passwort',
  leastTenCharactersShortSentence: 'Mindestens zehn Zeichen; ein kurzer Satz lässt sich am leichtesten merken.',
  setUpKey: 'Einrichtungsschlüssel',
  serversLogFileSetup: 'Er steht im Protokoll des Servers und in der Datei setup-key in seinem Datenordner.',
  createAccount: 'Konto anlegen',
}

export default de
