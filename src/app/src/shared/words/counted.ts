/** "1 post", "41 posts". */
export function counted(count: number, one: string, many = one + 's'): string {
  return `${count.toLocaleString('en-GB')} ${count === 1 ? one : many}`
}
