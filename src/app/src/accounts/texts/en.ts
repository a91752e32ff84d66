export default {
  // AccountView
  revokeMeans: 'Scripts that use this token are refused from now on.',
  revokeAsk: 'Revoke “{name}”?',
  tokenNameRevoked: 'Token “{name}” revoked.',
  apiTokens: 'API tokens',
  programsSignTokenToken: 'Programs sign in with a token. A token has the same permissions as you.',
  tokenName: 'Token name',
  createToken: 'Create token',
  copyTokenNameNow: 'Copy the token “{name}” now. You won’t be able to see it again.',
  copyToken: 'Copy the token',
  created: 'Created',
  lastUsed: 'Last used',
  revoke: 'Revoke',
  noTokensYetCreate: 'No tokens yet. Create one for a script or another program.',

  // JoinView
  someone: 'Someone',
  byInvitedJoinRole: '{by} invited you to join as {role}, using {mail}.',
  wasCancelledUsedAlready:
    'It was cancelled, used already, or is older than two weeks. Ask whoever sent it for a new one.',
  loadingInvitation: 'Loading invitation …',
  teamSitename: 'The team of {siteName}',
  invitationNoLongerValid: 'This invitation is no longer valid',
  anInvitation: 'An invitation',
  yourName: 'Your name',
  passwordAccount: 'Password of your account',
  choosePassword: 'Choose a password',
  leastTenCharactersShort: 'At least ten characters. A short sentence is easy to remember.',
  join: 'Join',
  signIn: 'Sign in',

  // SetupView
  createOwnerAccount: 'Create the owner account',
  installationNewWhoeverCreates: 'This installation is new. Whoever creates the first account becomes its owner.',
  password: 'Password',
  leastTenCharactersShortSentence: 'At least ten characters; a short sentence is easiest to keep in mind.',
  setUpKey: 'Set-up key',
  serversLogFileSetup: 'It is in the server’s log, and in the file setup-key in its data folder.',
  createAccount: 'Create account',
} as const
