export default {
  // ActsPart
  nothingYetPublishingBulk: 'Nothing yet. Publishing, bulk changes, imports and new team members are recorded here.',

  // AddressLines
  thisLink: 'this link',
  removeName: 'Remove {name}',
  addLink: 'Add link',
  saveLinks: 'Save links',

  // FollowPart
  profileAddress: 'Profile address',
  noLinksYetThey: 'No links yet. They appear in posts that contain a “Follow links” block.',
  everyPostBlockShows: 'Every post with the block shows these now.',

  // InvitePart
  asRole: 'as {role}, asked {when}',
  invitationSentMail: 'Invitation sent to {mail}.',
  invitationMailCancelled: 'Invitation to {mail} cancelled.',
  role: 'Role',
  invite: 'Invite',
  ifEmailDoesNot: 'If email does not arrive, pass this link to {mail} yourself. It is shown only now.',
  copyInvitationLink: 'Copy the invitation link',
  pendingInvitations: 'Pending invitations',
  sendAgain: 'Send again',
  cancelInvitation: 'Cancel invitation',

  // MembersPart
  removeFromTeamMeans: 'Access ends at once. What they wrote stays. To take them back you invite them again.',
  removeFromTeamAsk: 'Remove {name} from the team?',
  roleName: 'Role of {name}',
  removeFromTeam: 'Remove from team',

  // NewSiteView
  addWebsite: 'Add your website',
  enterWebsiteAlreadyHave: 'Enter the website you already have. Next you connect its blog.',
  addSite: 'Add site',

  // roles
  owner: 'Owner',
  editor: 'Editor',
  moderator: 'Moderator',
  writer: 'Writer',

  // SettingsView
  settingsSavedTheyApply: 'Settings saved. They apply to all pages now.',
  siteSettings: 'Site settings',
  theSite: 'The site',
  onlyOwnersCanChange: 'Only owners can change these settings.',
  copyPublicKey: 'Copy the public key',
  usedCommentSnippetsNot: 'Used in comment snippets. It is not secret.',

  // SharePart
  shareAddress: "Share address, with '{link}' and '{title}'",
  readersCanAlwaysShare:
    'Readers can always share by email, copy the link, or use their device’s share menu. Add other services here; nothing is loaded from them.',
  everyPostShowsThese: 'Every post shows these now.',

  // SiteForm
  englishBritain: 'English (Britain)',
  english: 'English',
  german: 'German',
  french: 'French',
  pagesTheseDomainsCan:
    'Pages on these domains can show this site’s listings and comments. The site’s own domain is always allowed.',
} as const
