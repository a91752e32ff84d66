import type { Translated } from '../../texts'
import type en from './en'

const de: Translated<typeof en> = {
  // NoticeList
  dismissed: 'Ausgeblendet.',
  notices: 'Hinweise',
  view: 'Ansehen',
}

export default de
