/** What every area says in German, by the file of its catalogue; one file to fetch. */
export default import.meta.glob<Readonly<Record<string, string>>>(['../*/texts/de.ts', './common/de.ts'], {
  import: 'default',
  eager: true,
})
