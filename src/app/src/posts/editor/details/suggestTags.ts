/** Tags in use whose words stand in the text and which the post does not have yet. */
export function suggestTags(text: string, tags: readonly string[], own: readonly string[]): string[] {
  const words = ` ${text.toLowerCase().replace(/[^\p{L}\p{N}]+/gu, ' ')} `
  const has = new Set(own.map((tag) => tag.toLowerCase()))
  return tags
    .filter(
      (tag) =>
        !has.has(tag.toLowerCase()) &&
        [` ${tag.toLowerCase()} `, ` ${tag.toLowerCase()}s `].some((word) => words.includes(word)),
    )
    .slice(0, 6)
}
