const sum = (counts: number[], from: number, to: number) =>
  counts.slice(from, to).reduce((all, count) => all + count, 0)

/** Where thresholds would have sent decided comments, from how many had a score of so many hundredths. */
export function outcomeAt(good: number[], spam: number[], publish: number, putAside: number) {
  const of = (counts: number[]) =>
    [sum(counts, 0, publish), sum(counts, publish, putAside), sum(counts, putAside, counts.length)] as const
  const [goodPublished, goodWaiting, goodAsSpam] = of(good)
  const [spamPublished, spamWaiting, spamAsSpam] = of(spam)
  const aside = goodAsSpam + spamAsSpam
  const allSpam = spamPublished + spamWaiting + spamAsSpam
  return {
    goodPublished,
    goodWaiting,
    goodAsSpam,
    spamPublished,
    spamWaiting,
    spamAsSpam,
    precision: aside ? spamAsSpam / aside : null,
    recall: allSpam ? spamAsSpam / allSpam : null,
  }
}
