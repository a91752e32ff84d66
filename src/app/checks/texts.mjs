// What the types of the catalogues cannot hold: every key is used, every text is a pattern that can be read, every
// language has the places and plurals it needs, and every caller fills exactly the places of its text.
import { createRequire } from 'node:module'
import { readdirSync, readFileSync } from 'node:fs'
import { join, relative } from 'node:path'
import { pathToFileURL } from 'node:url'
import ts from 'typescript'

const require = createRequire(import.meta.url)
const { parse: parseComponent } = createRequire(require.resolve('vue'))('@vue/compiler-sfc')
const formatjs = createRequire(require.resolve('intl-messageformat'))
const { parse: parsePattern } = await import(pathToFileURL(formatjs.resolve('@formatjs/icu-messageformat-parser')))

const top = join(import.meta.dirname, '..', 'src')
const languages = ['en', 'de']
const faults = []
const ARGUMENT = 1
const PLURAL = 6
const TAG = 8
const known = ['b', 'em', 'code']

/** Every file of the workplace with its area; catalogues themselves left out. */
const files = readdirSync(top, { recursive: true, withFileTypes: true })
  .filter((entry) => entry.isFile() && /\.(ts|vue)$/.test(entry.name))
  .map((entry) => relative(top, join(entry.parentPath, entry.name)).replaceAll('\\', '/'))
const sources = files.filter((file) => !/(^|\/)(texts\/(\w+\/)?(en|de)|texts\/common\/\w+|schema\.d)\.ts$/.test(file))
const areaOf = (file) => (file.includes('/') ? file.split('/')[0] : 'frame')
const read = (file) => readFileSync(join(top, file), 'utf8')

/** A catalogue as its file, and the files of its parts, say it, by key. */
function catalogueOf(file) {
  const texts = new Map()
  const visit = (node) => {
    if (ts.isImportDeclaration(node) && !node.importClause.isTypeOnly)
      for (const [key, text] of catalogueOf(join(file, '..', `${node.moduleSpecifier.text}.ts`))) {
        if (texts.has(key)) faults.push(`${file} says ${key} twice`)
        texts.set(key, text)
      }
    else if (ts.isPropertyAssignment(node) && ts.isStringLiteralLike(node.initializer)) {
      const key = node.name.text
      if (texts.has(key)) faults.push(`${file} says ${key} twice`)
      texts.set(key, node.initializer.text)
    } else ts.forEachChild(node, visit)
  }
  visit(ts.createSourceFile(file, read(file), ts.ScriptTarget.Latest, true))
  return texts
}

/** Places and tags of a pattern, and the plurals it has forms for. */
function partsOf(pattern) {
  const names = new Set()
  const tags = new Set()
  const plurals = []
  const visit = (parts) => {
    for (const part of parts) {
      if (part.type >= ARGUMENT && part.type <= PLURAL) names.add(part.value)
      if (part.type === TAG && !known.includes(part.value)) tags.add(part.value)
      if (part.type === PLURAL) plurals.push(Object.keys(part.options))
      if (part.options) Object.values(part.options).forEach((option) => visit(option.value))
      if (part.children) visit(part.children)
    }
  }
  visit(parsePattern(pattern))
  // Values and tags are filled from one list: the value of a tag's name would be the tag itself.
  for (const tag of tags) if (names.has(tag)) throw new Error(`${tag} is both a value and a tag`)
  return { names: new Set([...names, ...tags]), plurals }
}

const catalogues = new Map()
for (const file of files.filter((name) => /(^|\/)texts\/(common\/)?en\.ts$/.test(name))) {
  const area = file.startsWith('texts/') ? 'common' : areaOf(file)
  const parts = new Map()
  for (const language of languages) {
    const translated = file.replace(/en\.ts$/, `${language}.ts`)
    if (!files.includes(translated)) {
      faults.push(`${translated} is missing`)
      continue
    }
    const needed = new Intl.PluralRules(language).resolvedOptions().pluralCategories
    for (const [key, pattern] of catalogueOf(translated)) {
      try {
        const { names, plurals } = partsOf(pattern)
        const english = parts.get(key)
        if (!english) parts.set(key, names)
        else if ([...names].sort().join() !== [...english].sort().join())
          faults.push(`${translated} ${key}: has the places ${[...names]}, English has ${[...english]}`)
        if (plurals.some((forms) => needed.some((form) => !forms.includes(form) && !forms.includes('other'))))
          faults.push(`${translated} ${key}: lacks a form for a number`)
      } catch (problem) {
        faults.push(`${translated} ${key}: is no pattern (${problem.message})`)
      }
    }
  }
  catalogues.set(area, parts)
}

const used = new Map([...catalogues.keys()].map((area) => [area, new Set()]))

/** Looks at what one piece of code asks of its catalogue; slots are filled by the markup around it. */
function lookAt(file, code, slots) {
  const area = areaOf(file)
  const keysIn = (node) =>
    ts.isStringLiteralLike(node)
      ? [node.text]
      : ts.isConditionalExpression(node)
        ? [...keysIn(node.whenTrue), ...keysIn(node.whenFalse)]
        : ts.isParenthesizedExpression(node)
          ? keysIn(node.expression)
          : []
  const visit = (node) => {
    ts.forEachChild(node, visit)
    holdNoSentence(file, node)
    if (!ts.isCallExpression(node) || !ts.isIdentifier(node.expression)) return
    const way = node.expression.text
    if (way !== 't' && way !== 'rich') return
    const [first, values] = node.arguments
    const given = values && ts.isObjectLiteralExpression(values) ? values.properties.map((one) => one.name?.text) : []
    const keys = keysIn(first)
    if (keys.length === 0) faults.push(`${file}: ${way}(…) names no key that can be followed`)
    for (const key of keys) {
      const home = catalogues.get(area)?.has(key) ? area : 'common'
      const names = catalogues.get(home).get(key)
      if (!names) {
        faults.push(`${file}: nothing is said under ${key}`)
        continue
      }
      used.get(home).add(key)
      const filled = [...given, ...(way === 'rich' ? slots : [])]
      for (const name of names) if (!filled.includes(name)) faults.push(`${file} ${key}: ${name} is not filled`)
      for (const name of given) if (!names.has(name)) faults.push(`${file} ${key}: has no place ${name}`)
    }
  }
  visit(ts.createSourceFile('code.ts', code, ts.ScriptTarget.Latest, true))
}

