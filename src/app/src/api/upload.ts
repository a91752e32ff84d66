import { language } from '../texts'
import { antiforgeryToken } from './client'
import { Problem } from './problem'

/** Sends a file as the body of a request and says how far it is, which fetch cannot. */
export function upload<T>(
  method: 'POST' | 'PUT',
  path: string,
  file: Blob,
  progress?: (part: number) => void,
): Promise<T> {
  return new Promise((resolve, reject) => {
    const request = new XMLHttpRequest()
    request.open(method, path)
    request.setRequestHeader('X-Antiphon-Antiforgery', antiforgeryToken())
    request.setRequestHeader('Accept-Language', language.slice(0, 2))
    request.setRequestHeader('Content-Type', 'application/octet-stream')
    request.responseType = 'json'
    request.upload.onprogress = (event) => progress?.(event.lengthComputable ? event.loaded / event.total : 0)
    request.onload = () =>
      request.status < 300 ? resolve(request.response as T) : reject(Problem.of(request.status, request.response))
    request.onerror = () => reject(new Error('unreachable'))
    request.send(file)
  })
}
