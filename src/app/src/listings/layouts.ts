import type { Schemas } from '../api'
import { t } from './texts'

/** A form of a listing, with its shape on a field of 40 by 24. Wide bars are pictures, thin ones text. */
interface Layout {
  value: Schemas['ListingLayout']
  name: string
  shape: string
}

/** All forms, the usual ones first. */
export const layouts: Layout[] = [
  { value: 'lines', name: t('lines'), shape: 'M2 2h36v2H2zM2 8h36v2H2zM2 14h36v2H2zM2 20h36v2H2z' },
  {
    value: 'rows',
    name: t('rows'),
    shape: 'M2 2h12v9H2zM17 4h21v2H17zM17 8h14v2H17zM2 13h12v9H2zM17 15h21v2H17zM17 19h14v2H17z',
  },
  { value: 'columns', name: t('columns'), shape: 'M2 2h10v20H2zM15 2h10v20H15zM28 2h10v20H28z' },
  {
    value: 'bricks',
    name: t('bricks'),
    shape: 'M2 2h10v12H2zM2 16h10v6H2zM15 2h10v6H15zM15 10h10v12H15zM28 2h10v15H28zM28 19h10v3H28z',
  },
  {
    value: 'zigzag',
    name: t('zigzag'),
    shape: 'M2 2h16v9H2zM21 4h17v2H21zM21 8h11v2H21zM22 13h16v9H22zM2 15h17v2H2zM2 19h11v2H2z',
  },
  {
    value: 'carousel',
    name: t('carousel'),
    shape: 'M0 4h5v12H0zM8 2h24v16H8zM35 4h5v12h-5zM16 20h2v2h-2zM19 20h2v2h-2zM22 20h2v2h-2z',
  },
  { value: 'ticker', name: t('ticker'), shape: 'M0 10h11v3H0zM14 10h14v3H14zM31 10h9v3h-9z' },
  { value: 'archive', name: t('archive'), shape: 'M2 2h20v2H2zM6 7h26v2H6zM6 11h20v2H6zM2 16h24v2H2zM2 20h18v2H2z' },
  {
    value: 'tagCloud',
    name: t('tagCloud'),
    shape: 'M3 3h9v2H3zM15 2h13v4H15zM31 3h6v2h-6zM2 10h14v4H2zM19 11h7v2h-7zM29 10h9v4h-9zM6 18h8v2H6zM17 17h15v4H17z',
  },
  {
    value: 'categoryIndex',
    name: t('categories'),
    shape: 'M2 3h20v2H2zM34 3h4v2h-4zM2 9h26v2H2zM34 9h4v2h-4zM2 15h16v2H2zM34 15h4v2h-4zM2 21h22v2H2zM34 21h4v2h-4z',
  },
  { value: 'search', name: t('search'), shape: 'M2 2h24v6H2zM28 2h10v6H28zM2 13h30v2H2zM2 18h24v2H2z' },
  {
    value: 'wholeBlog',
    name: t('wholeBlog'),
    shape:
      'M2 2h7v2H2zM12 2h7v2h-7zM28 1h10v4H28zM2 8h36v1H2zM2 12h14v10H2zM19 12h19v2H19zM19 16h17v2H19zM19 20h12v2H19z',
  },
]

/** What a form is called. */
export function layoutName(layout: Schemas['ListingLayout']): string {
  return layouts.find((one) => one.value === layout)?.name ?? layout
}
