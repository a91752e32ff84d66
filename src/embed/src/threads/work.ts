/** First bits of the fractional parts of the cube roots of the first 64 primes, and of the square roots of the first 8 (FIPS 180-4, 4.2.2 and 5.3.3). */
const [rounds, start] = constants()

function constants(): [number[], number[]] {
  const primes: number[] = []
  for (let candidate = 2; primes.length < 64; candidate++)
    if (primes.every((prime) => candidate % prime)) primes.push(candidate)
  const part = (root: number) => ((root - Math.floor(root)) * 2 ** 32) | 0
  return [primes.map((prime) => part(Math.cbrt(prime))), primes.slice(0, 8).map((prime) => part(Math.sqrt(prime)))]
}

const turn = (word: number, by: number) => (word >>> by) | (word << (32 - by))

/** First word of the SHA-256 hash of a short ASCII text, of at most 55 characters a block (FIPS 180-4). The browser's own is missing on pages without TLS. */
export function firstWord(text: string): number {
  const blocks = (text.length + 9 + 63) >> 6
  const words = new Int32Array(blocks * 16)
  for (let at = 0; at < text.length; at++) words[at >> 2]! |= text.charCodeAt(at) << (24 - (at % 4) * 8)
  words[text.length >> 2]! |= 0x80 << (24 - (text.length % 4) * 8)
  words[words.length - 1] = text.length * 8
  const hash = [...start]
  const w = new Int32Array(64)
  for (let block = 0; block < words.length; block += 16) {
    for (let i = 0; i < 64; i++) w[i] = i < 16 ? words[block + i]! : mixed(w, i)
    const s = [...hash]
    for (let i = 0; i < 64; i++) {
      const [a, b, c, , e, f, g, h] = s as [number, number, number, number, number, number, number, number]
      const one = (h + (turn(e, 6) ^ turn(e, 11) ^ turn(e, 25)) + ((e & f) ^ (~e & g)) + rounds[i]! + w[i]!) | 0
      const two = ((turn(a, 2) ^ turn(a, 13) ^ turn(a, 22)) + ((a & b) ^ (a & c) ^ (b & c))) | 0
      s.pop()
      s[3] = (s[3]! + one) | 0
      s.unshift((one + two) | 0)
    }
    s.forEach((word, i) => (hash[i] = (hash[i]! + word) | 0))
  }
  return hash[0]! >>> 0
}

function mixed(w: Int32Array, i: number): number {
  const [a, b] = [w[i - 15]!, w[i - 2]!]
  return (
    (w[i - 16]! + w[i - 7]! + (turn(a, 7) ^ turn(a, 18) ^ (a >>> 3)) + (turn(b, 17) ^ turn(b, 19) ^ (b >>> 10))) | 0
  )
}

const bits = 12

/** The small piece of work that makes floods dear: a number that, written behind the key, gives a hash beginning with zero bits. */
export function work(key: string): string {
  let tried = 0
  while (firstWord(`${key}:${tried}`) >>> (32 - bits)) tried++
  return String(tried)
}
