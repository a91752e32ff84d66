import { reactive } from 'vue'
import { lineOf, type Schemas, upload } from '../api'

interface Upload {
  name: string
  part: number
  trouble: string
}

/** Pictures on their way to the library, one after the other; what is refused says why and stays listed. */
export function useUploads(site: () => number, done: (picture: Schemas['PictureView']) => void) {
  const uploads = reactive<Upload[]>([])

  async function send(files: Iterable<File>): Promise<void> {
    const list = [...files].map((file) => ({ file, row: reactive<Upload>({ name: file.name, part: 0, trouble: '' }) }))
    uploads.push(...list.map((one) => one.row))
    for (const { file, row } of list) {
      try {
        const path = `/api/sites/${site()}/pictures?name=${encodeURIComponent(file.name)}`
        done(await upload<Schemas['PictureView']>('POST', path, file, (part) => (row.part = part)))
        uploads.splice(uploads.indexOf(row), 1)
      } catch (reason) {
        row.trouble = lineOf(reason)
      }
    }
  }

  const forget = (row: Upload) => void uploads.splice(uploads.indexOf(row), 1)
  return { uploads, send, forget }
}
