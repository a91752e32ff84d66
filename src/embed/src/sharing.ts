/** Shows what the browser can do beside the plain links that pass a post on: copying its address, and its own sheet. */
export function offerSharing(within: ParentNode): void {
  for (const line of within.querySelectorAll<HTMLElement>('.antiphon-share')) {
    const { address: url = '', title = '', copied = '' } = line.dataset
    const offer = (name: string, canDo: boolean, act: (button: HTMLButtonElement) => Promise<void>) => {
      const button = line.querySelector<HTMLButtonElement>(`[data-${name}]`)
      if (!button || !canDo) return
      button.hidden = false
      button.onclick = () => void act(button).catch(() => {})
    }
    offer('copy', !!navigator.clipboard, async (button) => {
      await navigator.clipboard.writeText(url)
      button.textContent = copied
    })
    offer('sheet', !!navigator.share, () => navigator.share({ title, url }))
  }
}
