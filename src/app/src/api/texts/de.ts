import type { Translated } from '../../texts'
import type en from './en'

const de: Translated<typeof en> = {
  serverAnswered: 'Der Server hat mit {status} geantwortet.',
  serverUnreachable: 'Der Server ist nicht erreichbar. Prüfen Sie die Verbindung und versuchen Sie es noch einmal.',
}

export default de