/** Holds that no sentence stands in code either, to be shown by whoever calls it. */
function holdNoSentence(file, node) {
  const isWords = ts.isStringLiteralLike(node) || ts.isTemplateHead(node)
  if (isWords && /^\p{Lu}[\p{Ll}’]*( [\p{L}’,]+){2}/u.test(node.text) && !fonts.includes(node.text))
    faults.push(`${file} says “${node.text}” itself`)
}

/** Words written where a text is shown, in place of a key of the catalogue: of markup, or of what an expression comes to. */
function wordsIn(code) {
  const says = (node) => {
    if (ts.isStringLiteralLike(node)) return [node.text]
    if (ts.isTemplateExpression(node))
      return [node.head, ...node.templateSpans.map((span) => span.literal)].map((one) => one.text)
    if (ts.isConditionalExpression(node)) return [...says(node.whenTrue), ...says(node.whenFalse)]
    if (ts.isParenthesizedExpression(node)) return says(node.expression)
    if (ts.isBinaryExpression(node) && spoken.includes(node.operatorToken.kind))
      return [...says(node.left), ...says(node.right)]
    return []
  }
  const [statement] = ts.createSourceFile('code.ts', code, ts.ScriptTarget.Latest, true).statements
  return statement && ts.isExpressionStatement(statement) ? says(statement.expression) : []
}
const spoken = [ts.SyntaxKind.PlusToken, ts.SyntaxKind.BarBarToken, ts.SyntaxKind.QuestionQuestionToken]
const shown = ['title', 'label', 'placeholder', 'hint', 'aria-label', 'alt']

/** Holds that what a part of a template shows comes from the catalogue; addresses and styles shown as examples, and the name of the house, are the same in every language. */
function holdNoWords(file, words) {
  for (const word of words)
    if (/\p{L}{2}/u.test(word) && !/^(https:\/\/|[\w:]+ \w+ \{)/.test(word) && !allowed.includes(word.trim()))
      faults.push(`${file} says “${word.trim()}” itself`)
}
const fonts = ['Instrument Sans Variable, sans-serif']
const allowed = ['Aa', 'Antiphon', 'Ctrl K']

/** Holds that a part that begins with a space stands behind one: markup drops a space at the start of what it holds. */
function holdSpaces(file, { children = [] }, text) {
  for (const part of children.slice(1)) {
    const [first] = part.tag === 'template' ? part.children : []
    if (first?.type !== 5) continue
    const [start, inner] = [part.loc.start.offset, first.loc.start.offset]
    if (/\s/.test(text[inner - 1]) && !/\s/.test(text[start - 1]))
      faults.push(`${file} loses the space before ${text.slice(inner, first.loc.end.offset)}`)
  }
}

/** Every expression of a template, with the slots of the element it stands at. */
function lookThrough(file, node, text, isCode = false) {
  const codeOf = (part) => text.slice(part.loc.start.offset, part.loc.end.offset)
  const slots = (node.children ?? []).flatMap((child) =>
    child.tag === 'template' ? child.props.filter((one) => one.name === 'slot').map((one) => one.arg?.content) : [],
  )
  if (node.type === 5) {
    lookAt(file, `(${codeOf(node.content)})`, [])
    if (!isCode) holdNoWords(file, wordsIn(`(${codeOf(node.content)})`))
  }
  if (node.type === 2 && !isCode) holdNoWords(file, [node.content])
  for (const one of node.props ?? []) {
    if (one.type === 6 && shown.includes(one.name) && one.value) holdNoWords(file, [one.value.content])
    if (one.type === 7 && one.exp && shown.includes(one.arg?.content))
      holdNoWords(file, wordsIn(`(${codeOf(one.exp)})`))
    if (one.type !== 7 || !one.exp || one.name === 'slot') continue
    const code = one.name === 'for' ? codeOf(one.forParseResult.source) : codeOf(one.exp)
    lookAt(file, one.name === 'on' ? `{${code}}` : `(${code})`, slots)
  }
  holdSpaces(file, node, text)
  for (const child of node.children ?? [])
    lookThrough(file, child, text, isCode || ['code', 'kbd', 'pre'].includes(node.tag))
}

for (const file of sources) {
  const text = read(file)
  if (file.endsWith('.ts')) lookAt(file, text, [])
  else {
    const { scriptSetup, template } = parseComponent(text, { filename: file }).descriptor
    if (scriptSetup) lookAt(file, scriptSetup.content, [])
    if (template) lookThrough(file, template.ast, text)
  }
}
for (const [area, parts] of catalogues)
  for (const key of parts.keys()) if (!used.get(area).has(key)) faults.push(`nobody says ${key} of ${area}`)

if (faults.length) {
  console.error(faults.join('\n'))
  process.exit(1)
}
